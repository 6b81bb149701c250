'use client'

import { useRouter } from 'next/navigation'
import { useEffect, useState } from 'react'
import type { Result } from '@/core/result'
import { NoAnswer, askServer, heardSomebody } from '../device/link'
import { Sheet } from '../frame/Sheet'
import type { TableActs, TableView } from './acts'
import { AtTable } from './AtTable'

interface TableOverProps {
  acts: TableActs
  /** Nobody is at the table: the page cannot be gone on with before somebody is. */
  must: boolean
  onDone: () => void
  onClose: () => void
}

/** Asks who is at the table, over the page: the dog under the hand stays where it is. */
export function TableOver({ acts, must, onDone, onClose }: TableOverProps) {
  const router = useRouter()
  const [view, setView] = useState<TableView | null>(null)
  const [missed, setMissed] = useState(false)
  useEffect(() => {
    const ask = async () => {
      try {
        const { body } = await askServer('/who/table')
        const answer = body as Result<TableView | null>
        if (answer.ok) setView(answer.value)
        setMissed(!answer.ok)
      } catch (error) {
        if (!(error instanceof NoAnswer)) throw error
        setMissed(true)
      }
    }
    void ask()
    const timer = setInterval(() => void ask(), 5000)
    return () => clearInterval(timer)
  }, [])
  const leave = () =>
    void acts.signOut('here').then(() => {
      onClose()
      router.push('/sign-in')
    })
  const done = () => {
    heardSomebody()
    onDone()
    router.refresh()
  }
  return (
    <Sheet title="Who is at the table?" must={must} onClose={onClose}>
      {must && <p className="kv-quiet">What was noted is kept. Say who goes on.</p>}
      {view && <AtTable view={view} acts={acts} onDone={done} />}
      {view === null && missed && (
        <p className="kv-caution">Kovit does not answer now, so nobody can sign in. It is asked again by itself.</p>
      )}
      {view?.who && !must && (
        <button type="button" className="kv-word" onClick={leave}>
          Sign {view.who.name} out
        </button>
      )}
    </Sheet>
  )
}
