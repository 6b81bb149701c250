import type { Metadata } from 'next'
import { plannedCardView } from '@/service/booking/planView'
import { PrintCard } from '@/ui/card/PrintCard'
import { PrintDesk } from '@/ui/card/PrintDesk'
import { mindWords } from '@/ui/card/mindWords'
import { Frame } from '@/ui/frame/Frame'
import { found, idOf } from '../../../addresses'
import { theHouse } from '../../../theHouse'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Card to print' }

/** The card of a groom to come, as planned. */
export default async function PlannedCardPage({ params }: { params: Promise<{ bookingId: string }> }) {
  const house = await theHouse()
  const id = idOf((await params).bookingId)
  const { refer, ...view } = found(await plannedCardView(id, house))
  return (
    <Frame here="Dogs" house={house}>
      <PrintDesk
        words="For the wall of the tub: A5, one page."
        back={{ href: `/bookings/${id}/plan`, label: 'Back to the plan' }}
      >
        <PrintCard {...view} mind={[...refer, ...mindWords(view.dog.behaviour)]} />
      </PrintDesk>
    </Frame>
  )
}
