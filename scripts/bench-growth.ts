import { tookOf } from './bench-machine'
import { bytesOf, pathsOf } from './bench-pages'

const ROUNDS = 30
const WARM = 3

/** A page in a young house and in one with ten years in its drawer: ms each time. */
interface Growth {
  what: string
  young: number[]
  old: number[]
}

/**
 * Every page of two houses of the same week, one of which has a long past, in turn: what the machine does besides slows both.
 * @param houses addresses of the young one and the old one
 */
export async function growthOf(houses: readonly [string, string]): Promise<Growth[]> {
  const [young, old] = [await pathsOf(houses[0]), await pathsOf(houses[1])]
  const found: Growth[] = []
  for (const { what, path } of young) {
    const other = old.find((page) => page.what === what)
    if (!other) continue
    const grown: Growth = { what, young: [], old: [] }
    for (let round = -WARM; round < ROUNDS; round++)
      for (const [took, page] of [
        [grown.young, houses[0] + path],
        [grown.old, houses[1] + other.path],
      ] as const) {
        const { ms } = await tookOf(() => bytesOf(() => fetch(page)))
        if (round >= 0) took.push(ms)
      }
    found.push(grown)
  }
  return found
}
