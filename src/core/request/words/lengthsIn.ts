import { NEAR_ENOUGH, waysOf, type Kit } from '../../lengths'
import { wantMm, type Want } from '../../patterns'
import { lengthWant, type Wish } from '../wish'

/** The length a wish has now, mm; of a zone that is left, the coat that is there. */
export const lengthNow = (wish: Wish | undefined, presentMm: number): number =>
  (wish ? wantMm(wish.want) : null) ?? presentMm

const isByHand = (want: Want | undefined): boolean => want?.by === 'scissor' || want?.by === 'thin'

/** By the kit's own step nearest to a length, where it lies between two bounds and is near enough; else by hand. */
export function wantWithin(wish: Wish | undefined, aimMm: number, fromMm: number, toMm: number, kit: Kit): Want {
  if (isByHand(wish?.want)) return lengthWant(wish?.want ?? { by: 'leave' }, aimMm)
  const steps = waysOf(kit, 'with')
    .map(({ lengthMm }) => lengthMm)
    .filter(
      (mm) => mm >= fromMm && mm <= toMm && Math.abs(mm - aimMm) <= Math.max(aimMm * NEAR_ENOUGH, (toMm - fromMm) / 2),
    )
    .sort((a, b) => Math.abs(a - aimMm) - Math.abs(b - aimMm))
  const [step] = steps
  return step === undefined ? { by: 'scissor', lengthMm: aimMm } : { by: 'clipper', lengthMm: step }
}
