import type { Metadata } from 'next'
import { bookView } from '@/service/book/bookView'
import { BookDesk } from '@/ui/book/BookDesk'
import { Frame } from '@/ui/frame/Frame'
import { Refresh } from '@/ui/frame/Refresh'
import { theHouse } from '../theHouse'
import { callOff, moveBooking, putBack, setStanding } from './actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Book' }

export default async function BookPage({ searchParams }: { searchParams: Promise<Record<string, unknown>> }) {
  const house = await theHouse()
  const view = await bookView(house, await searchParams)
  return (
    <Frame here="Book" house={house}>
      <Refresh everySeconds={30} />
      <BookDesk view={view} acts={{ move: moveBooking, callOff, putBack, standing: setStanding }} />
    </Frame>
  )
}
