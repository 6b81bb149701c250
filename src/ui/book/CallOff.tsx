import type { BookLine } from '@/core/book'
import { Input } from 'antd'
import { useState } from 'react'
import type { BookView } from './view'
import styles from './book.module.css'

interface CallOffProps {
  line: BookLine
  view: BookView
  busy: boolean
  off: (input: { as: 'cancelled' | 'missed'; why: string }) => void
}

/** Nobody is missed before they should have been here for so long, min. Source: common practice. */
const NO_SHOW_MIN = 15

/** Takes a booking out of the book, with why; it is asked once more, for the slot is then free. */
export function CallOff({ line, view, busy, off }: CallOffProps) {
  const [why, setWhy] = useState<string | null>(null)
  const isPast = line.day < view.today || (line.day === view.today && line.from + NO_SHOW_MIN <= view.nowMin)
  if (why === null)
    return (
      <p className={styles.links}>
        <button type="button" className="kv-word kv-late" onClick={() => setWhy('')}>
          {isPast ? 'Cancel it, or nobody came' : 'Cancel it'}
        </button>
      </p>
    )
  return (
    <div className="kv-notice kv-must">
      <label className="kv-field">
        Who cancels, and why
        <Input value={why} maxLength={200} autoFocus onChange={(event) => setWhy(event.target.value)} />
      </label>
      <p className={styles.links}>
        <button type="button" className="kv-button" disabled={busy} onClick={() => off({ as: 'cancelled', why })}>
          Cancel {line.dog}’s time
        </button>
        {isPast && (
          <button type="button" className="kv-button" disabled={busy} onClick={() => off({ as: 'missed', why })}>
            Nobody came
          </button>
        )}
        <button type="button" className="kv-word" onClick={() => setWhy(null)}>
          Keep it
        </button>
      </p>
    </div>
  )
}
