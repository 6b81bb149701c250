import { COAT_FACTS } from '../coat'
import {
  byHand,
  clippedLengthMm,
  cutWith,
  isNearEnough,
  nearestWay,
  waysOf,
  type Cut,
  type Kit,
  type Lay,
} from '../lengths'
import type { Wish } from '../request'
import { figureMm } from '../units'
import type { Case } from './case'
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
  if (by === 'clipper') return cutByLength(kit, wish, lengthMm, presentMm, layFor(input))
  return done(byHand(by, lengthMm), wish.why)
}

/** Hanging coat is clipped against the lay: the comb keeps its own length and leaves it more even. */
const layFor = (input: Case): Lay =>
  COAT_FACTS[input.dog.coat].stands <= 0.2 && input.dog.coat === 'drop' ? 'against' : 'with'

function cutByTool(
  input: Case,
  kit: Kit,
  wish: Wish,
  tool: Parameters<typeof cutWith>[0],
  presentMm: number,
): ZoneCutPlan {
  const lay = tool.lay ?? (tool.comb === undefined ? 'with' : layFor(input))
  const asked = cutWith(tool, lay)
  if (asked === null)
    return done(byHand('leave', presentMm), `${wish.why} No such tool: a comb goes over a 40, 30, 15 or 10.`)
  const safer = saferCut(input, wish.zone, asked)
  const cut = safer?.cut ?? asked
  const why = safer === null ? wish.why : `${wish.why} ${safer.why}`
  if (cut.lengthMm > presentMm) return tooShort({ ...wish, why }, cut.lengthMm, presentMm)
  if (owns(kit, cut)) return done(cut, why)
  const instead = cutByLength(kit, wish, cut.lengthMm, presentMm, lay)
  const missing = cut.method === 'comb' ? `comb ${cut.comb} on ${cut.blade}` : cut.blade
  return {
    ...instead,
    why: `${why} No ${missing} in the kit: ${figureMm(instead.cut.lengthMm)} mm instead of ${figureMm(cut.lengthMm)}.`,
  }
}

const owns = (kit: Kit, cut: Cut): boolean =>
  (cut.blade === null || kit.blades.includes(cut.blade)) && (cut.comb === null || kit.combs.includes(cut.comb))

function cutByLength(kit: Kit, wish: Wish, lengthMm: number, presentMm: number, lay: Lay): ZoneCutPlan {
  const other = lay === 'with' ? 'against' : 'with'
  const near = (each: Lay) => nearestWay(waysOf(kit, each), lengthMm, presentMm)
  for (const way of [near(lay), near(other)])
    if (way !== null && isNearEnough(way, lengthMm))
      return done(way.method === 'clip' ? { ...way, comb: null } : way, wish.why)
  return done(byHand('scissor', lengthMm), `${wish.why} No tool in the kit comes near, so scissors.`)
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
  const method = wish.want.by === 'scissor' || wish.want.by === 'thin' ? wish.want.by : 'leave'
  return done(byHand(method, presentMm), `${wish.why} ${has}, all of it stays.`)
}

/** The blade that goes under a mat: a 7F, or the nearest finer one in the kit. What was wanted grows back. */
export function cutUnderMat(kit: Kit, wish: Wish, grade: number, presentMm: number): ZoneCutPlan {
  const bare = waysOf({ ...kit, combs: [] }, 'with')
  const way = nearestWay(bare, UNDER_MAT_MM, Math.min(UNDER_MAT_MM, presentMm))
  const cut: Cut =
    way?.method === 'clip' ? { ...way, comb: null } : byHand('scissor', Math.min(UNDER_MAT_MM, presentMm))
  const asked = wantedMmOf(wish)
  return {
    cut,
    why: `Mats of grade ${grade}: a comb cannot go through, so the blade goes under.`,
    wantedMm: asked !== null && asked > cut.lengthMm ? asked : null,
  }
}

function wantedMmOf({ want }: Wish): number | null {
  if (want.by === 'leave') return null
  if (want.by !== 'tool') return want.lengthMm
  return cutWith(want.tool, want.tool.lay ?? 'with')?.lengthMm ?? null
}
