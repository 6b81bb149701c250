import { InputNumber } from 'antd'
import { programmeWords, type GroomKind } from '@/core/repeats'
import type { Again } from './useBooking'
import styles from './booking.module.css'

/** Where nobody says how often, weeks. Source: common practice. */
const USUAL_WEEKS = 6

const KINDS: readonly { label: string; steps: GroomKind[] | null }[] = [
  { label: 'Once', steps: null },
  { label: 'Again and again', steps: ['full'] },
  { label: 'Full groom and bath and tidy in turn', steps: ['full', 'tidy'] },
]

interface AgainProps {
  dogName: string
  again: Again
  /** How often this dog comes, weeks. */
  usual: number | null
  set: (again: Again) => void
}

/** Once, every so many weeks, or a programme of two grooms in turn. */
export function AgainChoice({ dogName, again, usual, set }: AgainProps) {
  const weeks = again.kind === 'again' ? again.everyWeeks : (usual ?? USUAL_WEEKS)
  const length = again.kind === 'again' ? again.steps.length : 0
  return (
    <div>
      <p role="group" aria-label="How often" className={styles.chips}>
        {KINDS.map(({ label, steps }) => (
          <button
            key={label}
            type="button"
            className="kv-chip"
            aria-pressed={length === (steps?.length ?? 0)}
            onClick={() => set(steps ? { kind: 'again', steps, everyWeeks: weeks } : { kind: 'once' })}
          >
            {label}
          </button>
        ))}
        {again.kind === 'again' && (
          <label className={styles.weeks}>
            every{' '}
            <InputNumber<number>
              min={1}
              max={26}
              precision={0}
              aria-label="Weeks between"
              value={again.everyWeeks}
              onChange={(everyWeeks) => everyWeeks !== null && set({ ...again, everyWeeks })}
            />{' '}
            weeks
          </label>
        )}
      </p>
      {again.kind === 'again' && (
        <p className="kv-small">
          {dogName} is booked {programmeWords(again)} for half a year; what falls on a closed day moves to the nearest
          open one and says so.
        </p>
      )}
    </div>
  )
}
