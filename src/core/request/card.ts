import { z } from 'zod'
import { BladeId, CLIPPED, COMBED, CombId, HANDWORK, Lay, LengthMm } from '../lengths'
import { Join } from '../patterns'
import { Side, ZoneId } from '../zones'

/** `side` is null for both sides or a zone in the middle. */
const place = { zone: ZoneId, side: Side.nullable() }
const looks = { shape: z.string().max(40).nullable(), join: Join, why: z.string().max(500) }

/** One zone of a trim card, or one side of it: where, the cut with the length it leaves in mm, shape, join and why. */
export const CardEntry = z.discriminatedUnion('method', [
  CLIPPED.extend({ ...place, ...looks }),
  COMBED.extend({ ...place, ...looks }),
  HANDWORK.extend({ ...place, ...looks }),
])
export type CardEntry = z.infer<typeof CardEntry>

/** A cut at a place, as the bench tells it. */
export const PlacedCut = z.discriminatedUnion('method', [
  CLIPPED.extend(place),
  COMBED.extend(place),
  HANDWORK.extend(place),
])
export type PlacedCut = z.infer<typeof PlacedCut>

const Method = z.enum(['clip', 'comb', ...HANDWORK.shape.method.options])

/** What is known of a zone from the last visit: at least its length. */
export const LastEntry = z.strictObject({
  ...place,
  side: place.side.optional(),
  method: Method.optional(),
  blade: BladeId.nullable().optional(),
  comb: CombId.nullable().optional(),
  lay: Lay.nullable().optional(),
  lengthMm: LengthMm,
  shape: looks.shape.optional(),
  join: Join.optional(),
  why: looks.why.optional(),
})
export type LastEntry = z.infer<typeof LastEntry>
