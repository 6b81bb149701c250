import type { Metadata } from 'next'
import { repeatsView } from '@/service/repeat/repeatsView'
import { RepeatsDesk } from '@/ui/book/RepeatsDesk'
import { Frame } from '@/ui/frame/Frame'
import { theHouse } from '../../theHouse'
import { endRepeat } from '../actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Repeats' }

export default async function RepeatsPage() {
  const house = await theHouse()
  return (
    <Frame here="Book" house={house}>
      <RepeatsDesk view={await repeatsView(house)} end={endRepeat} />
    </Frame>
  )
}
