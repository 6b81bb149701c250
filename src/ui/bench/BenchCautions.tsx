import type { Plan } from '@/core/plan'
import { stageLabel, type StageId } from '@/core/stages'
import { zoneLabel } from '@/core/zones'
import styles from './bench.module.css'

const MOST = 5
const ORDER = { must: 0, should: 1, info: 2 }

/** One line each where the hand is; what still grows is left alone; what goes into the bath. */
export function BenchCautions({ plan, stage }: { plan: Plan; stage: StageId | null }) {
  const here = plan.cautions.filter((each) => each.stage === stage).sort((a, b) => ORDER[a.level] - ORDER[b.level])
  const mix = plan.bath.mixes.find((each) => each.stage === stage)
  const growing = stage === 'head' || stage === 'flat-work' ? plan.growing : []
  return (
    <>
      {here.slice(0, MOST).map(({ id, level, why }) => {
        const [first, rest] = splitWhy(why)
        return (
          <p key={id} className={styles.caution} data-level={level}>
            <b>{first}</b>
            {rest}
          </p>
        )
      })}
      {growing.map(({ zone, presentMm }) => (
        <p key={zone} className={styles.caution} data-level="should">
          <b>{zoneLabel(zone)}: leave</b>, {presentMm} mm, growing
        </p>
      ))}
      {mix && (
        <p className={styles.caution} data-level="info">
          <b>
            1:{mix.ratio}, {mix.productMl} ml
          </b>{' '}
          in {mix.waterMl} ml water
        </p>
      )}
      {stage === null && (
        <p className={styles.caution} data-level="info">
          First stage: {stageLabel(plan.stages[0]?.id ?? 'arrive')}.
        </p>
      )}
    </>
  )
}

/** The first clause is bold, the why follows. */
function splitWhy(why: string): [string, string] {
  const at = why.search(/[,:;.]/)
  return at < 0 ? [why, ''] : [why.slice(0, at), why.slice(at)]
}
