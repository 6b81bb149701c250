import { stoppedBy, underWay, type Step, type Visit, type VisitEvent } from '@/core/visit'
import { eventWords } from '../log/eventWords'
import { MainAction } from './MainAction'
import styles from './bench.module.css'

interface ActsProps {
  visit: Visit
  step: Step
  /** What undo takes back, and whether it is one's own; null when there is nothing. */
  undoable: { event: VisitEvent; own: boolean } | null
  /** Why the main action has to wait; null when it does not. */
  holdUp: string | null
  undo: () => void
  note: () => void
  find: () => void
  pause: () => void
  act: () => void
}

/** What the hand can do, within its reach. */
export function BenchActs({ visit, step, undoable, holdUp, undo, note, find, pause, act }: ActsProps) {
  const undoWords = undoable ? `Take back: ${eventWords(undoable.event)}` : undefined
  return (
    <footer className={styles.acts}>
      <button onClick={undo} disabled={!undoable} title={undoWords}>
        {undoable && !undoable.own ? `Undo ${undoable.event.by}’s` : 'Undo'}
      </button>
      <button onClick={note}>Note</button>
      <button onClick={find}>Finding</button>
      <button onClick={pause} disabled={underWay(visit) === null}>
        {visit.pausedSinceMs === null ? 'Pause' : 'Go on'}
      </button>
      <MainAction step={step} stopped={stoppedBy(visit) !== null} act={act} holdUp={holdUp} />
    </footer>
  )
}
