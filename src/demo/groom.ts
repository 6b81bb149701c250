import { makePlan, type Plan } from '@/core/plan'
import type { Request } from '@/core/request'
import type { Result } from '@/core/result'
import type { StageId } from '@/core/stages'
import { bookVisit, type BookingAsked } from '@/service/booking/bookVisit'
import { moveBooking } from '@/service/booking/moveBooking'
import { bookingFile } from '@/service/booking/planOf'
import type { OpenHouse } from '@/service/house/openHouse'
import { appendEvents } from '@/service/visit/appendEvents'
import { beginVisit } from '@/service/visit/beginVisit'
import { closeVisit } from '@/service/visit/closeVisit'
import { visitFile } from '@/service/visit/visitFile'
import { MS_PER_MIN } from './clock'
import type { Chance } from '@/core/chance'
import { simulateVisit, type Told } from './simulate'

export interface Person {
  id: number
  name: string
}

/** The value of what the demo did. @throws with the sentences when it was refused */
export function done<T>(result: Result<T>): T {
  if (result.ok) return result.value
  throw new Error(result.problems.map(({ path, sentence }) => `${path}: ${sentence}`).join(' '))
}

/** Books with the slot that the plan asks for. @returns the booking's id */
export async function book(
  house: OpenHouse,
  dogId: number,
  groomer: Person,
  startMs: number,
  request: Request,
  measured: Pick<BookingAsked, 'coatNowMm' | 'mats'> = {},
): Promise<number> {
  const asked: BookingAsked = {
    dogId,
    staffId: groomer.id,
    day: house.time.day(startMs),
    clock: house.time.clock(startMs),
    sameAsLast: request.sameAsLast ?? false,
    tidy: request.pattern === 'bath-tidy',
    anyway: true,
    request,
    ...measured,
  }
  return done(await bookVisit(asked, house)).bookingId
}

/** Moves a booking, whatever speaks against it: the demo's day is laid around now. */
export async function moveTo(house: OpenHouse, bookingId: number, startMs: number): Promise<void> {
  const { time } = house
  done(await moveBooking({ bookingId, day: time.day(startMs), clock: time.clock(startMs), anyway: true }, house))
}

/** How a booking will truly go in the demo. */
export async function trueCourse({ time }: OpenHouse, bookingId: number, groomer: Person): Promise<Plan> {
  const file = await bookingFile(bookingId, time)
  if (!file) throw new Error(`No booking ${bookingId}`)
  const { pace: _, ...byTable } = file.planned
  return asItGoes(makePlan(byTable), groomer.name, file.standing.dog.name)
}

interface Course {
  bookingId: number
  groomer: Person
  startMs: number
  chance: Chance
  /** Where the groom is now, when its day is not over. */
  untilMs?: number
  /** 1 is a usual day. */
  slow?: number
  told?: readonly Told[]
}

/** Runs one groom, by the same calls that the bench makes. */
export async function groom(house: OpenHouse, course: Course): Promise<void> {
  const { bookingId, groomer, startMs, chance, untilMs = Infinity, slow = 1, told = [] } = course
  const { visitId } = done(await beginVisit(bookingId, { ...house, nowMs: startMs }))
  const file = await visitFile(visitId)
  if (!file) throw new Error(`No visit ${visitId}`)
  const { pace: _, ...byTable } = file.stored.plannedCase
  const plan = asItGoes(makePlan(byTable), groomer.name, file.dog.name)
  const log = simulateVisit(plan, startMs, groomer, chance, slow, told).filter(({ atMs }) => atMs <= untilMs)
  const sent = done(await appendEvents(visitId, log, Math.min(startMs, untilMs)))
  const refused = sent.answers.find(({ taken }) => taken === 'refused')
  if (refused) throw new Error(`The demo's own event was refused: ${JSON.stringify(refused)}`)
  const end = log.at(-1)
  if (end?.kind === 'finished') done(await closeVisit({ visitId, liked: true }, end.atMs + 5 * MS_PER_MIN, house.time))
}

/** How the demo's people and dogs differ from the table. Demo. */
const HANDS: Record<string, number> = { Wren: 0.94, Ansel: 1.06 }
const SLOWER_AT: Partial<Record<StageId, number>> = { dry: 1.15, head: 1.1, legs: 0.92, body: 0.9 }

/** The plan as it truly goes in the demo: each hand, each stage and each dog has a pace of its own. */
export function asItGoes(plan: Plan, groomer: string, dog: string): Plan {
  const own = 0.9 + ((dog.charCodeAt(0) * 7 + dog.length * 3) % 21) / 100
  const factor = (id: StageId) => (HANDS[groomer] ?? 1) * (SLOWER_AT[id] ?? 1) * own
  return { ...plan, stages: plan.stages.map((stage) => ({ ...stage, p50: stage.p50 * factor(stage.id) })) }
}
