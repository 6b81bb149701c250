import { z } from 'zod'
import { BLADES, BladeId, Lay, clippedLengthMm, type CombBladeId } from './blades'
import { COMBS, CombId, combedLengthMm } from './combs'

/** The clipper tools a house owns. */
export const Kit = z.strictObject({ blades: z.array(BladeId), combs: z.array(CombId) })
export type Kit = z.infer<typeof Kit>

/** Every finish blade and comb there is. Skip-tooth blades come in only when a house says it owns one. */
export const FULL_KIT: Kit = { blades: [...BLADES], combs: [...COMBS] }

/** What a plan counts with: the house's tools, or all there are as long as nobody has said which. */
export const kitOrAll = (kit: Kit): Kit => (kit.blades.length + kit.combs.length === 0 ? FULL_KIT : kit)

/** One way to leave a length with a clipper. */
export type ClipperWay =
  | { method: 'clip'; blade: BladeId; lay: Lay; lengthMm: number }
  | { method: 'comb'; blade: CombBladeId; comb: CombId; lay: Lay; lengthMm: number }

/** The blade a comb sits on best: a 30, else a 40, else a coarser one. */
const UNDER_COMB: readonly CombBladeId[] = ['30', '40', '10', '15']

/**
 * Every length this kit leaves for one lay, the way a groomer reaches for first in front:
 * a comb on a 30 leaves coat more even than a bare blade.
 * A comb keeps its own length in both lays.
 */
export function waysOf(kit: Kit, lay: Lay): ClipperWay[] {
  const blades = BLADES.filter((blade) => kit.blades.includes(blade))
  const bare = blades.map((blade): ClipperWay => ({
    method: 'clip',
    blade,
    lay,
    lengthMm: clippedLengthMm(blade, lay),
  }))
  const under = UNDER_COMB.filter((blade) => kit.blades.includes(blade))
  const combed = COMBS.filter((comb) => kit.combs.includes(comb)).flatMap((comb) =>
    under.map((blade): ClipperWay => ({ method: 'comb', blade, comb, lay, lengthMm: combedLengthMm(comb, blade) })),
  )
  return [...combed, ...bare]
}

/**
 * The way nearest to a wanted length: the nearer first, ties to the longer, then the one in front.
 * @param atMostMm nothing longer than this, such as the coat that is there
 * @returns null when the kit is empty or everything in it is too long
 */
export function nearestWay(ways: readonly ClipperWay[], wantedMm: number, atMostMm = Infinity): ClipperWay | null {
  const miss = (way: ClipperWay) => Math.abs(way.lengthMm - wantedMm)
  let best: ClipperWay | null = null
  for (const way of ways) {
    if (way.lengthMm > atMostMm) continue
    const nearer = best === null || miss(way) < miss(best) - 1e-9
    const longerTie = best !== null && Math.abs(miss(way) - miss(best)) <= 1e-9 && way.lengthMm > best.lengthMm
    if (nearer || longerTie) best = way
  }
  return best
}

/** Nearer than 15 % by no tool: scissor to the wish. Source: house default, common practice. */
export const NEAR_ENOUGH = 0.15

/** Whether a clipper way comes near enough to a wish to be used in place of scissors. */
export const isNearEnough = (way: ClipperWay, wantedMm: number): boolean =>
  Math.abs(way.lengthMm - wantedMm) <= NEAR_ENOUGH * wantedMm

/**
 * The clipper way of a kit that comes nearest to a length, of those lays that suit the coat; ties to the longer, then to the lay named first.
 * @param allows leaves out ways that may not be taken, such as those that safety forbids
 * @returns null when nothing the kit makes is near enough, which leaves it to scissors
 */
export function clipperFor(
  kit: Kit,
  wantedMm: number,
  lays: readonly Lay[],
  atMostMm = Infinity,
  allows: (way: ClipperWay) => boolean = () => true,
): ClipperWay | null {
  const ways = lays.flatMap((lay) => waysOf(kit, lay)).filter(allows)
  const way = nearestWay(ways, wantedMm, atMostMm)
  return way !== null && isNearEnough(way, wantedMm) ? way : null
}

/** A way of the kit and how far it is from a wished length, mm: positive when it leaves more. */
export interface NearWay {
  way: ClipperWay
  offMm: number
}

/** "What have I that leaves 10 mm?": the ways of a kit by nearness, each length once, the longer first on a tie. */
export function waysNear(kit: Kit, wantedMm: number, most: number): NearWay[] {
  const ways = (['with', 'against'] as const).flatMap((lay) => waysOf(kit, lay))
  const once = ways.filter((way, at) => ways.findIndex(({ lengthMm }) => lengthMm === way.lengthMm) === at)
  return once
    .map((way) => ({ way, offMm: way.lengthMm - wantedMm }))
    .sort((a, b) => Math.abs(a.offMm) - Math.abs(b.offMm) || b.offMm - a.offMm)
    .slice(0, most)
}
