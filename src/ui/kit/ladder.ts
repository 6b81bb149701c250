import {
  BLADES,
  COMBS,
  FULL_KIT,
  clippedLengthMm,
  combedLengthMm,
  waysOf,
  type ClipperWay,
  type Kit,
  type NearWay,
} from '@/core/lengths'
import type { LengthUnit } from '@/core/units'
import { showLength } from '../coat-map'

/** One tool on the ladder: what it leaves with the coat and against, and whether the house owns it. */
export interface Rung {
  name: string
  kind: 'blade' | 'comb'
  withMm: number
  againstMm: number
  owned: boolean
}

/** Every finish blade and comb by what it leaves with the coat, the house's own and those it lacks. */
export function rungsOf(kit: Kit): Rung[] {
  const blades = BLADES.map((name): Rung => ({
    name,
    kind: 'blade',
    withMm: clippedLengthMm(name, 'with'),
    againstMm: clippedLengthMm(name, 'against'),
    owned: kit.blades.includes(name),
  }))
  const combs = COMBS.map((name): Rung => ({
    name,
    kind: 'comb',
    withMm: combedLengthMm(name, '30'),
    againstMm: combedLengthMm(name, '30'),
    owned: kit.combs.includes(name) && canComb(kit),
  }))
  return [...blades, ...combs].sort((a, b) => a.withMm - b.withMm || a.name.localeCompare(b.name))
}

/** A comb needs a blade to sit on. */
const canComb = (kit: Kit): boolean =>
  waysOf({ ...kit, combs: FULL_KIT.combs }, 'with').some(({ method }) => method === 'comb')

/** The rung that a way stands on. */
export const isOnRung = (rung: Rung, way: ClipperWay): boolean =>
  way.method === 'clip'
    ? rung.kind === 'blade' && rung.name === way.blade
    : rung.kind === 'comb' && rung.name === way.comb

export interface LadderProps {
  rungs: readonly Rung[]
  unit: LengthUnit
  /** A length that is asked about, mm, and the way that comes nearest. */
  wantedMm: number | null
  nearest: NearWay | undefined
}

/** What a ladder says aloud. */
export const ladderWords = (rungs: readonly Rung[], unit: LengthUnit): string =>
  `What each tool leaves: ${rungs
    .filter(({ owned }) => owned)
    .map(({ name, kind, withMm }) => `${kind} ${name} ${showLength(withMm, unit)}`)
    .join(', ')}`
