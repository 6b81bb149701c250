import type { CoatId } from '../../coat'
import { SIDES, type ZoneId } from '../../zones'
import type { LengthAt } from '../lengthsAlong'
import { coated, type DrawOptions, type FigureCell, type FigurePart } from '../view'
import type { BareFace } from './bones'
import { brows } from './brows'
import { cap, roundHead, roundHeadCells } from './cap'
import { earStrands, standsUp } from './ears'
import { lineAt } from './mass'
import { beardBlock, moustache } from './muzzleHair'
import { visor } from './visor'

/** How the hair of a face falls, by coat. */
type Fall = 'stands' | 'hangs' | 'bristles' | 'lies'
const FALL: Record<CoatId, Fall> = {
  curly: 'stands',
  fleece: 'stands',
  cotton: 'stands',
  drop: 'hangs',
  silky: 'hangs',
  wire: 'bristles',
  double: 'lies',
  smooth: 'lies',
}

/** Hair on the face's side of an ear is pressed against the cheek: this share of it is seen. By eye. */
const INNER_EAR = 0.12

/** A muzzle's line where its hair is short. By eye. */
const LEAST_LINE = 0.3
/** Hair on the outside of an ear lies on the leather, and under a round head it is pressed in. By eye. */
const LIES_OUT = 0.6
const UNDER_ROUND = 0.4

/** A face in its hair, in the order in which it is painted: that order is most of the likeness. */
export function faceParts(bare: BareFace, options: DrawOptions): { parts: FigurePart[]; cells: FigureCell[] } {
  const { face, skull, muzzle, bridge } = bare
  const { dog, lengthAt, shapeOf } = options
  const fall = FALL[dog.coat]
  const round = fall === 'stands' && isRound(shapeOf)
  const without = (...zones: readonly ZoneId[]): DrawOptions => ({
    ...options,
    lengthAt: (zone, side) => (zones.includes(zone) ? 0 : lengthAt(zone, side)),
  })
  const onEar: LengthAt = (zone, side) =>
    lengthAt(zone, side) * (zone === 'ear-in' ? INNER_EAR : round ? UNDER_ROUND : zone === 'ear-out' ? LIES_OUT : 1)
  const ears = bare.ears.map(({ skin, facts }) => ({
    ...coated(skin, { ...options, lengthAt: onEar }, facts),
    ...(fall === 'hangs' ? { strands: earStrands(face, facts.side, lengthAt) } : {}),
  }))
  const capped = fall === 'stands' || fall === 'hangs'
  const base = coated(skull.skin, capped ? without('skull') : options, skull.facts)
  const nose = coated(muzzle.skin, without('bridge', ...(fall === 'hangs' ? (['muzzle'] as const) : [])), {
    ...muzzle.facts,
    weight: LEAST_LINE + (1 - LEAST_LINE) * lineAt(Math.max(lengthAt('muzzle'), lengthAt('chin'))),
  })
  const patch = coated(bridge.skin, without('bridge'), bridge.facts)
  const over = round ? [roundHead(face, options)] : capped ? [cap(face, fall, options)] : []
  const lips = fall === 'hangs' ? SIDES.map((side) => moustache(face, side, options)) : []
  const lower = fall === 'bristles' ? beardBlock(face, options) : nose
  const brow = fall === 'bristles' ? SIDES.map((side) => brows(face, side, options)) : []
  const parts = standsUp(face.ears)
    ? [...ears, base, ...over, lower, patch, ...lips]
    : [base, ...ears, ...over, lower, patch, ...lips]
  return { parts: [...parts, visor(face, options), ...brow], cells: round ? roundHeadCells(face) : [] }
}

/** Whether skull and cheeks are cut as one round, ears inside. */
const isRound = (shapeOf: DrawOptions['shapeOf']): boolean =>
  shapeOf !== undefined && shapeOf('skull') === 'round' && shapeOf('cheek') === 'round'
