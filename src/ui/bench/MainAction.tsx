import { stageLabel } from '@/core/stages'
import type { Step } from '@/core/visit'
import styles from './bench.module.css'

/** The one large action, named by its result. */
export function MainAction({
  step,
  stopped,
  act,
  holdUp,
}: {
  step: Step
  /** The groom ends here: the handover is the only way on. */
  stopped: boolean
  act: () => void
  /** Why it has to wait; null when it does not. */ holdUp: string | null
}) {
  return (
    <button className={styles.main} onClick={act} disabled={holdUp !== null}>
      {holdUp ?? (stopped && step.do === 'start' ? 'Stop here, hand over' : wordsOf(step))}
    </button>
  )
}

function wordsOf(step: Step): string {
  switch (step.do) {
    case 'start':
      return step.done
        ? `${stageLabel(step.done)} done, start ${stageLabel(step.stage)}`
        : `Start ${stageLabel(step.stage)}`
    case 'wait':
      return step.stage === 'dry'
        ? `Into the cabinet, ${step.waitMin} min`
        : `It is on, let it work ${step.waitMin} min`
    case 'end-wait':
      return 'Out of the cabinet, dry by hand'
    case 'finish':
      return step.done ? `${stageLabel(step.done)} done, finish` : 'Finish'
    case 'resume':
      return 'Go on'
    case 'wrap-up':
      return 'Wrap up'
  }
}
