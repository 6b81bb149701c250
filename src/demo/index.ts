import dayjs from 'dayjs'
import { usualOf } from '@/core/breeds'
import { newFile, type DogFile } from '@/core/dog'
import { SET_UP_STEPS, type SetUpStep } from '@/core/house'
import { takeInDog } from '@/service/dog/takeInDog'
import { openHouse, type OpenHouse } from '@/service/house/openHouse'
import { addPerson, changePerson } from '@/service/house/people'
import { passStep, setUpHouse } from '@/service/house/setUpHouse'
import { newStation } from '@/service/house/stations'
import { addToKit, changeKit } from '@/service/kit/houseKit'
import { together } from '@/service/together'
import {
  DEMO_BLADES,
  DEMO_COMBS,
  DEMO_DOGS,
  DEMO_HOUSE,
  DEMO_HOUSEHOLDS,
  DEMO_NUMBERS,
  DEMO_STAFF,
  DEMO_STATIONS,
  type DemoDog,
} from './cast'
import { DAY_MS, demoClock } from './clock'
import { makeDesk } from './desk'
import { done, type Person } from './groom'
import { makeHistory } from './history'
import { seeded } from '@/core/chance'
import { makeToday } from './today'
import { makeBook } from './book'

const SEED = 1702

/**
 * Makes Tern Harbour: two years of visits and a day half done, by the same services that the app calls.
 * Everything that is not about the clock is the same every time.
 */
export async function makeDemo(nowMs: number): Promise<string> {
  const clock = demoClock(nowMs)
  const [wren, ansel] = (await makeHouse(clock.timeZone, nowMs)) as [Person, Person]
  const house = await openHouse(nowMs)
  const chance = seeded(SEED)
  const dogs = await makeDogs(house)
  let visits = 0
  for (const [index, { id, dog }] of dogs.entries())
    // One dog's years as one thing: they are there or they are not, and the disk is waited for once.
    visits += await together(() => makeHistory(house, clock, id, dog, index % 2 === 0 ? wren : ansel, chance))
  const salon = { house, clock, dogs, wren, ansel, chance }
  await makeToday(salon)
  await makeBook(salon)
  await makeDesk(dogs, wren.name, house)
  return `${dogs.length} demo dogs with ${visits} past visits`
}

/** The 10 is for face and feet, and was sharpened so many days ago. Demo. */
const TEN = { label: 'face and feet', sharpenedDaysAgo: 90 }

async function makeHouse(timeZone: string, nowMs: number): Promise<Person[]> {
  done(await setUpHouse({ ...DEMO_HOUSE, timeZone }))
  for (const step of Object.keys(SET_UP_STEPS) as SetUpStep[]) done(await passStep(step))
  const people: Person[] = []
  for (const person of DEMO_STAFF)
    people.push({ ...done(await addPerson(person, DEMO_STAFF[0].name)), name: person.name })
  done(await changePerson({ id: people[0]?.id ?? 0, owner: true }, DEMO_STAFF[0].name))
  for (const station of DEMO_STATIONS) done(await newStation(station))
  const house = await openHouse(nowMs - TEN.sharpenedDaysAgo * DAY_MS)
  for (const name of DEMO_BLADES) {
    const { toolId } = done(await addToKit({ kind: 'blade', name, label: name === '10' ? TEN.label : '' }))
    if (name === '10') done(await changeKit({ toolId, sharpened: true }, house))
  }
  for (const name of DEMO_COMBS) done(await addToKit({ kind: 'comb', name, label: '' }))
  return people
}

/** A vaccination lies back so many days, by the place of the dog in the list; some are due again. Demo. */
const vaccinatedDaysAgo = (index: number): number => 20 + ((index * 53) % 430)

async function makeDogs(house: OpenHouse): Promise<{ id: number; dog: DemoDog }[]> {
  const homes = new Map<string, number>()
  const made: { id: number; dog: DemoDog }[] = []
  for (const [index, dog] of DEMO_DOGS.entries()) {
    const { householdId, dogId } = done(
      await takeInDog({ caller: callerOf(dog, homes), dog: fileFor(dog, index, house.nowMs), booking: null }, house),
    )
    homes.set(dog.household, householdId)
    made.push({ id: dogId, dog })
  }
  return made
}

/** Who brings a dog: its household, which is new with its first one. */
function callerOf({ household }: DemoDog, homes: ReadonlyMap<string, number>) {
  const householdId = homes.get(household)
  if (householdId !== undefined) return { kind: 'known' as const, householdId }
  const at = DEMO_HOUSEHOLDS.findIndex(({ name }) => name === household)
  const { owner = household, place = '' } = DEMO_HOUSEHOLDS[at] ?? {}
  const phone = `${DEMO_NUMBERS}${String(at + 1).padStart(2, '0')}`
  return {
    kind: 'new' as const,
    name: owner,
    phone,
    place,
    household,
    agreed: { messages: true, pictures: at % 3 !== 0 },
  }
}

function fileFor(dog: DemoDog, index: number, nowMs: number): DogFile {
  const { heightCm, lengthCm, sex, behaviour, health } = dog
  const day = (daysAgo: number) => dayjs(nowMs).subtract(daysAgo, 'day')
  return {
    ...newFile({ name: dog.name, breed: dog.breed, coat: dog.coat, build: dog.build, weightKg: dog.weightKg }),
    heightCm,
    lengthCm,
    sex,
    behaviour,
    health,
    bornOn: day(40).subtract(dog.ageYears, 'year').format('YYYY-MM-DD'),
    neutered: true,
    measures: dog.measures ?? {},
    faceShape: usualOf(dog.breed)?.face ?? 'normal',
    vaccinatedOn: day(vaccinatedDaysAgo(index)).format('YYYY-MM-DD'),
  }
}
