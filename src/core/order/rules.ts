import type { StageId } from '../stages'

export type Strength = 'must' | 'should' | 'house'

export interface OrderRule {
  before: StageId
  after: StageId
  strength: Strength
  why: string
}

const rule = (before: StageId, strength: Strength, after: StageId[], why: string): OrderRule[] =>
  after.map((stage) => ({ before, after: stage, strength, why }))

/** What must come before what. Source: common practice. `must` breaks the result or safety, `should` costs time or finish. */
export const ORDER_RULES: readonly OrderRule[] = [
  ...rule('arrive', 'should', ['look-over'], 'The request is confirmed before hands go over the dog.'),
  ...rule(
    'look-over',
    'must',
    ['brush-out', 'rough-in', 'wash'],
    'Skin, lumps and mats are found before a tool meets them.',
  ),
  ...rule('nails', 'must', ['feet'], 'A long nail holds the shear off; trimmed later it leaves a ring of spare hair.'),
  ...rule('pads', 'must', ['feet'], 'The foot line is cut to the edge of the pad.'),
  ...rule(
    'wash',
    'must',
    ['second-wash', 'condition', 'rinse'],
    'Nothing is conditioned or rinsed before it is washed.',
  ),
  ...rule('second-wash', 'must', ['condition'], 'Conditioner goes on a clean coat.'),
  ...rule('condition', 'must', ['rinse'], 'The conditioner is rinsed out: what stays in the coat itches.'),
  ...rule('rinse', 'must', ['towel', 'dry'], 'The water runs clear before the coat is dried.'),
  ...rule('towel', 'should', ['dry'], 'Each minute of towel saves more under the dryer.'),
  ...rule('dry', 'must', ['comb-through'], 'Damp or curled coat springs up after cutting; re-wet what dried curled.'),
  ...rule('comb-through', 'must', ['body', 'legs', 'head'], 'A comb or blade stalls in a knot and steps the coat.'),
  ...rule('rough-in', 'should', ['wash'], 'Less to wash and dry.'),
  ...rule('brush-out', 'should', ['wash'], 'Mats shrink tight when wet; small leftovers may wait for conditioner.'),
  ...rule('wash', 'should', ['body'], 'Dirt blunts blades, and a clean coat shows the true length.'),
  ...rule('sanitary', 'should', ['legs', 'underline'], 'Stray hair below and at the tail misleads the line.'),
  ...rule('body', 'should', ['legs'], 'Legs are joined to the body length.'),
  ...rule('flat-work', 'must', ['head'], 'Ears, cheeks and neck are set first or the balance of the face is lost.'),
  ...rule('body', 'must', ['blend'], 'There is nothing to blend until the body is cut.'),
  ...rule('head', 'should', ['blend'], 'The last lines are erased once all is cut.'),
  ...rule('legs', 'should', ['blend'], 'The last lines are erased once all is cut.'),
  ...rule('feet', 'should', ['blend'], 'The last lines are erased once all is cut.'),
  ...rule('tail', 'should', ['blend'], 'The last lines are erased once all is cut.'),
  ...rule('underline', 'should', ['blend'], 'The last lines are erased once all is cut.'),
  ...rule('blend', 'should', ['step-back'], 'Two metres off shows what blending missed.'),
  ...rule('step-back', 'must', ['finish'], 'What is seen from two metres is mended before scent and bow.'),
  ...rule('finish', 'must', ['handover'], 'Collar on means done, to the dog as well.'),
]

/** The rules that `order` breaks, in the order of `rules`. A stage left out breaks none. */
export function breaks(order: readonly StageId[], rules: readonly OrderRule[] = ORDER_RULES): OrderRule[] {
  return rules.filter(({ before, after }) => order.includes(after) && order.indexOf(before) > order.indexOf(after))
}
