import { SKIP_BLADES, type Lay } from './blades'
import { cutOf, cutWith, isSameCut, type Cut } from './cut'
import { waysOf, type Kit } from './kit'

const LAYS = ['with', 'against'] as const

/**
 * Every way of a kit, each comb on the blade it sits on best, skip-tooth blades where the house owns them; shortest first.
 * @param combLay the lay in which combs are run; a comb leaves its own length either way
 */
export function ladder(kit: Kit, combLay: Lay | 'either' = 'either'): Cut[] {
  const ways = LAYS.flatMap((lay) => waysOf(kit, lay)).map(cutOf)
  const bare = ways.filter(({ method }) => method === 'clip')
  const combed = ways.filter(({ method, lay }) => method === 'comb' && (combLay === 'either' || lay === combLay))
  const first = combed.filter(
    (way, at) => combed.findIndex(({ comb, lay }) => comb === way.comb && lay === way.lay) === at,
  )
  const skips = SKIP_BLADES.filter((blade) => kit.blades.includes(blade)).flatMap((blade) =>
    LAYS.flatMap((lay) => cutWith({ blade }, lay) ?? []),
  )
  return [...first, ...bare, ...skips].sort((a, b) => a.lengthMm - b.lengthMm)
}

/**
 * The next rung of a ladder from a cut, longer or shorter; from a cut that is no rung, the next one that way.
 * @returns the last rung where the ladder ends, null on an empty ladder
 */
export function rungFrom(rungs: readonly Cut[], cut: Cut, by: 1 | -1): Cut | null {
  const at = rungs.findIndex((rung) => isSameCut(rung, cut))
  if (at >= 0) return rungs[Math.min(rungs.length - 1, Math.max(0, at + by))] ?? null
  const next =
    by > 0
      ? rungs.find(({ lengthMm }) => lengthMm > cut.lengthMm)
      : rungs.findLast(({ lengthMm }) => lengthMm < cut.lengthMm)
  return next ?? (by > 0 ? rungs.at(-1) : rungs[0]) ?? null
}
