import { z } from 'zod'
import { BladeId, CombId, Lay, LengthMm } from '../lengths'
import { Join } from '../patterns'
import { Side, ZoneId } from '../zones'

export const METHODS = ['clip', 'comb', 'scissor', 'thin', 'strip', 'band', 'leave'] as const
export const Method = z.enum(METHODS)

/** One zone of a trim card. `side` is null for both sides or a zone in the middle. Length in mm, as it is left. */
export const CardEntry = z.strictObject({
  zone: ZoneId,
  side: Side.nullable(),
  method: Method,
  blade: BladeId.nullable(),
  comb: CombId.nullable(),
  lay: Lay.nullable(),
  lengthMm: LengthMm,
  shape: z.string().max(40).nullable(),
  join: Join,
  why: z.string().max(500),
})
export type CardEntry = z.infer<typeof CardEntry>

/** What is known of a zone from the last visit: at least its length. */
export const LastEntry = CardEntry.partial().required({ zone: true, lengthMm: true })
export type LastEntry = z.infer<typeof LastEntry>

/** How a cut is done, without the words for why. */
export type CardCut = Pick<CardEntry, 'method' | 'blade' | 'comb' | 'lay' | 'lengthMm'>
