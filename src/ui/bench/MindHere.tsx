import type { PlannedStage } from '@/core/plan'
import { stageLabel } from '@/core/stages'
import { missedStages, type Visit } from '@/core/visit'
import type { BenchProps } from './props'
import { BenchCautions } from './BenchCautions'
import type { Happening } from './useVisitLog'
import styles from './bench.module.css'

interface MindProps extends BenchProps {
  visit: Visit
  stage: PlannedStage | null
  refused: string | null
  add: (happening: Happening) => void
}

/** Cautions of this stage, stages that were passed over, the last note, and what the owner asked. */
export function MindHere({ plan, asked, visit, stage, refused, add }: MindProps) {
  const missed = missedStages(plan.stages, visit)
  const note = visit.notes.at(-1)
  return (
    <section className={styles.mind} aria-label="Mind here">
      <BenchCautions plan={plan} stage={stage?.id ?? null} />
      {missed.length > 0 && (
        <div className={styles.missed} role="alert">
          <b>Passed over: {missed.map(({ id }) => stageLabel(id)).join(', ')}.</b>
          {missed.slice(0, 2).map(({ id }) => (
            <span key={id} className={styles.missedActs}>
              <button onClick={() => add({ kind: 'stage-started', stage: id })}>Do {stageLabel(id)} now</button>
              <button onClick={() => add({ kind: 'stage-skipped', stage: id, why: 'Left out on the bench.' })}>
                Leave it out
              </button>
            </span>
          ))}
        </div>
      )}
      {note && (
        <p className={styles.words}>
          <b>Noted:</b> {note.words}
        </p>
      )}
      {asked && (
        <p className={styles.words}>
          <b>Asked for:</b> {asked}
        </p>
      )}
      {refused && (
        <p role="alert" className="kv-notice kv-must kv-late">
          {refused}
        </p>
      )}
    </section>
  )
}
