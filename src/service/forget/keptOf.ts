import { AGREEMENTS } from '@/core/household'
import { foldVisit } from '@/core/visit'
import { readBookingsOfDogs } from '@/data/bookings'
import { readDogsOf } from '@/data/dogs'
import { readDogLogs } from '@/data/events'
import { readFileChanges } from '@/data/fileChanges'
import { readHousehold, readOwnersOf } from '@/data/households'
import { readSaidOfBookings } from '@/data/messages'
import type { OpenHouse } from '../house/openHouse'

/** All that the house keeps about a person, as they can read it; null when they are not in the book. */
export async function keptOf(householdId: number, ownerId: number, { time, name, nowMs }: OpenHouse) {
  const [home, owners] = await Promise.all([readHousehold(householdId), readOwnersOf([householdId])])
  const owner = owners.find(({ id }) => id === ownerId)
  if (!home || !owner) return null
  const dogs = await readDogsOf(home.id)
  const bookings = await readBookingsOfDogs(
    dogs.map(({ id }) => id),
    0,
  )
  const nameOf = new Map(dogs.map(({ id, name: dog }) => [id, dog]))
  const when = (ms: number) => `${time.day(ms)} ${time.clock(ms)}`
  const [said, logs, changes] = await Promise.all([
    readSaidOfBookings(bookings.map(({ id }) => id)),
    Promise.all(dogs.map(({ id }) => readDogLogs(id, ['consent']))),
    readFileChanges({ kind: 'household', id: home.id }),
  ])
  return {
    house: name,
    asOf: when(nowMs),
    person: { id: owner.id, name: owner.name, phone: owner.phone, email: owner.email, calledFirst: owner.first },
    agreed: Object.entries(AGREEMENTS).map(([id, label]) => ({
      to: label,
      answer:
        { true: 'yes', false: 'no', undefined: 'not asked yet' }[String(owner.agreed[id as keyof typeof AGREEMENTS])] ??
        '',
    })),
    household: { id: home.id, name: home.name, address: home.place, notes: home.notes, door: home.spot },
    others: owners.filter(({ id }) => id !== owner.id).map((each) => each.name),
    dogs: dogs.map(({ name: dog, breed, weightKg, bornOn, more }) => ({
      name: dog,
      breed,
      weightKg,
      bornOn,
      vet: more.vet,
      medicine: more.medicine,
      notes: more.notes,
    })),
    bookings: bookings.map(({ dogId, startMs, service, home: stop }) => ({
      dog: nameOf.get(dogId) ?? '',
      when: when(startMs),
      service,
      at: stop?.place ?? '',
    })),
    messages: said.map(({ saidMs, way, words }) => ({ when: when(saidMs), way, words })),
    signed: logs.flatMap((visits) =>
      visits.flatMap((log) =>
        foldVisit(log).consents.map(({ consent, signed, shown, atMs }) => ({
          what: consent,
          when: when(atMs),
          name: signed,
          words: shown,
        })),
      ),
    ),
    changes: changes.map(({ madeMs, madeBy, after }) => ({
      when: when(madeMs),
      by: madeBy,
      what: JSON.stringify(after),
    })),
  }
}
export type Kept = NonNullable<Awaited<ReturnType<typeof keptOf>>>
