import { z } from 'zod'
import { showAge } from '@/core/clock'
import { dayNamed } from '@/core/find'
import { STANDINGS, isHere } from '@/core/household'
import { addDays } from '@/core/units'
import { readRecentDogIds } from '@/data/drawer'
import { readDogsById } from '@/data/dogs'
import { readFirstCalled, readHouseholds, readOwnersOf } from '@/data/households'
import type { OpenHouse } from '../house/openHouse'
import { searchDrawer, type Hit } from './drawer'

export const FindAsked = z.strictObject({ text: z.string().max(120) })

export interface Found {
  kind: 'dog' | 'household' | 'day'
  href: string
  name: string
  words: string
}

const MOST = 8

/** What a text finds of dogs, households and days; of no text, who comes today and who was here last. */
export async function findAnything({ text }: z.infer<typeof FindAsked>, house: OpenHouse): Promise<Found[]> {
  const { time, nowMs } = house
  const today = time.day(nowMs)
  if (text.trim() === '') {
    const ids = await readRecentDogIds(time.startOfDay(today), time.startOfDay(addDays(today, 1)), MOST)
    return inWords(
      ids.map((id) => ({ kind: 'dog', id, dogs: [] })),
      house,
    )
  }
  const day = dayNamed(text, today)
  const onDay: Found[] =
    day === null
      ? []
      : [{ kind: 'day', href: `/?day=${day}`, name: time.longDay(time.at(day, '12:00')), words: 'the day' }]
  return [...onDay, ...(await inWords(await searchDrawer(text, MOST), house))]
}

async function inWords(hits: readonly Hit[], { time, nowMs }: OpenHouse): Promise<Found[]> {
  const of = (kind: Hit['kind']) => hits.flatMap((hit) => (hit.kind === kind ? [hit.id] : []))
  const dogs = await readDogsById(of('dog'))
  const homes = of('household')
  const [owners, households, people] = await Promise.all([
    readFirstCalled([...dogs.values()].map(({ householdId }) => householdId)),
    readHouseholds(homes),
    readOwnersOf(homes),
  ])
  const today = time.day(nowMs)
  return hits.flatMap(({ kind, id }): Found[] => {
    const dog = dogs.get(id)
    if (kind === 'dog' && dog) {
      const facts = [dog.breed || dog.coat, showAge(dog.bornOn, today), owners.get(dog.householdId)?.name ?? '']
      const words = isHere(dog.standing) ? facts : [...facts, STANDINGS[dog.standing].says]
      return [{ kind, href: `/dogs/${id}`, name: dog.name, words: words.filter(Boolean).join(', ') }]
    }
    const household = households.get(id)
    if (kind === 'dog' || !household) return []
    const who = people
      .filter(({ householdId }) => householdId === id)
      .map(({ name, phone }) => [name, phone].filter(Boolean).join(' '))
    return [
      {
        kind,
        href: `/households/${id}`,
        name: household.name,
        words: [...who, household.place].filter(Boolean).join(', '),
      },
    ]
  })
}
