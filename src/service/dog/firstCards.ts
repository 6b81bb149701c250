import { z } from 'zod'
import { figureOf } from '@/core/figure'
import { MOST_SCRIBBLES, namesIn, toldBy, type DogOfCard } from '@/core/scribbles'
import { refuse, type Result } from '@/core/result'
import { readLatestVersions, readVersions } from '@/data/cards'
import { readDogsNamed } from '@/data/dogs'
import { readHouseholds } from '@/data/households'
import { caseOfDraft, draftOf } from '../booking/planOf'
import type { OpenHouse } from '../house/openHouse'
import { papersOf } from './papers'

export const HeadsAsked = z
  .array(z.string().trim().min(1).max(60))
  .max(MOST_SCRIBBLES, { error: `Bring at most ${MOST_SCRIBBLES} cards at a time.` })

/** The dogs that the heads of scribbled cards tell, head by head. */
export async function dogsOfHeads(heads: readonly string[]): Promise<Result<DogOfCard[][]>> {
  const dogs = await readDogsNamed([...new Set(heads.flatMap(namesIn))])
  const [homes, versions] = await Promise.all([
    readHouseholds(dogs.map(({ householdId }) => householdId)),
    readLatestVersions(dogs.map(({ id }) => id)),
  ])
  const all = dogs.map(({ id, name, householdId, breed, coat }) => ({
    dogId: id,
    name,
    household: homes.get(householdId)?.name ?? '',
    what: [breed, `${coat} coat`].filter((word) => word !== '').join(', '),
    version: versions.get(id) ?? 0,
  }))
  return { ok: true, value: heads.map((head) => toldBy(head, all)) }
}

export const DogOfCardAsked = z.number().int().positive()

/** What a first card is planned from: the dog in its usual coat, without a wish. */
export async function firstCardOf(dogId: number, house: OpenHouse) {
  const file = await caseOfDraft(draftOf(dogId, house, false), house.time)
  if (!file) return refuse('dogId', 'This dog is not in the book.')
  const [[newest], papers] = await Promise.all([readVersions(dogId), papersOf(dogId, house)])
  return {
    ok: true as const,
    value: {
      start: file.planned,
      dog: { name: file.standing.dog.name, ...figureOf(file.standing.dog) },
      unit: house.unit,
      version: newest?.version ?? 0,
      papers,
    },
  }
}
export type FirstCardView = Extract<Awaited<ReturnType<typeof firstCardOf>>, { ok: true }>['value']
