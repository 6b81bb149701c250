import { STAGES, type StageId } from '../stages'
import { ORDER_RULES, type OrderRule } from './rules'
import type { House } from './schools'

/** The order a house likes when no rule decides. */
export function preferredOrder(house: House): StageId[] {
  const move = (order: StageId[], stage: StageId, behind: StageId): StageId[] => {
    const rest = order.filter((each) => each !== stage)
    rest.splice(rest.indexOf(behind) + 1, 0, stage)
    return rest
  }
  let order: StageId[] = [...STAGES]
  if (house.brushFirst === 'after-rough') order = move(order, 'brush-out', 'rough-in')
  if (house.earsWhen === 'after-bath') order = move(order, 'ears', 'towel')
  if (house.nailsWhen === 'in-bath') order = move(order, 'nails', 'condition')
  if (house.nailsWhen === 'after-dry') order = move(order, 'nails', 'comb-through')
  if (house.faceFeetWhen === 'after-dry') order = move(order, 'pre-clip', 'comb-through')
  if (house.startAt === 'head') order = move(move(order, 'flat-work', 'pads'), 'head', 'flat-work')
  if (house.startAt === 'rear') order = move(order, 'tail', 'body')
  if (house.startAt === 'front') order = move(order, 'flat-work', 'pads')
  return order
}

/**
 * The stages in an order that breaks no rule, as near to the house's own as the rules allow:
 * of all stages whose forerunners are done, the one the house likes first comes next.
 */
export function arrange(
  stages: readonly StageId[],
  preferred: readonly StageId[],
  rules: readonly OrderRule[] = ORDER_RULES,
): StageId[] {
  const left = preferred.filter((stage) => stages.includes(stage))
  const arranged: StageId[] = []
  while (left.length > 0) {
    const next = left.find((stage) => !rules.some((rule) => rule.after === stage && left.includes(rule.before)))
    if (next === undefined) throw new Error('The order rules contain a circle.')
    arranged.push(...left.splice(left.indexOf(next), 1))
  }
  return arranged
}
