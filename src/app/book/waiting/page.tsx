import type { Metadata } from 'next'
import { waitingView } from '@/service/waiting/waitingView'
import { WaitingDesk } from '@/ui/book/WaitingDesk'
import { Frame } from '@/ui/frame/Frame'
import { theHouse } from '../../theHouse'
import { putOnList, takeOffList } from '../actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Waiting' }

export default async function WaitingPage() {
  const house = await theHouse()
  return (
    <Frame here="Book" house={house}>
      <WaitingDesk view={await waitingView(house)} add={putOnList} off={takeOffList} />
    </Frame>
  )
}
