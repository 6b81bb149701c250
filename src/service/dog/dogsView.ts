import { COAT_FACTS } from '@/core/coat'
import { showAge } from '@/core/clock'
import { figureOf } from '@/core/figure'
import { readDogs, readOwners } from '@/data/dogs'
import type { OpenHouse } from '../house/openHouse'
import { coatStandings } from './dogStanding'

/** Every dog with the coat it has today. */
export async function dogsView({ time, nowMs }: OpenHouse) {
  const [dogs, owners] = await Promise.all([readDogs(), readOwners()])
  const standings = await coatStandings(dogs, nowMs, time)
  const today = time.day(nowMs)
  return dogs.map((dog) => {
    const standing = standings.get(dog.id)
    const last = standing?.lastCut
    return {
      id: dog.id,
      name: dog.name,
      figure: figureOf(dog),
      coatMm: Object.fromEntries(standing?.coatMm ?? []),
      last: last ? `last ${time.shortDay(last.startedMs)}` : 'first visit to come',
      facts: `${dog.breed}, ${dog.weightKg} kg, ${showAge(dog.bornOn, today)}`,
      home: `${owners.get(dog.householdId)?.name ?? ''}. ${COAT_FACTS[dog.coat].dries}.`,
    }
  })
}
