import { z } from 'zod'
import { cutLeaving, type Kit } from '../lengths'
import type { PlannedStage } from '../plan/plan'
import type { CardEntry } from '../request'
import type { StageId } from '../stages'
import { oneDecimal } from '../time/fit'
import type { ZoneId } from '../zones'

export const CATCH_UPS = ['comb-legs', 'one-pass', 'clip-feet', 'thin-ears', 'leave-tail', 'no-bow'] as const
export const CatchUpId = z.enum(CATCH_UPS)
export type CatchUpId = z.infer<typeof CatchUpId>

interface CatchUpFact {
  stage: StageId
  /** Zones whose cut changes. */
  zones: readonly ZoneId[]
  /** Only worth it where most of the zones are scissored. */
  scissored: boolean
  /** How much of the stage it wins. Source: from memory; that combed legs take half is common practice. */
  share: number
  /** Finish lost, 1 little to 5 much. Source: from memory. */
  cost: number
  words: string
  costs: string
}

/**
 * Ways to win minutes, and what each costs. Source: common practice. Safety, drying to the skin and the step-back are
 * not among them, and never will be.
 */
export const CATCH_UP_FACTS: Record<CatchUpId, CatchUpFact> = {
  'comb-legs': { stage: 'legs', zones: ['foreleg', 'thigh', 'stifle', 'hock'], scissored: true, share: 0.5, cost: 4, words: 'Comb the legs', costs: 'legs plainer than scissored' },
  'one-pass': { stage: 'body', zones: [], scissored: false, share: 1 / 3, cost: 3, words: 'One pass on the body', costs: 'tracks may show' },
  'clip-feet': { stage: 'feet', zones: ['forefoot', 'hindfoot'], scissored: true, share: 0.5, cost: 2, words: 'Round the feet by clipper', costs: 'a softer edge' },
  'thin-ears': { stage: 'head', zones: ['ear-edge'], scissored: true, share: 0.12, cost: 2, words: 'Thin the ears only', costs: 'ears less crisp' },
  'leave-tail': { stage: 'tail', zones: ['tail-base', 'tail', 'tail-tip'], scissored: false, share: 1, cost: 3, words: 'Leave the tail', costs: 'the tail waits for next time' },
  'no-bow': { stage: 'finish', zones: [], scissored: false, share: 0.5, cost: 1, words: 'Leave out the bow', costs: 'no bow or bandana' },
} // prettier-ignore

export interface CatchUp {
  id: CatchUpId
  savesMin: number
  costs: string
}

/** Less than this is not worth a word, min. */
const LEAST_MIN = 0.5

/** What could still be left out or made simpler. @param toCome stages that have not begun */
export function catchUps(toCome: readonly PlannedStage[], card: readonly CardEntry[]): CatchUp[] {
  return CATCH_UPS.flatMap((id) => {
    const { stage: stageId, zones, scissored, share, costs } = CATCH_UP_FACTS[id]
    const stage = toCome.find((each) => each.id === stageId)
    const there = card.filter(({ zone, method }) => zones.includes(zone) && method !== 'leave')
    const fits = (zones.length === 0 || there.length > 0) && (!scissored || there.filter(({ method }) => method === 'scissor').length * 2 > there.length)
    const savesMin = oneDecimal((stage?.p50 ?? 0) * share)
    return fits && savesMin >= LEAST_MIN ? [{ id, savesMin, costs }] : []
  })
} // prettier-ignore

interface CutPlan {
  stages: PlannedStage[]
  card: CardEntry[]
}

const WHY = 'To catch up'

/** The plan with some of it left out or made simpler. @param presentMm the coat before the groom */
export function catchUp<T extends CutPlan>(plan: T, taken: readonly CatchUpId[], kit: Kit, presentMm: ReadonlyMap<ZoneId, number>): T {
  return taken.reduce((now, id) => {
    const { stage, zones, share, scissored } = CATCH_UP_FACTS[id]
    const card = now.card.map((entry): CardEntry => {
      if (!zones.includes(entry.zone) || entry.method === 'leave' || (scissored && entry.method !== 'scissor')) return entry
      if (id === 'leave-tail') return { ...entry, method: 'leave', blade: null, comb: null, lay: null, lengthMm: presentMm.get(entry.zone) ?? entry.lengthMm, why: `${WHY}: waits for next time.` }
      if (id === 'thin-ears') return { ...entry, method: 'thin', why: `${WHY}: thinned only.` }
      const { method, blade, comb, lay, lengthMm } = cutLeaving(kit, entry.lengthMm)
      return method === 'clip' || method === 'comb' ? { ...entry, method, blade, comb, lay, lengthMm, why: `${WHY}: by clipper.` } : entry
    })
    const stages = now.stages.map((each) =>
      each.id === stage ? { ...each, p50: oneDecimal(each.p50 * (1 - share)), p90: oneDecimal(each.p90 * (1 - share)), why: `${each.why} ${WHY}.`.trim() } : each,
    )
    return { ...now, card, stages }
  }, plan)
} // prettier-ignore
