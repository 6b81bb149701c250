import type { Proposal, StandingDay } from '@/core/day'
import { May } from '../../who/WhoHere'
import styles from './hands.module.css'

interface PlanTakenProps {
  standing: StandingDay
  /** `10:12`, when the plan in force was taken. */
  takenAt: string | null
  proposal: Proposal | null
  /** What is proposed was found anew; else it is the day as it runs, with its messages. */
  isAnew: boolean
  /** What is proposed is on the screen. */
  looking: boolean
  busy: boolean
  fault: string | null
  /** Shows what is proposed; null where it cannot be shown here. */
  look: (() => void) | null
  take: () => void
  undo: () => void
}

/** Whose plan the day runs by; and where planning again from now is worth it, what changes, whom to tell and what it wins. */
export function PlanTaken(props: PlanTakenProps) {
  const { standing, takenAt, proposal, isAnew, looking, busy, fault, look, take, undo } = props
  const { taken, last } = standing
  const words = last === null ? null : UNDO_WORDS[last.deed.kind]
  return (
    <section className={styles.taken} aria-label="The plan of the day" data-proposed={proposal !== null || undefined}>
      <div>
        {taken === null ? (
          <p>
            <b>This plan is not taken yet.</b> Taken, it stays until somebody takes another.
          </p>
        ) : (
          <p>
            <b>
              By the plan that {taken.by} took at {takenAt}.
            </b>{' '}
            {proposal === null && 'It still does.'}
          </p>
        )}
        {proposal !== null && (
          <div role="status">
            <h2>Planned again from now</h2>
            <p>{proposal.changes}</p>
            <p>{proposal.tell}</p>
            <p>{proposal.wins}</p>
          </div>
        )}
      </div>
      {fault !== null && <p className="kv-notice kv-must">{fault}</p>}
      <May right="book">
        <p className={styles.acts}>
          {(taken === null || proposal !== null) && (
            <button type="button" className="kv-button" disabled={busy} onClick={take}>
              {proposal !== null && !isAnew ? 'Go on by it, and tell them' : 'Take this plan'}
            </button>
          )}
          {look !== null && isAnew && (
            <button type="button" className="kv-word" aria-pressed={looking} onClick={look}>
              {looking ? 'Look at the day as it runs' : 'Look at it'}
            </button>
          )}
          {words !== null && (
            <button type="button" className="kv-word" disabled={busy} onClick={undo}>
              {words}
            </button>
          )}
        </p>
      </May>
    </section>
  )
}

const UNDO_WORDS = {
  take: 'Undo: take the plan back',
  lock: 'Undo: what was fixed last',
  bay: 'Undo: what was said of the bay',
  undo: null,
} as const
