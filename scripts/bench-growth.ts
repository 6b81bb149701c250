import { tookOf } from './bench-machine'
import { bytesOf, pathsOf, textOf } from './bench-pages'

const ROUNDS = 30
const WARM = 3
/** Days to come, and dogs, among which such are looked for that give both houses the same to show. */
const DAYS = 14
const DOGS = 24
const DAY_MS = 86_400_000

/** A page in a young house and in one with ten years in its drawer: ms each time. */
interface Growth {
  what: string
  young: number[]
  old: number[]
}

/**
 * Every page of two houses, one of which has a long past, in turn: what the machine does besides slows both. Of a day with
 * as many dogs, and of a dog that was here as often: what it costs to show more of one is not what a long past costs.
 * @param houses addresses of the young one and the old one
 */
export async function growthOf(houses: readonly [string, string]): Promise<Growth[]> {
  const [days, dogs] = [await alike(houses, dogsByDay), await alike(houses, visitsByDog)]
  const pages = (at: 0 | 1) => pathsOf(houses[at], { day: days[at], dog: dogs[at] })
  const [young, old] = [await pages(0), await pages(1)]
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

type Counted = ReadonlyMap<string, number>

/** Of what can be chosen in both houses the two that show as much, of those what shows most, and the same where it can be. */
async function alike(
  houses: readonly [string, string],
  countedIn: (address: string) => Promise<Counted>,
): Promise<[string | undefined, string | undefined]> {
  const [young, old] = [await countedIn(houses[0]), await countedIn(houses[1])]
  const pairs = [...young].flatMap(([one, count]) =>
    [...old].map(([other, many]) => ({
      one,
      other,
      off: Math.abs(count - many),
      differ: Number(one !== other),
      count,
    })),
  )
  const [best] = pairs.sort((a, b) => a.off - b.off || b.count - a.count || a.differ - b.differ)
  return [best?.one, best?.other]
}

async function dogsByDay(address: string): Promise<Counted> {
  const days = Array.from({ length: DAYS }, (_, at) => new Date(Date.now() + at * DAY_MS).toISOString().slice(0, 10))
  return countedOn(days, (day) => `${address}/?day=${day}`, /\/bookings\/\d+\/plan/g)
}

async function visitsByDog(address: string): Promise<Counted> {
  const dogs = [...new Set((await textOf(`${address}/dogs`)).match(/\/dogs\/\d+/g))].slice(0, DOGS)
  return countedOn(dogs, (dog) => address + dog, /\/visits\/\d+/g)
}

async function countedOn(names: readonly string[], pageOf: (name: string) => string, what: RegExp): Promise<Counted> {
  const counted = new Map<string, number>()
  for (const name of names) counted.set(name, new Set((await textOf(pageOf(name))).match(what)).size)
  return counted
}
