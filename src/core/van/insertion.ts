import type { VanDay } from './day'
import { compared, type Label } from './label'
import { inOrder } from './route'

/** So many rounds of exchanges at the most; a day of thirty stops is done in a handful. */
const MOST_ROUNDS = 60

/**
 * A good order where there are too many for all: each stop goes in where it costs least, and then any stretch of the way is
 * turned round, or any stop moved, as long as that helps (2-opt: Croes 1958, Operations Research 6).
 */
export function goodOrder(day: VanDay): Label | null {
  let best = inserted(day, [])
  for (let round = 0; best !== null && round < MOST_ROUNDS; round++) {
    const better = improved(day, best)
    if (better === null) break
    best = better
  }
  return best?.label ?? null
}

interface Tried {
  order: number[]
  label: Label
}

/** An order that somebody wants, with all other stops where they cost least. */
export const withOthers = (day: VanDay, order: readonly number[]): Label | null => inserted(day, order)?.label ?? null

function inserted(day: VanDay, first: readonly number[]): Tried | null {
  let best: Tried | null = tried(day, [...first])
  const left = new Set(day.stops.map((_, stop) => stop).filter((stop) => !first.includes(stop)))
  while (best !== null && left.size > 0) {
    const { order } = best
    const options = [...left].flatMap((stop) =>
      Array.from({ length: order.length + 1 }, (_, at) => order.toSpliced(at, 0, stop)),
    )
    const next = bestOf(day, options)
    if (next === null) return null
    next.order.forEach((stop) => left.delete(stop))
    best = next
  }
  return best
}

const tried = (day: VanDay, order: number[]): Tried | null => {
  const label = inOrder(day, order)
  return label && { order, label }
}

function bestOf(day: VanDay, orders: readonly number[][]): Tried | null {
  let best: Tried | null = null
  for (const order of orders) {
    const now = tried(day, order)
    if (now !== null && (best === null || compared(now.label, best.label) < 0)) best = now
  }
  return best
}

function improved(day: VanDay, { order, label }: Tried): Tried | null {
  const better = bestOf(day, [...turned(order), ...moved(order)])
  return better !== null && compared(better.label, label) < 0 ? better : null
}

function* turned(order: readonly number[]): Generator<number[]> {
  for (let from = 0; from < order.length - 1; from++)
    for (let to = from + 1; to < order.length; to++)
      yield [...order.slice(0, from), ...order.slice(from, to + 1).reverse(), ...order.slice(to + 1)]
}

function* moved(order: readonly number[]): Generator<number[]> {
  for (let from = 0; from < order.length; from++) {
    const without = order.toSpliced(from, 1)
    for (let to = 0; to <= without.length; to++) if (to !== from) yield without.toSpliced(to, 0, order[from] as number)
  }
}
