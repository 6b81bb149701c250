import { BREEDS, type Breed } from '@/core/breeds'
import { seeded, type Chance } from '@/core/chance'
import { dogOfFile, newFile, type DogFile } from '@/core/dog'
import { FULL_KIT } from '@/core/lengths'
import type { Cells } from '@/core/pace'
import { House } from '@/core/order'
import { ANY_SLOT_MIN, makePlan, type Case } from '@/core/plan'
import { weeksBetween, type Day } from '@/core/units'
import { dueAfter } from '@/service/visit/keepAsCut'
import { DOG_NAMES, FAMILIES, FIRST_NAMES } from './cast'
import type { Rows } from './rows'
import { groomed, measured, type Person } from './visit'

const DAY_MS = 86_400_000
const HOUR_MS = 3_600_000
const QUARTER_MIN = 15
/** The house is so old. */
const YEARS = 10
/** Visits of a dog: so many on average, and at the most. */
const MEAN_VISITS = 12.2
const MOST_VISITS = 60
/** Dogs that still come, bookings that were called off, second dogs and second people of a household. Made up. */
const HERE_SHARE = 0.3
const CALLED_OFF_SHARE = 0.05
const EVERY_SECOND_DOG = 4
const SECOND_PERSON_SHARE = 0.25
const BOOKED_SHARE = 0.6

export interface BigHouse {
  seed: number
  /** Midnight of today. */
  todayMs: number
  people: readonly Person[]
  /** Opened weeks ago: every dog is here, and was here once. Its week is that of the old house, its past is not. */
  young: boolean
}

const RULES = House.parse({})

const dayOf = (ms: number): Day => new Date(ms).toISOString().slice(0, 10)

/** One dog with its household and all its years; the same for the same seed and number. */
export function bigDog(number: number, { seed, todayMs, people, young }: BigHouse, rows: Rows, cells: Cells): void {
  const chance = seeded(seed * 100_003 + number)
  const one = <T>(of: readonly T[]): T => of[Math.floor(chance.share() * of.length)] as T
  const breed = one(BREEDS)
  const file = fileOf(breed, one(DOG_NAMES), chance, todayMs)
  const householdId = number % EVERY_SECOND_DOG === 0 ? number - 1 : number
  if (householdId === number) household(number, one, chance, rows)
  const mostVisits = Math.min(MOST_VISITS, Math.floor((YEARS * 52) / everyWeeks(breed)))
  const many = Math.max(1, Math.min(mostVisits, Math.round(-Math.log(1 - chance.share()) * MEAN_VISITS)))
  const visits = young ? 1 : many
  const isHere = chance.share() < HERE_SHARE || young
  const everyDays = everyWeeks(breed) * 7
  const spanDays = visits * everyDays
  const endsAgo = isHere ? chance.between(1, everyDays) : chance.between(everyDays, YEARS * 365 - spanDays + everyDays)
  const own = one(people)
  let last: Case['last']
  // As long as the first groom asks for, and so from then on.
  let slotMin: number | null = null
  let due: ReturnType<typeof dueAfter> = { groomedOn: dayOf(todayMs), dueOn: null, wishOn: null }
  const caseOn = (startMs: number, visit: number): Case => ({
    kovit: 'case/1',
    date: dayOf(startMs),
    dog: { ...dogOfFile(file, dayOf(startMs)), visits: visit },
    coatNowMm: last ? measured(last, file.coat, weeksBetween(last.date, dayOf(startMs)), chance) : {},
    mats: {},
    behaviour: file.behaviour,
    health: [],
    request: last ? { sameAsLast: true } : { pattern: one(breed.patterns) },
    kit: FULL_KIT,
    house: RULES,
    setting: 'salon',
    slotMin: slotMin ?? ANY_SLOT_MIN,
    ...(last ? { last } : {}),
  })
  const slotted = (planned: Case): Case => {
    slotMin ??= Math.ceil(makePlan(planned).fit.p90 / QUARTER_MIN) * QUARTER_MIN
    return { ...planned, slotMin }
  }
  for (let visit = 0; visit < visits; visit++) {
    const ago = endsAgo + (visits - 1 - visit) * everyDays + chance.between(-3, 3)
    const startMs = openAt(todayMs - Math.max(1, Math.round(ago)) * DAY_MS, chance)
    const groomer = chance.share() < 0.8 ? own : one(people)
    const planned = slotted(caseOn(startMs, visit))
    if (chance.share() < CALLED_OFF_SHARE)
      rows.booking({ dogId: number, groomer, planned, startMs: startMs - DAY_MS }, 'the owner is ill')
    const { now, cut } = groomed({ dogId: number, planned, startMs, groomer }, rows, chance, cells)
    last = {
      date: planned.date,
      card: cut,
      growing: now.plan.growing.flatMap(({ zone, wantedMm, readyOn }) => (readyOn ? [{ zone, wantedMm }] : [])),
    }
    due = dueAfter(now)
  }
  if (isHere && chance.share() < BOOKED_SHARE) {
    const startMs = openAt(todayMs + Math.round(everyDays - endsAgo) * DAY_MS, chance)
    rows.booking({ dogId: number, groomer: own, planned: slotted(caseOn(startMs, visits)), startMs })
  }
  rows.addTo('dogs', rowOf(number, householdId, file, isHere ? 'here' : chance.share() < 0.3 ? 'died' : 'left', due))
}

