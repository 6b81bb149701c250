import dayjs from 'dayjs'
import { takeInDog, takeInHousehold } from '@/service/dog/takeInDog'
import { openHouse } from '@/service/house/openHouse'
import { newStation } from '@/service/house/peopleAndStations'
import { addPerson, setUpHouse } from '@/service/house/setUpHouse'
import { addToKit, changeKit } from '@/service/kit/houseKit'
import { together } from '@/service/together'
import {
  DEMO_BLADES,
  DEMO_COMBS,
  DEMO_DOGS,
  DEMO_HOUSE,
  DEMO_HOUSEHOLDS,
  DEMO_STAFF,
  DEMO_STATIONS,
  type DemoDog,
} from './cast'
import { DAY_MS, demoClock } from './clock'
import { makeDesk } from './desk'
import { done, type Person } from './groom'
import { makeHistory } from './history'
import { seeded } from './random'
import { makeToday, makeWeeksAhead } from './today'

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
  const dogs = await makeDogs(nowMs)
  let visits = 0
  for (const [index, { id, dog }] of dogs.entries())
    // One dog's years as one thing: they are there or they are not, and the disk is waited for once.
    visits += await together(() => makeHistory(house, clock, id, dog, index % 2 === 0 ? wren : ansel, chance))
  const salon = { house, clock, dogs, wren, ansel, chance }
  await makeToday(salon)
  await makeWeeksAhead(salon)
  await makeDesk(dogs, wren.name, house)
  return `${dogs.length} demo dogs with ${visits} past visits`
}

/** The 10 is for face and feet, and was sharpened so many days ago. Demo. */
const TEN = { label: 'face and feet', sharpenedDaysAgo: 90 }

async function makeHouse(timeZone: string, nowMs: number): Promise<Person[]> {
  done(await setUpHouse({ ...DEMO_HOUSE, timeZone }))
  const people: Person[] = []
  for (const person of DEMO_STAFF) people.push({ ...done(await addPerson(person)), name: person.name })
  for (const station of DEMO_STATIONS) done(await newStation(station))
  const house = await openHouse(nowMs - TEN.sharpenedDaysAgo * DAY_MS)
  for (const name of DEMO_BLADES) {
    const { toolId } = done(await addToKit({ kind: 'blade', name, label: name === '10' ? TEN.label : '' }))
    if (name === '10') done(await changeKit({ toolId, sharpened: true }, house))
  }
  for (const name of DEMO_COMBS) done(await addToKit({ kind: 'comb', name, label: '' }))
  return people
}

async function makeDogs(nowMs: number): Promise<{ id: number; dog: DemoDog }[]> {
  const homes = new Map<string, number>()
  for (const { name, place, owner } of DEMO_HOUSEHOLDS)
    homes.set(name, done(await takeInHousehold({ name, place, owner: { name: owner, phone: null } })).householdId)
  const made: { id: number; dog: DemoDog }[] = []
  for (const dog of DEMO_DOGS) {
    const { name, breed, coat, build, weightKg, heightCm, lengthCm, sex, behaviour, health } = dog
    const { dogId } = done(
      await takeInDog({
        name,
        breed,
        coat,
        build,
        weightKg,
        heightCm,
        lengthCm,
        sex,
        behaviour,
        health,
        householdId: homes.get(dog.household) ?? 0,
        bornOn: dayjs(nowMs).subtract(dog.ageYears, 'year').subtract(40, 'day').format('YYYY-MM-DD'),
        neutered: true,
        lightSkin: false,
        faceShape: 'normal',
        measures: dog.measures ?? {},
      }),
    )
    made.push({ id: dogId, dog })
  }
  return made
}
