import { seeded } from '../tests/generated/random'

/** What one house asks in its busiest hour, and what one answer costs its server. */
export interface HouseCost {
  /** Pages that desks and tablets ask for in an hour, and notes that benches send. From memory: five people. */
  pagesAnHour: number
  notesAnHour: number
  pageMs: number
  noteMs: number
  /** Memory of a house's server and of its share of the database, MB. */
  memoryMb: number
}

export interface Machine {
  cores: number
  memoryMb: number
}

const HOUR_MS = 3_600_000

interface Asked {
  house: number
  atMs: number
  costMs: number
}

/**
 * An hour of many houses on one machine: how long answers take, ms. Each house has one server, which does one thing at a time;
 * the machine's cores are shared.
 */
export function hourOf(houses: number, cost: HouseCost, { cores }: Machine, seed: number): number[] {
  const next = seeded(seed)
  const asked: Asked[] = []
  for (let house = 0; house < houses; house++)
    for (const [anHour, costMs] of [
      [cost.pagesAnHour, cost.pageMs],
      [cost.notesAnHour, cost.noteMs],
    ] as const)
      for (let n = 0; n < anHour; n++) asked.push({ house, atMs: next() * HOUR_MS, costMs: costMs * (0.5 + next()) })
  asked.sort((a, b) => a.atMs - b.atMs)
  const coreFreeMs = new Array<number>(cores).fill(0)
  const serverFreeMs = new Array<number>(houses).fill(0)
  return asked.map(({ house, atMs, costMs }) => {
    const core = coreFreeMs.indexOf(Math.min(...coreFreeMs))
    const from = Math.max(atMs, serverFreeMs[house] ?? 0, coreFreeMs[core] ?? 0)
    serverFreeMs[house] = coreFreeMs[core] = from + costMs
    return from + costMs - atMs
  })
}

export const p95 = (took: readonly number[]): number =>
  [...took].sort((a, b) => a - b)[Math.floor(took.length * 0.95)] ?? 0

/** So many houses one machine holds: by its memory, and of those as many as its cores answer quickly. */
export function housesOn(machine: Machine, cost: HouseCost, mostMs: number): { byMemory: number; quick: number } {
  const byMemory = Math.floor(machine.memoryMb / cost.memoryMb)
  const isQuick = (houses: number) => p95(hourOf(houses, cost, machine, houses)) <= mostMs
  let [quick, tooMany] = isQuick(byMemory) ? [byMemory, byMemory + 1] : [0, byMemory]
  while (tooMany - quick > 1) {
    const half = Math.floor((quick + tooMany) / 2)
    if (isQuick(half)) quick = half
    else tooMany = half
  }
  return { byMemory, quick }
}

const CHAIN = 1000
const MOST_MS = 250
const MACHINE: Machine = { cores: 16, memoryMb: 128_000 }
/** Five people at benches and a desk. From memory; a note is an event of a groom with the hands that look on. */
const BUSY = { pagesAnHour: 240, notesAnHour: 400 }

/** A chain of a thousand houses, each with a server and a schema of its own, by what one was measured to cost. */
export function chain(measured: Pick<HouseCost, 'pageMs' | 'noteMs' | 'memoryMb'>): string[] {
  const cost = { ...BUSY, ...measured }
  const { byMemory, quick: houses } = housesOn(MACHINE, cost, MOST_MS)
  const took = hourOf(houses, cost, MACHINE, 1)
  return [
    `one house: ${cost.pagesAnHour} pages and ${cost.notesAnHour} notes in its busiest hour, ${cost.pageMs} and ${cost.noteMs} ms each, ${cost.memoryMb} MB`,
    `a machine of ${MACHINE.cores} cores and ${MACHINE.memoryMb / 1000} GB holds ${byMemory} houses by its memory, and answers ${houses} of them quickly`,
    `with ${houses} houses on it an answer takes ${p95(took).toFixed(0)} ms at p95; ${CHAIN} houses want ${Math.ceil(CHAIN / houses)} of them`,
  ]
}
