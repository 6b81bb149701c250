import type { BathAim } from '@/core/bath'
import type { Plan } from '@/core/plan'
import { stageLabel, type StageId } from '@/core/stages'
import { zoneLabel } from '@/core/zones'
import type { Happening } from './useVisitLog'
import styles from './bench.module.css'

const MOST = 6
const ORDER = { must: 0, should: 1, info: 2 }

interface CautionsProps {
  plan: Plan
  stage: StageId | null
  /** Ids that were seen once today. */
  seen: readonly string[]
  own: readonly { id: number; stage: StageId; words: string }[]
  aims: readonly BathAim[]
  add: (happening: Happening) => void
}

/** One line each where the hand is, musts first; a must that was seen today shrinks to its first clause. */
export function BenchCautions({ plan, stage, seen, own, aims, add }: CautionsProps) {
  const here = plan.cautions.filter((each) => each.stage === stage).sort((a, b) => rank(a, seen) - rank(b, seen))
  const unseen = here.filter(({ id, level }) => level === 'must' && !seen.includes(id))
  const mix = plan.bath.mixes.find((each) => each.stage === stage)
  const growing = stage === 'head' || stage === 'flat-work' ? plan.growing : []
  return (
    <>
      {here.slice(0, Math.max(MOST, unseen.length)).map(({ id, level, why }) => {
        const [first, rest] = splitWhy(why)
        return (
          <p key={id} className={styles.caution} data-level={level}>
            <b>{first}</b>
            {seen.includes(id) ? '' : rest}
          </p>
        )
      })}
      {unseen.length > 0 && stage !== null && (
        <button
          className={styles.seen}
          onClick={() => add({ kind: 'cautions-seen', stage, cautions: unseen.map(({ id }) => id) })}
        >
          Seen
        </button>
      )}
      {own
        .filter((each) => each.stage === stage)
        .map(({ id, words }) => (
          <p key={`own${id}`} className={styles.caution} data-level="should">
            <b>House:</b> {words}
          </p>
        ))}
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
      {(stage === 'wash' || stage === 'condition') &&
        aims.map(({ id, words }) => (
          <p key={id} className={styles.caution} data-level="info">
            <b>Product:</b> {words}
          </p>
        ))}
      {stage === null && (
        <p className={styles.caution} data-level="info">
          First stage: {stageLabel(plan.stages[0]?.id ?? 'arrive')}.
        </p>
      )}
    </>
  )
}

/** Musts not yet seen, then what this dog adds, then what was seen. */
const rank = ({ id, level }: Plan['cautions'][number], seen: readonly string[]): number =>
  seen.includes(id) ? ORDER[level] + 3 : ORDER[level]

/** The first clause is bold, the why follows. */
function splitWhy(why: string): [string, string] {
  const at = why.search(/[,:;.](?!\d)/)
  return at < 0 ? [why, ''] : [why.slice(0, at), why.slice(at)]
}
