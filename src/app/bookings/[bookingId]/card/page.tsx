import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { makePlan } from '@/core/plan'
import { readBookingFile } from '@/data/caseOfBooking'
import { PrintCard } from '@/ui/card/PrintCard'
import { PrintDesk } from '@/ui/card/PrintDesk'
import { mindWords } from '@/ui/card/mindWords'
import { Frame } from '@/ui/frame/Frame'
import { idOf, openHouse } from '../../../house'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Card to print' }

/** The card of a groom to come, as planned. */
export default async function PlannedCardPage({ params }: { params: Promise<{ bookingId: string }> }) {
  const house = await openHouse()
  const id = idOf((await params).bookingId)
  const file = await readBookingFile(id, house.time.day)
  if (!file) notFound()
  const { dog, booking, planned } = file
  const plan = makePlan(planned)
  const { time } = house
  return (
    <Frame here="Dogs" house={house.name} timeZone={house.timeZone} nowMs={house.nowMs}>
      <PrintDesk
        words="For the wall of the tub: A5, one page."
        back={{ href: `/bookings/${id}/plan`, label: 'Back to the plan' }}
      >
        <PrintCard
          dog={dog}
          facts={`${dog.breed}, ${dog.coat} coat, ${dog.weightKg} kg`}
          which={`Planned for ${time.longDay(booking.startMs)}, ${time.clock(booking.startMs)}, ${house.nameOf(booking.staffId)}.`}
          card={plan.card}
          growing={plan.growing}
          unit={house.unit}
          mind={[...plan.refer.map(({ why }) => why), ...mindWords(dog.behaviour)]}
        />
      </PrintDesk>
    </Frame>
  )
}
