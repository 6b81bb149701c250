import type { Metadata } from 'next'
import { notFound, redirect } from 'next/navigation'
import { weeksBetween } from '@/core/units'
import { readBookingFile } from '@/data/caseOfBooking'
import { readHousePatterns } from '@/data/housePatterns'
import { readVisitsOfBookings } from '@/data/visits'
import { Frame } from '@/ui/frame/Frame'
import { PlanDesk } from '@/ui/plan/PlanDesk'
import { keepWishes, startBench } from '../../../actions'
import { idOf, openHouse } from '../../../house'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Plan' }

export default async function PlanPage({ params }: { params: Promise<{ bookingId: string }> }) {
  const house = await openHouse()
  const { time } = house
  const id = idOf((await params).bookingId)
  const [file, ownPatterns] = await Promise.all([readBookingFile(id, time.day), readHousePatterns()])
  if (!file) notFound()
  const [begun] = await readVisitsOfBookings([id])
  if (begun) redirect(`/visits/${begun.id}/bench`)
  const { booking, dog, planned, lastVisit } = file
  const weeks = lastVisit
    ? `${Math.round(weeksBetween(time.day(lastVisit.startedMs), planned.date))} weeks since ${time.shortDay(lastVisit.startedMs)}.`
    : 'First visit.'
  const endMs = booking.startMs + booking.slotMin * 60_000
  return (
    <Frame here="Dogs" house={house.name} timeZone={house.timeZone} nowMs={house.nowMs}>
      <PlanDesk
        bookingId={booking.id}
        start={planned}
        unit={house.unit}
        facts={`${dog.breed}, ${dog.coat}, ${dog.weightKg} kg. ${weeks} ${time.shortDay(booking.startMs)}, ${house.nameOf(booking.staffId)}, ${time.clock(booking.startMs)} to ${time.clock(endMs)}.`}
        startMs={booking.startMs}
        timeZone={house.timeZone}
        ownPatterns={ownPatterns.map(({ name, words, card }) => ({ name, words, card }))}
        keep={keepWishes}
        begin={startBench}
      />
    </Frame>
  )
}
