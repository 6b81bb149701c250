import { z } from 'zod'
import { showAge } from '@/core/clock'
import { figureOf } from '@/core/figure'
import { DogFilter, DogSort } from '@/core/find'
import { STANDINGS, isHere } from '@/core/household'
import { SHARPEN_HOURS } from '@/core/lengths'
import { addDays } from '@/core/units'
import { countDogs, readDogIds } from '@/data/drawer'
import { readDogsById, type Dog } from '@/data/dogs'
import { readFirstCalled } from '@/data/households'
import { readTools } from '@/data/kit'
import { coatStandings, type CoatStanding } from '../dog/dogStanding'
import type { OpenHouse } from '../house/openHouse'
import { searchDrawer } from './drawer'

/** So many dogs are sent at a time: what a screen shows and the next one. */
const PAGE = 24
const SOON_DAYS = 14
/** A vaccination older than this is asked for. Source: from memory; a vet decides. */
const VACCINATION_DAYS = 365
const MIN_PER_HOUR = 60
/** A text that finds more than so many dogs is no search. */
const MOST_HITS = 500

export const DogsAsked = z.strictObject({
  text: z.string().max(120).default(''),
  filter: DogFilter.nullable().default(null),
  sort: DogSort.default('name'),
  from: z.number().int().nonnegative().max(100_000).default(0),
})
export type DogsAsked = z.infer<typeof DogsAsked>

/** The dogs that answer a question, from one of them on: only what is seen is read and sent. */
export async function dogsView({ text, filter, sort, from }: DogsAsked, house: OpenHouse) {
  const ids = await idsOf(text, filter, sort, house)
  const page = ids.slice(from, from + PAGE)
  const [dogs, counts] = await Promise.all([readDogsById(page), countDogs()])
  const shown = page.flatMap((id) => dogs.get(id) ?? [])
  const [standings, owners] = await Promise.all([
    coatStandings(shown, house.nowMs, house.time),
    readFirstCalled(shown.map(({ householdId }) => householdId)),
  ])
  return {
    total: ids.length,
    counts,
    from,
    dogs: shown.map((dog) => lineOf(dog, standings.get(dog.id), owners.get(dog.householdId)?.name ?? '', house)),
  }
}
export type DogsShown = Awaited<ReturnType<typeof dogsView>>

async function idsOf(
  text: string,
  filter: DogFilter | null,
  sort: DogSort,
  { time, nowMs }: OpenHouse,
): Promise<number[]> {
  const today = time.day(nowMs)
  const isSearch = text.trim() !== ''
  const found = isSearch ? await dogsFound(text) : []
  // A search without a filter also finds who is away: somebody looks for that very dog.
  if (isSearch && filter === null) return found
  const ids = await readDogIds({
    filter,
    sort,
    today,
    soon: addDays(today, SOON_DAYS),
    yearAgo: addDays(today, -VACCINATION_DAYS),
    now: new Date(nowMs),
    blades: filter === 'blade' ? await dullBlades() : [],
  })
  const wanted = new Set(found)
  return isSearch ? ids.filter((id) => wanted.has(id)) : ids
}

/** The dogs that a text finds; of a household or a number all who live there. */
async function dogsFound(text: string): Promise<number[]> {
  const hits = await searchDrawer(text, MOST_HITS)
  return hits
    .flatMap(({ kind, id, dogs }) => (kind === 'dog' ? [id] : dogs))
    .filter((id, at, all) => all.indexOf(id) === at)
}

async function dullBlades(): Promise<string[]> {
  const tools = await readTools()
  return tools.flatMap((tool) =>
    tool.kind === 'blade' && tool.retiredOn === null && tool.minutesSince >= SHARPEN_HOURS.soon * MIN_PER_HOUR
      ? [tool.name]
      : [],
  )
}

function lineOf(dog: Dog, standing: CoatStanding | undefined, owner: string, { time, nowMs }: OpenHouse) {
  const today = time.day(nowMs)
  const short = (day: string) => {
    const shown = time.shortDay(time.at(day, '12:00'))
    return day.slice(0, 4) === today.slice(0, 4) ? shown : `${shown} ${day.slice(0, 4)}`
  }
  const due = dog.dueOn === null ? null : `${dog.dueOn < today ? 'was due' : 'due'} ${short(dog.dueOn)}`
  return {
    id: dog.id,
    name: dog.name,
    figure: figureOf(dog),
    coatMm: Object.fromEntries(
      [...(standing?.coatMm ?? [])].map(([zone, lengthMm]) => [zone, Math.round(lengthMm * 10) / 10]),
    ),
    last: standing?.lastCut ? `last ${time.shortDay(standing.lastCut.startedMs)}` : 'first visit to come',
    due: isHere(dog.standing) ? due : STANDINGS[dog.standing].says,
    facts: `${dog.breed || dog.coat}, ${dog.weightKg} kg, ${showAge(dog.bornOn, today)}`,
    owner,
  }
}
