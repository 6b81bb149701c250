'use client'

import { Saying } from '@/ui/frame/Saying'

/** What is kept, and what to try. */
export default function ErrorPage({ reset }: { error: Error; reset: () => void }) {
  return (
    <main className="kv-page">
      <Saying
        title="This page could not be drawn"
        way={
          <button className="kv-button" onClick={reset}>
            Try again
          </button>
        }
      >
        Everything that was saved is kept. If it happens again, see whether Kovit still runs where you started it.
      </Saying>
    </main>
  )
}
