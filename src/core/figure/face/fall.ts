import type { CoatId } from '../../coat'
import type { ShapeOf } from '../view'

/** How the hair of a face falls, by coat. */
export type Fall = 'stands' | 'hangs' | 'bristles' | 'lies'
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

export const fallOf = (coat: CoatId): Fall => FALL[coat]

/** Whether skull and cheeks are cut as one round, ears inside. */
export const isRound = (shapeOf: ShapeOf): boolean => shapeOf('skull') === 'round' && shapeOf('cheek') === 'round'

/** Hair on the outside of an ear lies on the leather: this share of it stands off. By eye. */
export const LIES_OUT = 0.6
