import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { DOG_TO_GO_FORMAT, DogToGo, MOST_TO_GO, cardFrom, notesFrom } from '@/core/dog-to-go'
import { strikerOfAll, struckIn } from '@/core/forget'
import type { Result } from '@/core/result'
import { readBookingsById } from '@/data/bookings'
import { addCard, readCards, readVersions } from '@/data/cards'
import { fileOf, readDog, readDogOfCall, type Dog } from '@/data/dogs'
import { readMinutesOf } from '@/data/groomFacts'
import { holdHouse } from '@/data/house'
import { readHousehold, readOwnersOf, type Owner } from '@/data/households'
import { readPastVisits } from '@/data/visits'
import type { OpenHouse } from '../house/openHouse'
import { allOrNothing } from '../together'
import { By } from '../trail/noteSaid'
import { CallerAsked, takeInDog } from './takeInDog'

/** Stands where a name or an address stood in what was written by hand. */
const LEFT_OUT = '…'

/**
 * A dog as it is handed to its next groomer. Pictures and what was written on the bench stay here, and so do names of this
 * house's people, its address and, where they did not ask to be known there, its owners: also where notes or reasons say them.
 * @param withOwner its owner wants to be known there too
 * @param most so many grooms and cards, the newest
 * @returns null when the dog is not in the book
 */
export async function dogToGo(
  dogId: number,
  withOwner: boolean,
  house: OpenHouse,
  most = MOST_TO_GO,
): Promise<DogToGo | null> {
  const dog = await readDog(dogId)
  if (!dog) return null
  const [grooms, cards, owners] = await Promise.all([
    groomsOf(dogId, most, house),
    cardsOf(dogId, most, house),
    readOwnersOf([dog.householdId]),
  ])
  const [owner] = withOwner ? owners : []
  const strike = await strikerFor(dog, withOwner ? [] : owners, house)
  return DogToGo.parse({
    kovit: DOG_TO_GO_FORMAT,
    id: randomUUID(),
    from: house.name,
    made: house.time.day(house.nowMs),
    dog: struckIn(withoutHouse(dog), strike),
    cards: struckIn(cards, strike),
    grooms,
    owner: owner ? { name: owner.name, phone: owner.phone, agreed: owner.agreed } : null,
  })
}

/** Strikes out who is nobody's business elsewhere; the dog keeps its name, and an owner who goes along the family's. */
async function strikerFor(dog: Dog, unnamed: readonly Owner[], { everybody }: OpenHouse) {
  const home = await readHousehold(dog.householdId)
  const known = { place: home?.place, spot: home?.spot }
  const family = unnamed.length === 0 ? known : { ...known, name: home?.name }
  return strikerOfAll([...everybody.map(({ name }) => ({ name })), ...unnamed, family], [dog.name], LEFT_OUT)
}

/** A picture is of a visit, and who said it is of this house: neither means anything elsewhere. */
function withoutHouse(dog: Dog): DogToGo['dog'] {
  const file = fileOf(dog)
  return { ...file, health: file.health.map(({ photo: _, saidBy: __, ...fact }) => fact) }
}

async function cardsOf(dogId: number, most: number, { time }: OpenHouse): Promise<DogToGo['cards']> {
  const versions = (await readVersions(dogId)).filter(({ kind }) => kind !== 'planned').slice(0, most)
  const cards = await readCards(versions.map(({ id }) => id))
  return versions
    .flatMap(({ id, kind, madeMs }) => {
      const zones = cards.get(id)?.zones ?? []
      return kind === 'planned' ? [] : [{ on: time.day(madeMs), kind, zones }]
    })
    .reverse()
}

async function groomsOf(dogId: number, most: number, { time }: OpenHouse): Promise<DogToGo['grooms']> {
  const visits = await readPastVisits(dogId, most)
  const [minutes, bookings] = await Promise.all([
    readMinutesOf(visits.map(({ id }) => id)),
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
