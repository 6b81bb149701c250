import { z } from 'zod'
import { Clock, isBathers, Skill } from '../people'
import { Behaviour, Case, makePlan } from '../plan'
import { StageId } from '../stages'
import { Day as Date } from '../units'
import { TANK_LITRES } from '../van'

const count = (what: string, most: number) =>
  z
    .number({ error: `Give the number of ${what}.` })
    .int({ error: `The number of ${what} must be whole.` })
    .min(0, { error: `The number of ${what} must be 0 to ${most}.` })
    .max(most, { error: `The number of ${what} must be 0 to ${most}.` })

const within = (what: string, low: number, high: number, unit: string) =>
  z
    .number({ error: `Give ${what} as a number.` })
    .min(low, { error: `${what} must be ${low} to ${high} ${unit}.` })
    .max(high, { error: `${what} must be ${low} to ${high} ${unit}.` })

const id = z.string().min(1, { error: 'Give an id.' }).max(60, { error: 'Keep an id to 60 characters.' })
const spot = { lat: within('Latitude', -90, 90, 'degrees'), lon: within('Longitude', -180, 180, 'degrees') }
const minutes = (what: string, most = 720) => within(what, 0, most, 'min')

/** Somebody who has dogs in hand today. */
export const DayPerson = z.strictObject({
  id,
  role: z.enum(['groomer', 'bather']),
  skills: z.array(Skill).default([]),
  from: Clock,
  to: Clock,
})
export type DayPerson = z.infer<typeof DayPerson>

/** How many there are of each place; left out, a house has these. */
export const Stations = z.strictObject({
  table: count('tables', 40).default(1),
  tub: count('tubs', 40).default(1),
  dryer: count('dryers', 40).default(1),
  cabinet: count('cabinets', 40).default(0),
  bay: count('bays', 80).default(2),
})
export type Stations = z.infer<typeof Stations>

/** A stage with its hands-on minutes at the median and the wait after them; how they spread, where it is known. */
export const DayStage = z.strictObject({
  id: StageId,
  handsMin: minutes('The hands', 600),
  waitMin: minutes('The wait', 600).default(0),
  sigma: z.number().min(0).max(2).optional(),
})
export type DayStage = z.infer<typeof DayStage>

/** What somebody has fixed of a dog's day: who does a stage, and from when at the earliest. The rest is planned around it. */
export const Lock = z.strictObject({ stage: StageId, person: id.optional(), from: Clock.optional() })
export type Lock = z.infer<typeof Lock>

/** A dog of the day: when it may come, until when it is promised, and its work. */
export const DayDog = z.strictObject({
  id,
  household: id.optional(),
  bring: Clock,
  promise: Clock,
  /** Who was promised. */
  groomer: id.optional(),
  case: Case.optional(),
  stages: z.array(DayStage).min(1, { error: 'Give at least one stage.' }).max(40).optional(),
  waterLitres: within('The water', 0, 1000, 'l').optional(),
  behaviour: Behaviour.optional(),
  contagious: z.boolean().default(false),
  handlers: z.union([z.literal(1), z.literal(2)]).default(1),
  noShow: z.boolean().default(false),
  /** Very old or very young: no long waits. A whole case tells it by itself. */
  frail: z.boolean().default(false),
  locks: z.array(Lock).max(40, { error: 'Fix at most 40 stages of a dog.' }).default([]),
  /** It is not to stand in a bay. */
  noBay: z.boolean().default(false),
  home: z.strictObject(spot).optional(),
})
export type DayDog = z.infer<typeof DayDog>

/** What was seen on the benches: `to` is null while it goes on, `stage` in a bay, `person` where nobody's hands are needed. */
export const Happened = z.strictObject({
  dog: id,
  stage: StageId.nullable(),
  person: id.nullable(),
  from: Clock,
  to: Clock.nullable(),
  station: z.string().nullable().default(null),
})
export type Happened = z.infer<typeof Happened>

export const DayVan = z.strictObject({
  base: z.strictObject(spot).optional(),
  refills: z.array(z.strictObject({ id, ...spot })).default([]),
  tankLitres: within('The tank', 1, 2000, 'l').optional(),
  speedKmh: within('The speed', 1, 130, 'km/h').optional(),
  roadFactor: within('The road factor', 1, 5, 'times').optional(),
  setUpMin: minutes('Setting up').optional(),
  packMin: minutes('Packing').optional(),
  refillMin: minutes('Filling the tank').optional(),
  travelMin: z.record(z.string(), z.record(z.string(), minutes('A way', 1440))).optional(),
})
export type DayVan = z.infer<typeof DayVan>

/** A day of a house: people, places, dogs and what happened. House clock. */
export const HouseDay = z
  .strictObject({
    kovit: z.literal('day/1'),
    date: Date,
    now: Clock,
    setting: z.enum(['salon', 'mobile']),
    people: z.array(DayPerson).min(1, { error: 'Name at least one person.' }).max(40),
    stations: Stations.prefault({}),
    dogs: z.array(DayDog).max(80, { error: 'A day holds at most 80 dogs.' }),
    happened: z.array(Happened).default([]),
    van: DayVan.optional(),
    seed: z.number().int().min(0).max(4294967295).default(1),
  })
  .superRefine((day, { addIssue }) => {
    for (const [path, message] of faults(day)) addIssue({ code: 'custom', path, message })
  })
