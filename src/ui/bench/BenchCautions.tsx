import type { ReactNode } from 'react'
import type { BathAim } from '@/core/bath'
import type { Plan } from '@/core/plan'
import { stageLabel, type StageId } from '@/core/stages'
import { zoneLabel } from '@/core/zones'
import type { LengthUnit } from '@/core/units'
import { showLength } from '../coat-map'
import type { Happening } from './useVisitLog'
import styles from './bench.module.css'

const ORDER = { must: 0, should: 1, info: 2 }

interface CautionsProps {
  plan: Plan
  stage: StageId | null
  /** Ids that were seen once today. */
  seen: readonly string[]
  own: readonly { id: number; stage: StageId; words: string }[]
  aims: readonly BathAim[]
  unit: LengthUnit
  add: (happening: Happening) => void
}

/** Cautions of this stage, one line each: the musts, and the rest; a must that was seen today shrinks to its first clause. */
export function benchCautions({ plan, stage, seen, own, aims, unit, add }: CautionsProps): {
  musts: ReactNode[]
  rest: ReactNode[]
} {
  const here = plan.cautions.filter((each) => each.stage === stage).sort((a, b) => rank(a, seen) - rank(b, seen))
  const unseen = here.filter(({ id, level }) => level === 'must' && !seen.includes(id))
  const mix = plan.bath.mixes.find((each) => each.stage === stage)
  const growing = stage === 'head' || stage === 'flat-work' ? plan.growing : []
  const line = ({ id, why }: Plan['cautions'][number], level: string) => {
    const [first, rest] = splitWhy(why)
    return (
      <p key={id} className={styles.caution} data-level={level}>
        <b>{first}</b>
        {!seen.includes(id) && <span className={styles.why}>{rest}</span>}
      </p>
    )
  }
  const seenMusts = here.filter(({ level }) => level === 'must').filter((each) => !unseen.includes(each))
  const musts: ReactNode[] = unseen.map((each) => line(each, 'must'))
  if (unseen.length > 0 && stage !== null)
    musts.push(
      <button
        key="seen"
        className={styles.seen}
        onClick={() => add({ kind: 'cautions-seen', stage, cautions: unseen.map(({ id }) => id) })}
      >
        Seen
      </button>,
    )
  return {
    musts: [...musts, ...seenMusts.map((each) => line(each, 'must'))],
    rest: [
      ...here.filter(({ level }) => level !== 'must').map((each) => line(each, each.level)),
      ...own
        .filter((each) => each.stage === stage)
        .map(({ id, words }) => (
          <Line key={`own${id}`} level="should" first="House:">
            {words}
          </Line>
        )),
      ...growing.map(({ zone, presentMm }) => (
        <p key={zone} className={styles.caution} data-level="should">
          <b>{zoneLabel(zone)}: leave</b>, {showLength(presentMm, unit)}, growing
        </p>
      )),
      mix && (
        <Line key="mix" level="info" first={`1:${mix.ratio}, ${mix.productMl} ml`}>
          in {mix.waterMl} ml water
        </Line>
      ),
      ...(stage === 'wash' || stage === 'condition' ? aims : []).map(({ id, words }) => (
        <Line key={id} level="info" first="Product:">
          {words}
        </Line>
      )),
      stage === null && (
        <p key="first" className={styles.caution} data-level="info">
          First stage: {stageLabel(plan.stages[0]?.id ?? 'arrive')}.
        </p>
      ),
    ],
  }
}

const Line = ({ level, first, children }: { level: string; first: string; children: ReactNode }) => (
  <p className={styles.caution} data-level={level}>
    <b>{first}</b> {children}
  </p>
)

/** Musts not yet seen, then what this dog adds, then what was seen. */
const rank = ({ id, level }: Plan['cautions'][number], seen: readonly string[]): number =>
  seen.includes(id) ? ORDER[level] + 3 : ORDER[level]

/** The first clause is bold, the why follows. */
function splitWhy(why: string): [string, string] {
  const at = why.search(/[,:;.](?!\d)/)
  return at < 0 ? [why, ''] : [why.slice(0, at), why.slice(at)]
}
