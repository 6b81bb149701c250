import { bathAims } from '@/core/bath'
import { CONSENTS, type ConsentId } from '@/core/care'
import { figureOf } from '@/core/figure'
import { isOldOrIll, openFindings } from '@/core/health'
import { FULL_KIT } from '@/core/lengths'
import { foldVisit, waitOf } from '@/core/visit'
import { readDogsById } from '@/data/dogs'
import { readLogSince } from '@/data/events'
import { readHouseCautions } from '@/data/houseRules'
import { begunEntry, dayLogs, type DayEntry } from '../day/dayEntry'
import { dogRecords } from '../dog/dogRecords'
import type { OpenHouse } from '../house/openHouse'
import { visitFile, type VisitFile } from './visitFile'

/** One dog under the hand; null when there is no such visit. */
export async function benchView(visitId: number, house: OpenHouse) {
  const file = await visitFile(visitId)
  if (!file) return null
  const { stored, booking, dog } = file
  const { request, kit, behaviour = {} } = stored.plannedCase
  const [others, records, ownCautions, { no }] = await Promise.all([
    waitingElsewhere(house, visitId),
    dogRecords(dog.id, visitId),
    readHouseCautions(),
    readLogSince(visitId, 0),
  ])
  return {
    visitId,
    dog: { name: dog.name, ...figureOf(dog) },
    groomer: house.nameOf(booking.staffId),
    groomerId: booking.staffId,
    plan: stored.plan,
    plannedCase: stored.plannedCase,
    kit: kit ?? FULL_KIT,
    asked: [request.sameAsLast ? 'same as last time' : null, request.words].filter(Boolean).join('; '),
    startLog: file.log,
    startNo: no,
    slotStartMs: booking.startMs,
    slotMin: booking.slotMin,
    nowMs: house.nowMs,
    timeZone: house.timeZone,
    unit: house.unit,
    others,
    past: openFindings(records.findings).map(({ by: _, ...finding }) => finding),
    consents: consentsFor(file),
    ownCautions,
    lastKg: stored.plannedCase.dog.weightKg,
    lastGrades: behaviour,
    lastWorked: Object.fromEntries(
      records.behaviour.filter(({ worked }) => worked !== '').map(({ trigger, worked }) => [trigger, worked]),
    ),
    bathAims: aimsOf(file),
  }
}

const aimsOf = ({ stored: { plan, plannedCase } }: VisitFile) => {
  const { health = [], mats = {} } = plannedCase
  return bathAims(plan.card, new Set(health.map(({ kind }) => kind)), Object.keys(mats).length > 0)
}

/** What the plan asks the owner to sign, and what this dog's age or illness does. */
function consentsFor({ stored: { plan, plannedCase } }: VisitFile): ConsentId[] {
  const frail = isOldOrIll(plannedCase.dog, plannedCase.health ?? [])
  const asked = frail ? [...plan.consents, 'old-or-ill'] : plan.consents
  return CONSENTS.filter((each) => asked.includes(each))
}

/** Other dogs of today whose wait runs while hands are on this one. */
async function waitingElsewhere(house: OpenHouse, visitId: number): Promise<{ entry: DayEntry; groomer: string }[]> {
  const { bookings, visits, logs } = await dayLogs(house, house.time.day(house.nowMs))
  const waiting = visits.filter(
    ({ id }) => id !== visitId && foldVisit(logs.get(id) ?? []).stages.some((record) => waitOf(record) !== null),
  )
  const dogs = await readDogsById(waiting.map(({ dogId }) => dogId))
  return waiting.flatMap((stored) => {
    const booking = bookings.find(({ id }) => id === stored.bookingId)
    const dog = dogs.get(stored.dogId)
    if (!booking || !dog) return []
    const entry = begunEntry(booking, dog, stored, logs.get(stored.id) ?? [], house.nowMs)
    return [{ entry, groomer: house.nameOf(booking.staffId) }]
  })
}
