import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { DOG_TO_GO_FORMAT, DogToGo, MOST_TO_GO, cardFrom, notesFrom } from '@/core/dog-to-go'
import type { Result } from '@/core/result'
import { readBookingsById } from '@/data/bookings'
import { addCard, readCards, readVersions } from '@/data/cards'
import { fileOf, readDog, readDogOfCall, type Dog } from '@/data/dogs'
import { readMinutesOf } from '@/data/groomFacts'
import { holdHouse } from '@/data/house'
import { readOwnersOf } from '@/data/households'
import { readVisitsOfDog } from '@/data/visits'
import type { OpenHouse } from '../house/openHouse'
import { allOrNothing } from '../together'
import { By } from '../trail/noteSaid'
import { CallerAsked, takeInDog } from './takeInDog'

/**
 * A dog as it is handed to its next groomer. Names of this house's people, pictures and what was written on the bench stay here.
 * @param withOwner its owner wants to be known there too
 * @returns null when the dog is not in the book
 */
export async function dogToGo(dogId: number, withOwner: boolean, house: OpenHouse): Promise<DogToGo | null> {
  const dog = await readDog(dogId)
  if (!dog) return null
  const [grooms, cards, [owner]] = await Promise.all([
    groomsOf(dogId, house),
    cardsOf(dogId, house),
    withOwner ? readOwnersOf([dog.householdId]) : [],
  ])
  return DogToGo.parse({
    kovit: DOG_TO_GO_FORMAT,
    id: randomUUID(),
    from: house.name,
    made: house.time.day(house.nowMs),
    dog: withoutHouse(dog),
    cards,
    grooms,
    owner: owner ? { name: owner.name, phone: owner.phone, agreed: owner.agreed } : null,
  })
}

/** A picture is of a visit, and who said it is of this house: neither means anything elsewhere. */
function withoutHouse(dog: Dog): DogToGo['dog'] {
  const file = fileOf(dog)
  return { ...file, health: file.health.map(({ photo: _, saidBy: __, ...fact }) => fact) }
}

async function cardsOf(dogId: number, { time }: OpenHouse): Promise<DogToGo['cards']> {
  const versions = (await readVersions(dogId)).filter(({ kind }) => kind !== 'planned').slice(0, MOST_TO_GO)
  const cards = await readCards(versions.map(({ id }) => id))
  return versions
    .flatMap(({ id, kind, madeMs }) => {
      const zones = cards.get(id)?.zones ?? []
      return kind === 'planned' ? [] : [{ on: time.day(madeMs), kind, zones }]
    })
    .reverse()
}

async function groomsOf(dogId: number, { time }: OpenHouse): Promise<DogToGo['grooms']> {
  const visits = (await readVisitsOfDog(dogId, MOST_TO_GO)).filter(({ closedMs }) => closedMs !== null)
  const [minutes, bookings] = await Promise.all([
    readMinutesOf(dogId),
    readBookingsById(visits.map(({ bookingId }) => bookingId)),
  ])
  return visits
    .map(({ id, bookingId, startedMs }) => ({
      on: time.day(startedMs),
      service: bookings.get(bookingId)?.service ?? 'Full groom',
      minutes: minutes.get(id) ?? null,
    }))
    .reverse()
}

export const TakeOverAsked = z.strictObject({ file: DogToGo, caller: CallerAsked, by: By })

/** The notes of a file hold so many characters. */
const MOST_NOTES = 2000

/** Takes a dog over from another house: its file, its cards as versions, its grooms as a note. All of it, or nothing; twice is once. */
export function takeOver(
  { file, caller, by }: z.infer<typeof TakeOverAsked>,
  house: OpenHouse,
): Promise<Result<{ dogId: number }>> {
  return allOrNothing(async () => {
    // One after another, so that a file that is sent twice at once finds what the first one made.
    await holdHouse()
    const there = await readDogOfCall(file.id)
    if (there) return { ok: true, value: { dogId: there.id } }
    const dog = { ...file.dog, more: { ...file.dog.more, notes: notesFrom(file, MOST_NOTES) } }
    const taken = await takeInDog({ callId: file.id, caller, dog, booking: null, by }, house)
    if (!taken.ok) return taken
    const { dogId } = taken.value
    for (const card of file.cards)
      await addCard({
        dogId,
        kind: 'saved',
        madeMs: house.nowMs,
        madeBy: by,
        why: cardFrom(file, card),
        zones: card.zones,
      })
    return { ok: true, value: { dogId } }
  })
}