const everyWeeks = ({ weeks }: Breed): number => Math.max(4, Math.round((weeks[0] + weeks[1]) / 2))

/** An hour of that day at which the house is open; on a Sunday of the next. */
function openAt(dayMs: number, chance: Chance): number {
  const open = new Date(dayMs).getUTCDay() === 0 ? dayMs + DAY_MS : dayMs
  return open + 9 * HOUR_MS + Math.floor(chance.share() * 28) * QUARTER_MIN * 60_000
}

function fileOf(
  { name: breed, coat, build, kg, cm, face }: Breed,
  name: string,
  chance: Chance,
  todayMs: number,
): DogFile {
  const heightCm = Math.round(chance.between(...cm))
  return {
    ...newFile({ name, breed, coat, build, weightKg: Math.round(chance.between(...kg) * 10) / 10 }),
    heightCm,
    lengthCm: heightCm,
    sex: chance.share() < 0.5 ? 'female' : 'male',
    neutered: true,
    bornOn: dayOf(todayMs - Math.round(chance.between(2, 14) * 365) * DAY_MS),
    faceShape: face,
    behaviour: chance.share() < 0.2 ? { dryer: 1 + Math.floor(chance.share() * 3) } : {},
  }
}

function household(id: number, one: <T>(of: readonly T[]) => T, chance: Chance, rows: Rows): void {
  const family = one(FAMILIES)
  const address = `${1 + Math.floor(chance.share() * 200)} Ropewalk`
  rows.addTo('households', {
    id,
    name: family,
    place: address,
    notes: '',
    joined_into: null,
    row_version: 1,
    spot: null,
  })
  const people = chance.share() < SECOND_PERSON_SHARE ? 2 : 1
  for (let nth = 0; nth < people; nth++) {
    const tail = String(1_000_000 + id * 2 + nth).slice(-7)
    rows.add('owners', {
      household_id: id,
      name: `${one(FIRST_NAMES)} ${family}`,
      phone: `0163 ${tail}`,
      email: null,
      first_called: nth === 0,
      phone_tail: `0163${tail}`.slice(-9),
      agreed: { messages: true },
      gone: false,
    })
  }
}

function rowOf(id: number, householdId: number, file: DogFile, standing: string, due: ReturnType<typeof dueAfter>) {
  return {
    id,
    household_id: householdId,
    name: file.name,
    breed: file.breed,
    coat: file.coat,
    build: file.build,
    weight_kg: file.weightKg,
    height_cm: file.heightCm,
    length_cm: file.lengthCm,
    born_on: file.bornOn,
    sex: file.sex,
    neutered: file.neutered,
    light_skin: file.lightSkin,
    face_shape: file.faceShape,
    behaviour: file.behaviour,
    health: file.health,
    measures: file.measures,
    row_version: 1,
    standing,
    more: file.more,
    vaccinated_on: null,
    groomed_on: due.groomedOn,
    due_on: due.dueOn,
    wish_on: due.wishOn,
    call_id: null,
  }
}
