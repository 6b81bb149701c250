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
import { figureMm } from '../units'
import type { Case } from './case'
import { laysFor } from './means'
import { saferCut } from './safety'

/** What one zone comes to: the cut, why, and the wish that has to wait for coat. */
export interface ZoneCutPlan {
  cut: Cut
  why: string
  wantedMm: number | null
}

const done = (cut: Cut, why: string): ZoneCutPlan => ({ cut, why, wantedMm: null })

/** Length the blade that goes under a mat leaves; a coarser one does not pass. Source: common practice. */
const UNDER_MAT_MM = clippedLengthMm('7F', 'with')

/**
 * From wish to cut at one zone: never longer than the coat that is there, only with tools the kit has.
 * @param presentMm the coat today
 */
export function cutZone(input: Case, kit: Kit, wish: Wish, presentMm: number): ZoneCutPlan {
  if (wish.want.by === 'leave') return done(byHand('leave', presentMm), wish.why)
  if (wish.want.by === 'tool') return cutByTool(input, kit, wish, wish.want.tool, presentMm)
  const { by, lengthMm } = wish.want
  if (lengthMm > presentMm) return tooShort(wish, lengthMm, presentMm)
  if (by === 'clipper') return cutByLength(kit, wish, lengthMm, presentMm, laysFor(input))
  return done(byHand(by, lengthMm), wish.why)
}

function cutByTool(input: Case, kit: Kit, wish: Wish, tool: Tool, presentMm: number): ZoneCutPlan {
  const lay = tool.lay ?? (tool.comb === undefined ? 'with' : (laysFor(input)[0] ?? 'with'))
  const asked = cutWith(tool, lay)
  if (asked === null)
    return done(byHand('leave', presentMm), `${wish.why} No such tool: a comb goes over a 40, 30, 15 or 10.`)
  const safer = saferCut(input, wish.zone, asked)
  const cut = safer?.cut ?? asked
  const why = safer === null ? wish.why : `${wish.why} ${safer.why}`
  if (cut.lengthMm > presentMm) return tooShort({ ...wish, why }, cut.lengthMm, presentMm)
  if (owns(kit, cut)) return done(cut, why)
  const instead = cutByLength(kit, wish, cut.lengthMm, presentMm, [lay, lay === 'with' ? 'against' : 'with'])
  return { ...instead, why: `${why} ${missingTool(cut, instead.cut.lengthMm)}` }
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

function cutByLength(kit: Kit, wish: Wish, lengthMm: number, presentMm: number, lays: readonly Lay[]): ZoneCutPlan {
  const way = clipperFor(kit, lengthMm, lays, presentMm)
  return way === null
    ? done(byHand('scissor', lengthMm), `${wish.why} No tool in the kit comes near, so scissors.`)
    : done(cutOf(way), wish.why)
}

/** Only an explicit wish waits for the coat; a pattern is cut down in silence. */
function tooShort(wish: Wish, wantedMm: number, presentMm: number): ZoneCutPlan {
  const has = `The coat has ${figureMm(presentMm)} mm`
  if (wish.explicit)
    return {
      cut: byHand('leave', presentMm),
      why: `${has} of the ${figureMm(wantedMm)} wanted, so it is left to grow.`,
      wantedMm,
    }
  const method = HAND_METHODS.find((hand) => hand === wish.want.by) ?? 'leave'
  return done(byHand(method, presentMm), `${wish.why} ${has}, all of it stays.`)
}

/** The blade that goes under a mat: a 7F, or the nearest finer one in the kit. What was wanted grows back. */
export function cutUnderMat(kit: Kit, wish: Wish, grade: number, presentMm: number): ZoneCutPlan {
  const mostMm = Math.min(UNDER_MAT_MM, presentMm)
  const way = nearestWay(waysOf({ ...kit, combs: [] }, 'with'), UNDER_MAT_MM, mostMm)
  const cut = way === null ? byHand('scissor', mostMm) : cutOf(way)
  const asked = wantMm(wish.want)
  return {
    cut,
    why: `Mats of grade ${grade}: a comb cannot go through, so the blade goes under.`,
    wantedMm: asked !== null && asked > cut.lengthMm ? asked : null,
  }
}
