import { z } from 'zod'
import { byHand, clipperFor, cutOf, type Cut, type Kit, type Lay } from '../lengths'
import type { PlannedStage, StageId } from '../stages'
import type { CardEntry } from '../request'
import { oneDecimal } from '../time/fit'
import type { Side, ZoneId } from '../zones'

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
  'comb-legs': {
    stage: 'legs',
    zones: ['foreleg', 'thigh', 'stifle', 'hock'],
    scissored: true,
    share: 0.5,
    cost: 4,
    words: 'Comb the legs',
    costs: 'legs plainer than scissored',
  },
  'one-pass': {
    stage: 'body',
    zones: [],
    scissored: false,
    share: 1 / 3,
    cost: 3,
    words: 'One pass on the body',
    costs: 'tracks may show',
  },
  'clip-feet': {
    stage: 'feet',
    zones: ['forefoot', 'hindfoot'],
    scissored: true,
    share: 0.5,
    cost: 2,
    words: 'Round the feet by clipper',
    costs: 'a softer edge',
  },
  'thin-ears': {
    stage: 'head',
    zones: ['ear-edge'],
    scissored: true,
    share: 0.12,
    cost: 2,
    words: 'Thin the ears only',
    costs: 'ears less crisp',
  },
  'leave-tail': {
    stage: 'tail',
    zones: ['tail-base', 'tail', 'tail-tip'],
    scissored: false,
    share: 1,
    cost: 3,
    words: 'Leave the tail',
    costs: 'the tail waits for next time',
  },
  'no-bow': {
    stage: 'finish',
    zones: [],
    scissored: false,
    share: 0.5,
    cost: 1,
    words: 'Leave out the bow',
    costs: 'no bow or bandana',
  },
}

export interface CatchUp {
  id: CatchUpId
  savesMin: number
  costs: string
}

/** Less than this is not worth a word, min. */
const LEAST_MIN = 0.5

/** What a simpler cut can be made with. */
export interface Means {
  kit: Kit
  lays: readonly Lay[]
  /** The coat before the groom, mm. */
  presentOn: (zone: ZoneId, side: Side | null) => number
  /** Whether safety lets a cut be made there. */
  allows: (place: { zone: ZoneId; side: Side | null }, cut: Cut) => boolean
}

/** What could still be left out or made simpler, as far as the kit can. @param toCome stages that have not begun */
export function catchUps(toCome: readonly PlannedStage[], card: readonly CardEntry[], means: Means): CatchUp[] {
  return CATCH_UPS.flatMap((id) => {
    const { stage: stageId, share, costs } = CATCH_UP_FACTS[id]
    const stage = toCome.find((each) => each.id === stageId)
    const savesMin = oneDecimal((stage?.p50 ?? 0) * share)
    return savesMin >= LEAST_MIN && isPossible(id, card, means) ? [{ id, savesMin, costs }] : []
  })
}

function isPossible(id: CatchUpId, card: readonly CardEntry[], means: Means): boolean {
  const { zones, scissored } = CATCH_UP_FACTS[id]
  if (zones.length === 0) return true
  const there = card.filter(({ zone, method }) => zones.includes(zone) && method !== 'leave')
  if (!scissored) return there.length > 0
  const byScissors = there.filter(({ method }) => method === 'scissor')
  return byScissors.length * 2 > there.length && byScissors.every((entry) => simpler(id, entry, means) !== null)
}

const WHY = 'To catch up'

/** The plainer cut of a zone; null where this way does not touch it, or the kit has nothing near its length. */
function simpler(id: CatchUpId, entry: CardEntry, { kit, lays, presentOn, allows }: Means): CardEntry | null {
  const { zones, scissored } = CATCH_UP_FACTS[id]
  if (!zones.includes(entry.zone) || entry.method === 'leave' || (scissored && entry.method !== 'scissor')) return null
  const presentMm = presentOn(entry.zone, entry.side)
  if (id === 'leave-tail') return { ...entry, ...byHand('leave', presentMm), why: `${WHY}: waits for next time.` }
  if (id === 'thin-ears') return { ...entry, ...byHand('thin', entry.lengthMm), why: `${WHY}: thinned only.` }
  const way = clipperFor(kit, entry.lengthMm, lays, presentMm)
  return way && allows(entry, cutOf(way)) ? { ...entry, ...cutOf(way), why: `${WHY}: by clipper.` } : null
}

interface CutPlan {
  stages: PlannedStage[]
  card: CardEntry[]
}

/** The plan with some of it left out or made simpler. */
export function catchUp<T extends CutPlan>(plan: T, taken: readonly CatchUpId[], means: Means): T {
  return taken.reduce((now, id) => {
    const { stage, share } = CATCH_UP_FACTS[id]
    const card = now.card.map((entry) => simpler(id, entry, means) ?? entry)
    const stages = now.stages.map((each) =>
      each.id === stage
        ? {
            ...each,
            p50: oneDecimal(each.p50 * (1 - share)),
            p90: oneDecimal(each.p90 * (1 - share)),
            why: `${each.why} ${WHY}.`.trim(),
          }
        : each,
    )
    return { ...now, card, stages }
  }, plan)
}
