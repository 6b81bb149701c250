import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { bathAims } from '@/core/bath'
import { CONSENTS, type ConsentId } from '@/core/care'
import { isOldOrIll, openFindings } from '@/core/health'
import { figureOf } from '@/core/figure'
import { FULL_KIT } from '@/core/lengths'
import { foldVisit } from '@/core/visit'
import { addDays } from '@/core/units'
import { readBookings } from '@/data/bookings'
import { readHouseCautions } from '@/data/houseRules'
import { readRecords } from '@/data/records'
import { readLogs, readVisitsOfBookings } from '@/data/visits'
import { Bench } from '@/ui/bench/Bench'
import type { OtherDog } from '@/ui/bench/waits'
import { dayRow } from '@/ui/day/dayRow'
import { idOf, openHouse, type OpenHouse } from '../../../house'
import { readDayEntry, readVisitFile, type VisitFile } from '../../../visitFile'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Bench' }

export default async function BenchPage({ params }: { params: Promise<{ visitId: string }> }) {
  const house = await openHouse()
  const file = await readVisitFile(idOf((await params).visitId))
  if (!file) notFound()
  const { stored, booking, dog, log } = file
  const { request, kit } = stored.plannedCase
  const asked = [request.sameAsLast ? 'same as last time' : null, request.words].filter(Boolean).join('; ')
  const [others, records, ownCautions] = await Promise.all([
    otherWaits(house, stored.id),
    readRecords(dog.id, stored.id),
    readHouseCautions(),
  ])
  return (
    <Bench
      visitId={stored.id}
      dog={{ name: dog.name, ...figureOf(dog) }}
      groomer={house.nameOf(booking.staffId)}
      plan={stored.plan}
      plannedCase={stored.plannedCase}
      kit={kit ?? FULL_KIT}
      asked={asked}
      startLog={log}
      slotStartMs={booking.startMs}
      slotMin={booking.slotMin}
      nowMs={house.nowMs}
      timeZone={house.timeZone}
      unit={house.unit}
      others={others}
      past={openFindings(records.findings).map(({ by: _, ...finding }) => finding)}
      consents={consentsFor(file)}
      ownCautions={ownCautions}
      lastKg={stored.plannedCase.dog.weightKg}
      lastGrades={stored.plannedCase.behaviour ?? {}}
      lastWorked={Object.fromEntries(
        records.behaviour.filter(({ worked }) => worked !== '').map(({ trigger, worked }) => [trigger, worked]),
      )}
      bathAims={aimsOf(stored)}
    />
  )
}

const aimsOf = ({ plan, plannedCase: { health = [], mats = {} } }: VisitFile['stored']) =>
  bathAims(plan.card, new Set(health.map(({ kind }) => kind)), Object.keys(mats).length > 0)

/** What the plan asks the owner to sign, and what this dog's age or illness does. */
function consentsFor({ stored: { plan, plannedCase } }: VisitFile): ConsentId[] {
  const kinds = new Set<string>((plannedCase.health ?? []).map(({ kind }) => kind))
  const asked = isOldOrIll(plannedCase.dog.ageMonths ?? null, kinds) ? [...plan.consents, 'old-or-ill'] : plan.consents
  return CONSENTS.filter((each) => asked.includes(each))
}

/** Other dogs of today whose wait runs while hands are on this one. */
async function otherWaits({ time, nowMs, nameOf }: OpenHouse, visitId: number): Promise<OtherDog[]> {
  const today = time.day(nowMs)
  const bookings = await readBookings(time.startOfDay(today), time.startOfDay(addDays(today, 1)))
  const visits = (await readVisitsOfBookings(bookings.map(({ id }) => id))).filter(({ id }) => id !== visitId)
  const logs = await readLogs(visits.map(({ id }) => id))
  const waiting = visits.filter(({ id }) =>
    foldVisit(logs.get(id) ?? []).stages.some(({ waitFromMs }) => waitFromMs !== null),
  )
  const rows = await Promise.all(
    waiting.map(async (stored) => {
      const booking = bookings.find(({ id }) => id === stored.bookingId)
      const entry = booking && (await readDayEntry(booking, stored, logs.get(stored.id) ?? [], nowMs, time))
      return entry ? dayRow(entry, nameOf(entry.booking.staffId), time, nowMs) : null
    }),
  )
  return rows.flatMap((row) =>
    row?.wait ? [{ name: row.name, wait: row.wait, href: `/visits/${row.visitId}/bench` }] : [],
  )
}
