import { bathAims } from '@/core/bath'
import { CONSENTS, type ConsentId } from '@/core/care'
import { standingDay } from '@/core/day'
import { figureOf } from '@/core/figure'
import { isOldOrIll, openFindings } from '@/core/health'
import { FULL_KIT } from '@/core/lengths'
import { benchHands, type BenchHands } from '@/core/other-hands'
import type { Case, Plan } from '@/core/plan'
import type { PlannedStage } from '@/core/stages'
import { EMPTY_FOLD, inOnePart, standing, type KeptFold } from '@/core/visit'
import type { Booking } from '@/data/bookings'
import { readDayDeeds } from '@/data/dayDeeds'
import { readDogsById, type Dog } from '@/data/dogs'
import { readLogSince } from '@/data/events'
import { readHouseCautions } from '@/data/houseRules'
import { readOpenVisitsOf, readVisitsOfBookings } from '@/data/visits'
import { planFor } from '../booking/planFor'
import { bookingFile } from '../booking/planOf'
import { readBookingsOfDay } from '../day/dayEntry'
import { nameInDay } from '../day/dogOfDay'
import { dogRecords } from '../dog/dogRecords'
import type { OpenHouse } from '../house/openHouse'
import { visitFile } from './visitFile'
import { wholeFolds } from './visitStates'

/** One dog under the hand; null when there is no such visit. */
export async function benchView(visitId: number, house: OpenHouse) {
  const file = await visitFile(visitId)
  if (!file) return null
  const { stored, booking, dog } = file
  const { events, no, unread } = await readLogSince(visitId, 0)
  const log = { startLog: events, startNo: no, startUnread: unread }
  return { ...(await dogView(house, { ...stored, visitId, booking, dog })), ...log, closed: stored.closedMs !== null }
}

/**
 * The bench of a booking whose visit is not begun: by the plan as it stands, so that a groom can begin without a network.
 * The number of the visit where it is begun; null when there is no such booking.
 */
export async function bookingBenchView(bookingId: number, house: OpenHouse) {
  const file = await bookingFile(bookingId, house.time)
  if (!file) return null
  const [there] = await readVisitsOfBookings([bookingId])
  if (there) return { begunAs: there.id }
  const { booking, standing, planned } = file
  const begun = { visitId: null, booking, dog: standing.dog, plannedCase: planned, plan: planFor(planned) }
  const log = { startLog: [], startNo: 0, startUnread: 0, closed: false }
  return { begunAs: null, view: { ...(await dogView(house, begun)), ...log } }
}

interface OnBench {
  visitId: number | null
  booking: Booking
  dog: Dog
  plannedCase: Case
  plan: Plan
}

async function dogView(house: OpenHouse, { visitId, booking, dog, plannedCase, plan }: OnBench) {
  const { request, kit, behaviour = {} } = plannedCase
  const [others, records, ownCautions] = await Promise.all([
    otherBenches(house, visitId),
    dogRecords(dog.id, visitId ?? undefined),
    readHouseCautions(),
  ])
  return {
    houseKey: house.key,
    visitId,
    bookingId: booking.id,
    dog: { name: dog.name, ...figureOf(dog) },
    groomer: house.nameOf(booking.staffId),
    groomerId: booking.staffId,
    plan,
    plannedCase,
    kit: kit ?? FULL_KIT,
    asked: [request.sameAsLast ? 'same as last time' : null, request.words].filter(Boolean).join('; '),
    slotStartMs: booking.startMs,
    slotMin: booking.slotMin,
    nowMs: house.nowMs,
    timeZone: house.timeZone,
    unit: house.unit,
    others,
    past: openFindings(records.findings).map(({ by: _, ...finding }) => finding),
    consents: consentsFor(plan, plannedCase),
    ownCautions,
    hands: await handsOf(house, booking, dog),
    lastKg: plannedCase.dog.weightKg,
    lastGrades: behaviour,
    lastWorked: Object.fromEntries(
      records.behaviour.filter(({ worked }) => worked !== '').map(({ trigger, worked }) => [trigger, worked]),
    ),
    bathAims: aimsOf(plan, plannedCase),
  }
}

/** What the plan that was taken says of this dog's day; null where none was. */
async function handsOf({ time, nameOf }: OpenHouse, booking: Booking, dog: Dog): Promise<BenchHands | null> {
  const { taken } = standingDay(await readDayDeeds(time.day(booking.startMs)))
  return taken && benchHands(taken.plan, [dog.name, nameInDay(dog.name, booking.id)], nameOf(booking.staffId))
}

const aimsOf = (plan: Plan, plannedCase: Case) => {
  const { health = [], mats = {} } = plannedCase
  return bathAims(plan.card, new Set(health.map(({ kind }) => kind)), Object.keys(mats).length > 0)
}

/** What the plan asks the owner to sign, and what this dog's age or illness does. */
function consentsFor(plan: Plan, plannedCase: Case): ConsentId[] {
  const frail = isOldOrIll(plannedCase.dog, plannedCase.health ?? [])
  const asked = frail ? [...plan.consents, 'old-or-ill'] : plan.consents
  return CONSENTS.filter((each) => asked.includes(each))
}

/** Another dog of today that is on the bench now, as far as the books know. */
export interface OtherBench {
  visitId: number
  name: string
  stages: readonly PlannedStage[]
  kept: KeptFold
}

async function otherBenches({ time, nowMs }: OpenHouse, visitId: number | null): Promise<OtherBench[]> {
  const bookings = await readBookingsOfDay(time, time.day(nowMs))
  const open = (await readOpenVisitsOf(bookings.map(({ id }) => id))).filter(({ id }) => id !== visitId)
  const [dogs, folds] = await Promise.all([
    readDogsById(open.map(({ dogId }) => dogId)),
    wholeFolds(open.map(({ id }) => id)),
  ])
  return open.flatMap((stored) => {
    const [dog, kept] = [dogs.get(stored.dogId), inOnePart(folds.get(stored.id) ?? EMPTY_FOLD)]
    if (!dog || kept.visit.startMs === null || kept.visit.finishedMs !== null) return []
    const { stages } = standing(stored.plannedCase, stored.plan, kept.visit).plan
    return [{ visitId: stored.id, name: dog.name, stages, kept }]
  })
}
