import {
  byHand,
  clipperFor,
  clippedLengthMm,
  cutOf,
  cutWith,
  nearestWay,
  waysOf,
  type Cut,
  type Kit,
  type Lay,
  type Tool,
} from '../lengths'
import { HAND_METHODS, wantMm } from '../patterns'
import type { Wish } from '../request'
import { isSafe, safeCut, type AskedCut, type GateFacts } from '../safety'
import { figureMm } from '../units'
import type { Side } from '../zones'

/** What one zone comes to: the cut, why, and the wish that has to wait for coat. */
export interface ZoneCutPlan {
  cut: Cut
  why: string
  wantedMm: number | null
}

/** A wish and what it came to, on both sides (null) or one. */
export interface PlannedZone {
  wish: Wish
  side: Side | null
  plan: ZoneCutPlan
}

/** Where a wish meets the dog. */
export interface Here {
  kit: Kit
  /** The lays that suit the coat, the better one first. */
  lays: readonly Lay[]
  facts: GateFacts
  /** The coat that the wish can have, mm. */
  presentMm: number
}

const done = (cut: Cut, why: string): ZoneCutPlan => ({ cut, why, wantedMm: null })
const leave = (here: Here, why: string): ZoneCutPlan => done(byHand('leave', here.presentMm), why)
const joined = (...words: (string | null)[]): string => words.filter(Boolean).join(' ')

/** Length the blade that goes under a mat leaves; a coarser one does not pass. Source: common practice. */
const UNDER_MAT_MM = clippedLengthMm('7F', 'with')

/**
 * From wish to cut: never longer than the coat that is there, only what safety allows, only with tools the kit has.
 * Whatever kind of wish it is, its cut passes the one gate.
 */
export function cutZone(wish: Wish, here: Here): ZoneCutPlan {
  const { want } = wish
  if (want.by === 'leave') return leave(here, wish.why)
  if (want.by === 'tool') return cutByTool(wish, want.tool, here)
  if (want.lengthMm > here.presentMm) return tooShort(wish, want.lengthMm, here)
  if (want.by === 'clipper') return cutByLength(wish, want.lengthMm, here, here.lays)
  return make(byHand(want.by, want.lengthMm), wish, here)
}

const askedAt = (cut: Cut, { zone, side, explicit }: Wish, { presentMm }: Here): AskedCut => ({
  zone,
  side,
  cut,
  presentMm,
  explicit,
})

/** A cut as it can be made: through the gate, then with what the kit has. */
function make(asked: Cut, wish: Wish, here: Here): ZoneCutPlan {
  const passed = safeCut(askedAt(asked, wish, here), here.facts)
  const why = joined(wish.why, passed.why)
  const { cut } = passed
  if (cut.lengthMm > here.presentMm) return passed.why === null ? tooShort(wish, cut.lengthMm, here) : leave(here, why)
  if (owns(here.kit, cut)) return done(cut, why)
  const way = nearestSafe(cut.lengthMm, wish, here, [cut.lay ?? 'with', cut.lay === 'against' ? 'with' : 'against'])
  const taken = way ?? byHand('scissor', cut.lengthMm)
  return done(taken, joined(why, way ? null : NO_TOOL, missingTool(cut, taken.lengthMm)))
}

const NO_TOOL = 'No tool in the kit comes near, so scissors.'

function cutByTool(wish: Wish, tool: Tool, here: Here): ZoneCutPlan {
  const lay = tool.lay ?? (tool.comb === undefined ? 'with' : (here.lays[0] ?? 'with'))
  const asked = cutWith(tool, lay)
  if (asked === null) return leave(here, `${wish.why} No such tool: a comb goes over a 40, 30, 15 or 10.`)
  return make(asked, wish, here)
}

function cutByLength(wish: Wish, lengthMm: number, here: Here, lays: readonly Lay[]): ZoneCutPlan {
  const way = clipperFor(here.kit, lengthMm, lays, here.presentMm)
  if (way !== null) return make(cutOf(way), wish, here)
  const byScissors = make(byHand('scissor', lengthMm), wish, here)
  return byScissors.cut.method === 'scissor' ? { ...byScissors, why: joined(byScissors.why, NO_TOOL) } : byScissors
}

/** The way of the kit nearest to a length that safety allows there; null where none comes near enough. */
function nearestSafe(lengthMm: number, wish: Wish, here: Here, lays: readonly Lay[]): Cut | null {
  const allows = (cut: Cut) => isSafe(askedAt(cut, wish, here), here.facts)
  const way = clipperFor(here.kit, lengthMm, lays, here.presentMm, (each) => allows(cutOf(each)))
  return way && cutOf(way)
}

/** Which tool the kit lacks, and how far off the way taken instead is. */
function missingTool(asked: Cut, takenMm: number): string {
  const missing = asked.method === 'comb' ? `comb ${asked.comb} on ${asked.blade}` : asked.blade
  const offMm = takenMm - asked.lengthMm
  const off =
    Math.abs(offMm) < 0.05 ? 'the same length' : `${figureMm(Math.abs(offMm))} mm ${offMm > 0 ? 'longer' : 'shorter'}`
  return `No ${missing} in the kit: ${figureMm(takenMm)} mm instead of ${figureMm(asked.lengthMm)}, ${off}.`
}

const owns = (kit: Kit, cut: Cut): boolean =>
  (cut.blade === null || kit.blades.includes(cut.blade)) && (cut.comb === null || kit.combs.includes(cut.comb))

/** Only an explicit wish waits for the coat; a pattern is cut down in silence. What must be left alone says so either way. */
function tooShort(wish: Wish, wantedMm: number, here: Here): ZoneCutPlan {
  const has = `The coat has ${figureMm(here.presentMm)} mm`
  const method = HAND_METHODS.find((hand) => hand === wish.want.by) ?? (wish.explicit ? 'scissor' : 'leave')
  const passed = safeCut(askedAt(byHand(method, here.presentMm), wish, here), here.facts)
  if (!wish.explicit) return done(passed.cut, joined(wish.why, `${has}, all of it stays.`, passed.why))
  const why = joined(`${has} of the ${figureMm(wantedMm)} wanted, so it is left to grow.`, passed.why)
  return { ...leave(here, why), wantedMm }
}

/** The blade that goes under a mat: a 7F, or the nearest finer one in the kit. What was wanted grows back. */
export function cutUnderMat(wish: Wish, grade: number, here: Here): ZoneCutPlan {
  const mostMm = Math.min(UNDER_MAT_MM, here.presentMm)
  const allows = (cut: Cut) => isSafe(askedAt(cut, wish, here), here.facts)
  const ways = waysOf({ ...here.kit, combs: [] }, 'with').filter((way) => allows(cutOf(way)))
  const way = nearestWay(ways, UNDER_MAT_MM, mostMm)
  const { cut, why } = safeCut(askedAt(way ? cutOf(way) : byHand('scissor', mostMm), wish, here), here.facts)
  const asked = wantMm(wish.want)
  return {
    cut,
    why: joined(`Mats of grade ${grade}: a comb cannot go through, so the blade goes under.`, why),
    wantedMm: asked !== null && asked > cut.lengthMm ? asked : null,
  }
}
