import { SIDES, type ZoneId } from '../../zones'
import type { LengthAt } from '../lengthsAlong'
import { coated, type DrawOptions, type FigureCell, type FigurePart } from '../view'
import type { BareFace } from './bones'
import { brows } from './brows'
import { cap, roundHead, roundHeadCells } from './cap'
import { earStrands, standsUp } from './ears'
import { LIES_OUT, fallOf, isRound, type Fall } from './fall'
import { lineAt } from './mass'
import { beard, beardBlock, moustache } from './muzzleHair'
import { visor } from './visor'

/** Hair on the face's side of an ear is pressed against the cheek: this share of it is seen. By eye. */
const INNER_EAR = 0.12

/** A muzzle's line where its hair is short. By eye. */
const LEAST_LINE = 0.3
/** Under a round head an ear's hair is pressed in. By eye. */
const UNDER_ROUND = 0.4

/** A face in its hair, in the order in which it is painted: that order is most of the likeness. */
export function faceParts(bare: BareFace, options: DrawOptions): { parts: FigurePart[]; cells: FigureCell[] } {
  const { face, skull, bridge } = bare
  const { dog, shapeOf } = options
  const fall = fallOf(dog.coat)
  const round = fall === 'stands' && shapeOf !== undefined && isRound(shapeOf)
  const capped = fall === 'stands' || fall === 'hangs'
  const base = coated(skull.skin, capped ? without(options, 'skull') : options, skull.facts)
  const ears = earsOf(bare, options, fall, round)
  const over = round ? [roundHead(face, options)] : capped ? [cap(face, fall, options)] : []
  const lower =
    fall === 'bristles' ? [beardBlock(face, options)] : [beard(face, options), muzzleOf(bare, options, fall)]
  const lips = fall === 'hangs' ? SIDES.map((side) => moustache(face, side, options)) : []
  const brow = fall === 'bristles' ? SIDES.map((side) => brows(face, side, options)) : []
  const head = standsUp(face.ears) ? [...ears, base] : [base, ...ears]
  return {
    parts: [...head, ...over, ...lower, bridge, ...lips, visor(face, options), ...brow],
    cells: round ? roundHeadCells(face) : [],
  }
}

/** The same trim with nothing on some zones: their hair is drawn as a mass of its own. */
const without = (options: DrawOptions, ...zones: readonly ZoneId[]): DrawOptions => ({
  ...options,
  lengthAt: (zone, side) => (zones.includes(zone) ? 0 : options.lengthAt(zone, side)),
})

function earsOf({ face, ears }: BareFace, options: DrawOptions, fall: Fall, round: boolean): FigurePart[] {
  const shareOf = (zone: ZoneId) =>
    zone === 'ear-in' ? INNER_EAR : round ? UNDER_ROUND : zone === 'ear-out' ? LIES_OUT : 1
  const lengthAt: LengthAt = (zone, side) => options.lengthAt(zone, side) * shareOf(zone)
  return ears.map(({ skin, facts }) => ({
    ...coated(skin, { ...options, lengthAt }, facts),
    ...(fall === 'hangs' ? { strands: earStrands(face, facts.side, options.lengthAt) } : {}),
  }))
}

/** The muzzle's own hair: what of the chin is longer than the hair beside it is the beard's. */
function muzzleOf({ muzzle }: BareFace, options: DrawOptions, fall: Fall): FigurePart {
  const { lengthAt } = options
  const short = fall === 'hangs' ? without(options, 'muzzle', 'bridge') : without(options, 'bridge')
  const besideMm = Math.max(...SIDES.flatMap((side) => [lengthAt('lips', side), lengthAt('muzzle', side)]))
  const weight = LEAST_LINE + (1 - LEAST_LINE) * lineAt(Math.max(lengthAt('muzzle'), lengthAt('chin')))
  return coated(
    muzzle.skin,
    { ...short, lengthAt: (zone, side) => Math.min(short.lengthAt(zone, side), zone === 'chin' ? besideMm : Infinity) },
    { ...muzzle.facts, weight },
  )
}
