import Link from 'next/link'
import { SET_UP_STEPS, type SetUpStep } from '@/core/house'
import styles from './setUp.module.css'

interface StepTapeProps {
  steps: readonly SetUpStep[]
  left: readonly SetUpStep[]
  here: SetUpStep
  /** Whether the book is open, so that any step can be gone to. */
  open: boolean
}

/** The steps on a tape, each as long as the others: what is behind is filled, what is open carries the pin. */
export function StepTape({ steps, left, here, open }: StepTapeProps) {
  return (
    <nav aria-label="Steps" className={styles.tape}>
      <ol>
        {steps.map((step) => {
          const isDone = !left.includes(step)
          const words = (
            <>
              {SET_UP_STEPS[step]}
              <span className="kv-hidden">{isDone ? ', done' : ', to do'}</span>
            </>
          )
          return (
            <li key={step} data-done={isDone} data-here={step === here}>
              {open ? (
                <Link href={`/set-up?step=${step}`} aria-current={step === here ? 'step' : undefined}>
                  {words}
                </Link>
              ) : (
                <span aria-current={step === here ? 'step' : undefined}>{words}</span>
              )}
            </li>
          )
        })}
      </ol>
    </nav>
  )
}
