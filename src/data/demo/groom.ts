import { makePlan, type Plan } from '@/core/plan'
import type { StageId } from '@/core/stages'
import type { Request } from '@/core/request'
import { addBooking, type NewBooking } from '../bookings'
import { readBookingFile } from '../caseOfBooking'
import { database } from '../connection'
import { proposeSlot } from '../proposeSlot'
import { appendEvents, closeVisit, startVisit } from '../visits'
import { MS_PER_MIN, type DemoClock } from './clock'
import type { Chance } from './random'
import { simulateVisit, type Told } from './simulate'

export interface Person {
  id: number
  name: string
}

/** Books with the slot that the plan asks for. */
export async function book(
  { dayOf }: DemoClock,
  dogId: number,
  groomer: Person,
  startMs: number,
  request: Request,
  coatNowMm: NewBooking['coatNowMm'],
  mats: NewBooking['mats'] = {},
) {
  const service = request.pattern === 'bath-tidy' ? 'Bath and tidy' : 'Full groom'
  const draft = { dogId, staffId: groomer.id, startMs, service, request, coatNowMm, mats, setting: 'salon' as const }
  return addBooking({ ...draft, slotMin: (await proposeSlot(draft, dayOf)) ?? 0 })
}

/** How a booking will truly go in the demo. */
export async function trueCourse({ dayOf }: DemoClock, bookingId: number, groomer: Person) {
  const file = await readBookingFile(bookingId, dayOf)
  if (!file) throw new Error(`No booking ${bookingId}`)
  const { pace: _, ...byTable } = file.planned
  return asItGoes(makePlan(byTable), groomer.name, file.dog.name)
}

/** Runs one groom; stops at `untilMs` when the day is not over. */
export async function groom(
  { dayOf }: DemoClock,
  bookingId: number,
  groomer: Person,
  startMs: number,
  chance: Chance,
  untilMs = Infinity,
  slow = 1,
  told: readonly Told[] = [],
): Promise<void> {
  const file = await readBookingFile(bookingId, dayOf)
  if (!file) throw new Error(`No booking ${bookingId}`)
  const plan = makePlan(file.planned)
  const { pace: _, ...byTable } = file.planned
  const visitId = await startVisit(bookingId, file.dog.id, file.planned, plan, groomer.name, startMs)
  const log = simulateVisit(
    asItGoes(makePlan(byTable), groomer.name, file.dog.name),
    startMs,
    groomer.name,
    chance,
    slow,
    told,
  ).filter(({ atMs }) => atMs <= untilMs)
  const kept = await appendEvents(visitId, log, Math.min(startMs, untilMs))
  if (!kept.ok) throw new Error(kept.problems.map(({ sentence }) => sentence).join(' '))
  const end = log.at(-1)
  if (end?.kind === 'finished') await closeVisit(visitId, true, end.atMs + 5 * MS_PER_MIN)
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

export async function moveBooking(id: number, startMs: number): Promise<void> {
  await database().models.booking.update({ startAt: new Date(startMs) }, { where: { id } })
}
