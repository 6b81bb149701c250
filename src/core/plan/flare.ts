import { LEAST_TOP_MM } from '../balance'
import { byHand, cutOf, nearestWay, waysOf, type Cut, type Kit, type Lay } from '../lengths'
import { wantMm } from '../patterns'
import { isSafe, type GateFacts } from '../safety'
import { figureMm } from '../units'
import type { Side, ZoneId } from '../zones'
import type { CoatOn } from './coatToday'
import type { PlannedZone } from './cutZone'

/** A leg that opens toward its foot: its zones from the top down, and the foot that bounds them. */
const LEGS: readonly { foot: ZoneId; top: ZoneId; zones: readonly ZoneId[] }[] = [
  { foot: 'forefoot', top: 'foreleg', zones: ['foreleg', 'armpit'] },
  { foot: 'hindfoot', top: 'thigh', zones: ['thigh', 'stifle', 'hock', 'leg-inside'] },
]

interface Tools {
  kit: Kit
  lays: readonly Lay[]
  facts: GateFacts
}

/**
 * A flared leg is bounded by its foot: with F mm on the foot and a flare of f, no zone of the leg stands longer than the
 * foot, and its top is F − f or shorter. A foot too short for the whole flare gets a smaller one of the same shape.
 * Source: common practice.
 */
export function boundByFoot(planned: readonly PlannedZone[], tools: Tools, presentOn: CoatOn): PlannedZone[] {
  const flared = LEGS.filter(({ zones }) =>
    planned.some(({ wish }) => zones.includes(wish.zone) && wish.shape === 'flare'),
  )
  return planned.map((each) => {
    const leg = flared.find(({ zones }) => zones.includes(each.wish.zone))
    // What somebody keeps, and what is left to grow, is not cut to make a shape.
    if (!leg || (each.plan.cut.method === 'leave' && each.wish.explicit)) return each
    const foot = footOf(planned, leg.foot, each.side, presentOn)
    const mostMm = mostOf(each, leg.top, foot, planned)
    if (each.plan.cut.lengthMm <= mostMm + 1e-9) return each
    const cut = shortened(each, mostMm, tools)
    if (cut === null) return each
    const why = `${each.plan.why} The foot has ${figureMm(foot.lengthMm)} mm: a flared leg is no longer than that allows.`
    return { ...each, plan: { ...each.plan, cut, why } }
  })
}

interface Foot {
  /** What stands on the foot after the groom, and what was wanted there, mm. */
  lengthMm: number
  wantedMm: number
}

function footOf(planned: readonly PlannedZone[], foot: ZoneId, side: Side | null, presentOn: CoatOn): Foot {
  const here = planned.filter(({ wish, side: of }) => wish.zone === foot && (!side || !of || of === side))
  const lengthMm = Math.min(...here.map(({ plan }) => plan.cut.lengthMm), presentOn(foot, side))
  const wanted = here.map(({ wish }) => wantMm(wish.want) ?? lengthMm)
  return { lengthMm, wantedMm: Math.max(lengthMm, ...wanted) }
}

/** The longest that a zone of a flared leg may be, mm. */
function mostOf({ wish }: PlannedZone, top: ZoneId, foot: Foot, planned: readonly PlannedZone[]): number {
  if (wish.shape !== 'flare') return foot.lengthMm
  const share = foot.wantedMm === 0 ? 1 : foot.lengthMm / foot.wantedMm
  const smallerMm = Math.max(LEAST_TOP_MM, (wantMm(wish.want) ?? foot.lengthMm) * share)
  const mostMm = Math.min(foot.lengthMm, smallerMm)
  if (wish.zone !== top) return mostMm
  const topWish = planned.find((each) => each.wish.zone === top)?.wish.want
  const flareMm = foot.wantedMm - ((topWish && wantMm(topWish)) ?? foot.wantedMm)
  const topMm = foot.lengthMm - flareMm
  return topMm >= LEAST_TOP_MM ? Math.min(mostMm, topMm) : mostMm
}

/** The same work, no longer than that: by the kit's next way where a clipper does it, else by hand; null where safety forbids it. */
function shortened({ wish, side, plan }: PlannedZone, mostMm: number, { kit, lays, facts }: Tools): Cut | null {
  const { cut } = plan
  const safe = (each: Cut) =>
    isSafe({ zone: wish.zone, side, cut: each, presentMm: cut.lengthMm, explicit: true }, facts)
  const byTool = cut.method === 'clip' || cut.method === 'comb'
  const ways = byTool ? lays.flatMap((lay) => waysOf(kit, lay)).filter((way) => safe(cutOf(way))) : []
  const way = nearestWay(ways, mostMm, mostMm)
  if (way) return cutOf(way)
  const byScissors = byHand(byTool || cut.method === 'leave' ? 'scissor' : cut.method, Math.floor(mostMm * 10) / 10)
  return safe(byScissors) ? byScissors : null
}