export type HouseDay = z.infer<typeof HouseDay>

type Fault = [path: (string | number)[], sentence: string]
interface Raw {
  now: string
  setting: string
  people: DayPerson[]
  stations: Stations
  dogs: DayDog[]
  happened: Happened[]
  van?: DayVan | undefined
}

/** What only the whole day tells: who and what is named and is not there, and what cannot be. */
function* faults(day: Raw): Generator<Fault> {
  yield* twice(day.people, 'people')
  yield* twice(day.dogs, 'dogs')
  for (const [at, { from, to }] of day.people.entries())
    if (from >= to) yield [['people', at, 'to'], 'A person must go home after coming.']
  for (const [at, dog] of day.dogs.entries()) yield* dogFaults(day, dog, at)
  for (const [at, row] of day.happened.entries()) yield* happenedFaults(day, row, at)
  if (day.setting === 'mobile') yield* vanFaults(day)
  else yield* salonFaults(day)
}

function* twice(all: readonly { id: string }[], where: string): Generator<Fault> {
  const seen = new Set<string>()
  for (const [at, { id: own }] of all.entries()) {
    if (seen.has(own)) yield [[where, at, 'id'], 'This id is there twice.']
    seen.add(own)
  }
}

function* dogFaults({ people }: Raw, dog: DayDog, at: number): Generator<Fault> {
  if (dog.bring >= dog.promise) yield [['dogs', at, 'promise'], 'A dog must be promised for later than it comes.']
  if (!dog.case === !dog.stages) yield [['dogs', at, 'stages'], 'Give either a whole case or the stages.']
  if (dog.groomer !== undefined && !people.some(({ id: own, role }) => own === dog.groomer && role === 'groomer'))
    yield [['dogs', at, 'groomer'], 'This groomer does not work today.']
  const ids = (dog.stages ?? []).map((stage) => stage.id)
  for (const [number, stage] of ids.entries())
    if (ids.indexOf(stage) !== number) yield [['dogs', at, 'stages', number, 'id'], 'This stage is there twice.']
  for (const [number, { stage, person }] of dog.locks.entries()) {
    const who = people.find(({ id: own }) => own === person)
    const path = ['dogs', at, 'locks', number]
    if (dog.stages && !ids.includes(stage)) yield [[...path, 'stage'], 'This stage is not of this dog.']
    if (person !== undefined && !who) yield [[...path, 'person'], 'This person is not in the day.']
    if (who?.role === 'bather' && !isBathers(stage)) yield [[...path, 'person'], 'A bather does not do this stage.']
  }
}

function* happenedFaults({ dogs, people, stations, now }: Raw, row: Happened, at: number): Generator<Fault> {
  if (!dogs.some((dog) => dog.id === row.dog)) yield [['happened', at, 'dog'], 'This dog is not in the day.']
  if (row.person !== null && !people.some((person) => person.id === row.person))
    yield [['happened', at, 'person'], 'This person is not in the day.']
  if (row.from > now) yield [['happened', at, 'from'], 'What happened cannot begin after now.']
  if (row.to !== null && (row.to < row.from || row.to > now))
    yield [['happened', at, 'to'], 'What is over ends after it began, and not after now.']
  if (row.station !== null && unitOf(stations, row.station) === null)
    yield [['happened', at, 'station'], 'This place is not in the house. Write it as: tub 1.']
}

function* salonFaults({ stations, dogs, people }: Raw): Generator<Fault> {
  for (const kind of ['table', 'tub', 'dryer'] as const)
    if (stations[kind] === 0 && dogs.length > 0) yield [['stations', kind], `A day with dogs needs a ${kind}.`]
  if (dogs.length > 0 && !people.some(({ role }) => role === 'groomer'))
    yield [['people'], 'A day with dogs needs a groomer.']
}

function* vanFaults({ dogs, van, people }: Raw): Generator<Fault> {
  if (people.length !== 1 || people[0]?.role !== 'groomer') yield [['people'], 'A van has one person, a groomer.']
  if (!van) return yield [['van'], 'A day on the road needs its van.']
  if (!van.travelMin && !van.base) yield [['van', 'base'], 'Give where the van starts, or a table of ways.']
  const tank = van.tankLitres ?? TANK_LITRES
  for (const [at, dog] of dogs.entries()) {
    if (!van.travelMin && !dog.home) yield [['dogs', at, 'home'], 'Give where this dog lives, or a table of ways.']
    if (dog.locks.length > 0) yield [['dogs', at, 'locks'], 'On the road no stage can be fixed.']
    if ((dog.waterLitres ?? (dog.case ? makePlan(dog.case).bath.waterLitres : 0)) > tank)
      yield [['dogs', at, 'waterLitres'], 'The tank cannot rinse this bath.']
  }
}

/** A place by its kind and number, such as `tub 1`; null when the house has none of that name. */
export function unitOf(stations: Stations, name: string): { kind: keyof Stations; number: number } | null {
  const match = /^(table|tub|dryer|cabinet|bay) ([1-9]\d?)$/.exec(name)
  if (!match) return null
  const kind = match[1] as keyof Stations
  const number = Number(match[2])
  return number <= stations[kind] ? { kind, number } : null
}
