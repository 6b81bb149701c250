import dayjs from 'dayjs'
import { database } from '../connection'
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
import { demoClock } from './clock'
import { makeDesk } from './desk'
import type { Person } from './groom'
import { makeHistory } from './history'
import { seeded } from './random'
import { makeToday, makeWeeksAhead } from './today'

const SEED = 1702

/**
 * Makes Tern Harbour: two years of visits and a day half done, by the same calls that the app makes.
 * Everything that is not about the clock is the same every time.
 */
export async function makeDemo(nowMs: number): Promise<string> {
  const clock = demoClock(nowMs)
  const staff = await makeHouse(clock.timeZone)
  const [wren, ansel] = staff as [Person, Person]
  const chance = seeded(SEED)
  const dogs = await makeDogs(nowMs)
  let visits = 0
  for (const [index, { id, dog }] of dogs.entries())
    visits += await makeHistory(clock, id, dog, index % 2 === 0 ? wren : ansel, chance)
  const salon = { clock, dogs, wren, ansel, chance }
  await makeToday(salon)
  await makeWeeksAhead(salon)
  await makeDesk(dogs, wren.name, nowMs)
  return `${dogs.length} demo dogs with ${visits} past visits`
}

async function makeHouse(timeZone: string): Promise<Person[]> {
  const { house, staff, station, tool } = database().models
  await house.create({ ...DEMO_HOUSE, timeZone })
  await tool.bulkCreate([
    ...DEMO_BLADES.map((name) => ({ kind: 'blade' as const, name })),
    ...DEMO_COMBS.map((name) => ({ kind: 'comb' as const, name })),
  ])
  await station.bulkCreate(DEMO_STATIONS.map((each) => ({ ...each })))
  const people: Person[] = []
  for (const { work, ...each } of DEMO_STAFF)
    people.push({ id: (await staff.create({ ...each, work: JSON.stringify(work) })).id, name: each.name })
  return people
}

async function makeDogs(nowMs: number): Promise<{ id: number; dog: DemoDog }[]> {
  const { household, owner, dog: table } = database().models
  const homes = new Map<string, number>()
  for (const { name, place, owner: ownerName } of DEMO_HOUSEHOLDS) {
    const { id } = await household.create({ name, place })
    homes.set(name, id)
    await owner.create({ householdId: id, name: ownerName })
  }
  const made: { id: number; dog: DemoDog }[] = []
  for (const dog of DEMO_DOGS) {
    const { name, breed, coat, build, weightKg, heightCm, lengthCm, sex } = dog
    const row = await table.create({
      name,
      breed,
      coat,
      build,
      weightKg,
      heightCm,
      lengthCm,
      sex,
      householdId: homes.get(dog.household) ?? 0,
      bornOn: dayjs(nowMs).subtract(dog.ageYears, 'year').subtract(40, 'day').format('YYYY-MM-DD'),
      neutered: true,
      lightSkin: false,
      faceShape: 'normal',
      measures: JSON.stringify(dog.measures ?? {}),
      behaviour: JSON.stringify(dog.behaviour),
      health: JSON.stringify(dog.health),
    })
    made.push({ id: row.id, dog })
  }
  return made
}
