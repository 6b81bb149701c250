'use client'

import { useRouter } from 'next/navigation'
import { startTransition, useEffect } from 'react'
import { NoAnswer, askServer } from '@/ui/device/link'
import { FaultNumber } from '@/ui/frame/FaultNumber'
import { Saying } from '@/ui/frame/Saying'

const AGAIN_MS = 3000

interface Fault {
  error: Error & { digest?: string }
  reset: () => void
}

/** What is kept, and what to try; when the house answers again the page goes on by itself. */
export default function ErrorPage({ error, reset }: Fault) {
  const router = useRouter()
  useEffect(() => {
    const again = () =>
      startTransition(() => {
        router.refresh()
        reset()
      })
    const ask = () => void askServer('/health').then(({ status }) => status === 200 && again(), missed)
    const timer = setInterval(ask, AGAIN_MS)
    return () => clearInterval(timer)
  }, [router, reset])
  return (
    <main className="kv-page">
      <Saying
        title="Kovit is starting again; what you do is kept here"
        way={
          <button className="kv-button" onClick={reset}>
            Try again
          </button>
        }
      >
        This page could not be drawn just now. Everything that was saved is kept, and the page goes on by itself. If it
        stays so, see whether Kovit still runs where you started it.
      </Saying>
      <FaultNumber digest={error.digest} />
    </main>
  )
}

function missed(error: unknown): void {
  if (!(error instanceof NoAnswer)) throw error
}
