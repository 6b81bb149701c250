'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import type { Result } from '@/core/result'
import { May } from '../who/WhoHere'

interface CloseProps {
  visitId: number
  dogId: number
  finished: boolean
  closed: boolean
  liked: boolean | null
  close: (input: unknown) => Promise<Result<{ dogId: number }>>
}

/** How the owner liked it, and the one step that makes the card as cut the dog's own. */
export function CloseVisit({ visitId, dogId, finished, closed, liked, close }: CloseProps) {
  const router = useRouter()
  const [choice, setChoice] = useState<boolean | null>(liked)
  const [fault, setFault] = useState<string | null>(null)
  const [busy, start] = useTransition()
  if (!finished)
    return (
      <Link className="kv-button kv-main" href={`/visits/${visitId}/bench`}>
        Back to the bench
      </Link>
    )
  if (closed)
    return (
      <div style={{ display: 'flex', gap: 14, alignItems: 'center' }}>
        <span className="kv-quiet">
          The card as cut is kept{liked === null ? '' : liked ? ', liked' : ', not liked'}.
        </span>
        <Link className="kv-button" href={`/dogs/${dogId}`}>
          Open the file
        </Link>
      </div>
    )
  const save = () =>
    start(async () => {
      const answer = await close({ visitId, liked: choice })
      if (answer.ok) router.refresh()
      else setFault(answer.problems.map(({ sentence }) => sentence).join(' '))
    })
  return (
    <div style={{ display: 'flex', gap: 10, alignItems: 'center' }}>
      {fault && (
        <span role="alert" className="kv-late">
          {fault}
        </span>
      )}
      {[true, false].map((each) => (
        <button
          key={String(each)}
          className="kv-chip"
          aria-pressed={choice === each}
          onClick={() => setChoice(choice === each ? null : each)}
        >
          {each ? 'Liked' : 'Not liked'}
        </button>
      ))}
      <May right="bench">
        <button className="kv-button kv-main" onClick={save} disabled={busy}>
          Keep the card and close
        </button>
      </May>
    </div>
  )
}
