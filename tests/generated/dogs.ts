import { BREEDS, middle } from '@/core/breeds'
import type { Database } from '@/data/connection'
import { chanceOf } from '../faults/schedule'

const NAMES = [
  'Quill',
  'Mochi',
  'Dabchick',
  'Pilchard',
  'Hobnob',
  'Ottoline',
  'Fenwick',
  'Bramble',
  'Søren',
  'Zoë',
  'Tarn',
  'Puffin',
  'Sedge',
]
const FAMILIES = [
  'Marsh',
  'Tolle',
  'Brandreth',
  'Quay',
  'Fallow',
  'Haddow',
  'Penhale',
  'Orme',
  'Lisle',
  'Dunmore',
  'Ashby',
  'Wyke',
  'Hümmel',
]
const DAY_MS = 86_400_000

/** A dog in a drawer of thousands, each in a household of its own with one person. */
export interface ManyDog {
  id: number
  name: string
  breed: string
  home: string
  people: string
  phone: string
}

/** So many dogs, the same every time. */
export function manyDogs(count: number): ManyDog[] {
  const chance = chanceOf(13)
  const one = <T>(of: readonly T[]): T => of[Math.floor(chance() * of.length)] as T
  return Array.from({ length: count }, (_, at) => {
    const home = one(FAMILIES)
    const phone = `01632 ${String(100_000 + at * 7).slice(-6)}`
    return { id: at + 1, name: one(NAMES), breed: one(BREEDS).name, home, people: `${one(NAMES)} ${home}`, phone }
  })
}

/** When dog `id` was here and is due, in days from today, and whether it comes; the plain truth that a filter is held against. */
export function whereabouts(id: number): { here: boolean; known: boolean; ago: number; dueIn: number } {
  const ago = (id * 37) % 400
  return { here: id % 50 !== 0, known: id % 7 !== 0, ago, dueIn: 42 - ago }
}

/** Puts the dogs into an empty book, as rows. */
export async function fillDrawer({ models }: Database, dogs: readonly ManyDog[], nowMs: number): Promise<void> {
  const day = (ahead: number) => new Date(nowMs + ahead * DAY_MS).toISOString().slice(0, 10)
  await models.household.bulkCreate(dogs.map(({ id, home }) => ({ id, name: home, place: `${id} Ropewalk` })))
  await models.owner.bulkCreate(
    dogs.map(({ id, people, phone }) => ({ householdId: id, name: people, phone, firstCalled: true })),
  )
  await models.dog.bulkCreate(dogs.map((dog) => rowOf(dog, day)))
}

function rowOf({ id, name, breed }: ManyDog, day: (ahead: number) => string) {
  const usual = BREEDS.find((each) => each.name === breed)
  const { here, known, ago, dueIn } = whereabouts(id)
  return {
    id,
    householdId: id,
    name,
    breed,
    coat: usual?.coat ?? 'smooth',
    build: usual?.build ?? 'square',
    weightKg: usual ? middle(usual.kg) : 10,
    lightSkin: false,
    faceShape: usual?.face ?? 'normal',
    behaviour: '{}',
    health: '[]',
    standing: here ? 'here' : 'died',
    groomedOn: known ? day(-ago) : null,
    dueOn: known ? day(dueIn) : null,
    wishOn: id % 11 === 0 ? day(-3) : null,
    vaccinatedOn: id % 3 === 0 ? null : day(-ago),
  }
}
