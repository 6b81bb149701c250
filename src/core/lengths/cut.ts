import { z } from 'zod'
import { BladeId, CombBladeId, Lay, clippedLengthMm } from './blades'
import { CombId, combedLengthMm } from './combs'
import type { ClipperWay } from './kit'

export const MAX_LENGTH_MM = 300

/** A coat length, mm. */
export const LengthMm = z
  .number({ error: 'Give the length in mm as a number.' })
  .min(0, { error: 'A length cannot be below 0 mm.' })
  .max(MAX_LENGTH_MM, { error: `A length cannot be above ${MAX_LENGTH_MM} mm.` })

/** Lengths closer than this are the same to a rule held at the skin, mm. Source: from memory. */
const SAME_MM = 0.05
export const isSameMm = (aMm: number, bMm: number): boolean => Math.abs(aMm - bMm) < SAME_MM

/** An exact tool, as a groomer asks for it: a bare blade, or a guard comb over one. */
export const Tool = z.strictObject({
  blade: BladeId.optional(),
  comb: CombId.optional(),
  lay: Lay.optional(),
})
export type Tool = z.infer<typeof Tool>

/** Ways of the hand, and no way at all: none of them has a tool that decides the length. */
export const BY_HAND = ['scissor', 'thin', 'strip', 'band', 'leave'] as const
export type ByHand = (typeof BY_HAND)[number]

const lengthMm = LengthMm
/** The three kinds of cut; whatever carries a cut (a card's entry, an event of the bench) is made from these. */
export const CLIPPED = z.strictObject({
  method: z.literal('clip'),
  blade: BladeId,
  comb: z.null(),
  lay: Lay,
  lengthMm,
})
export const COMBED = z.strictObject({
  method: z.literal('comb'),
  blade: CombBladeId,
  comb: CombId,
  lay: Lay,
  lengthMm,
})
export const HANDWORK = z.strictObject({
  method: z.enum(BY_HAND),
  blade: z.null(),
  comb: z.null(),
  lay: z.null(),
  lengthMm,
})

/** What is done at one zone and what it leaves, mm. */
export const Cut = z.discriminatedUnion('method', [CLIPPED, COMBED, HANDWORK])
export type Cut = z.infer<typeof Cut>

/**
 * The cut that an exact tool makes. A comb named alone goes over a 30.
 * @returns null when a comb sits on a blade that takes none, or no tool is named
 */
export function cutWith(tool: Tool, lay: Lay): Cut | null {
  if (tool.comb !== undefined) {
    const over = CombBladeId.safeParse(tool.blade ?? '30')
    if (!over.success) return null
    return { method: 'comb', blade: over.data, comb: tool.comb, lay, lengthMm: combedLengthMm(tool.comb, over.data) }
  }
  if (tool.blade === undefined) return null
  return { method: 'clip', blade: tool.blade, comb: null, lay, lengthMm: clippedLengthMm(tool.blade, lay) }
}

/** A cut by hand, or none at all. */
export const byHand = (method: ByHand, lengthMm: number): Cut => ({
  method,
  blade: null,
  comb: null,
  lay: null,
  lengthMm,
})

/** The cut that something carries, without what else it says. */
export const cutIn = ({ method, blade, comb, lay, lengthMm }: Cut): Cut =>
  ({ method, blade, comb, lay, lengthMm }) as Cut

/** Whether two cuts are the same work, to the same length. */
export const isSameCut = (a: Cut, b: Cut): boolean =>
  a.method === b.method &&
  a.blade === b.blade &&
  a.comb === b.comb &&
  a.lay === b.lay &&
  isSameMm(a.lengthMm, b.lengthMm)

/** A clipper way as a cut. */
export const cutOf = (way: ClipperWay): Cut => (way.method === 'clip' ? { ...way, comb: null } : way)

const HAND_WORDS = {
  scissor: 'scissors',
  thin: 'thinning shears',
  strip: 'stripped',
  band: 'band',
  leave: 'left as it is',
}

/** The tool in a groomer's words: `comb 2 on 30`, `7F with`, `4F against`, `scissors`. */
export function toolWords(cut: Cut): string {
  if (cut.method === 'comb') return `comb ${cut.comb} on ${cut.blade}${cut.lay === 'against' ? ', against' : ''}`
  if (cut.method === 'clip') return `${cut.blade} ${cut.lay}`
  return HAND_WORDS[cut.method]
}
