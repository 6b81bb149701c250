import type { Metadata } from 'next'
import { outboxView } from '@/service/messages/outbox'
import { OutboxDesk } from '@/ui/book/OutboxDesk'
import { Frame } from '@/ui/frame/Frame'
import { Refresh } from '@/ui/frame/Refresh'
import { theHouse } from '../../theHouse'
import { markSaid, saveWords, takeBackSaid } from '../actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Outbox' }

export default async function OutboxPage() {
  const house = await theHouse()
  return (
    <Frame here="Book" house={house}>
      <Refresh everySeconds={60} />
      <OutboxDesk view={await outboxView(house)} acts={{ mark: markSaid, takeBack: takeBackSaid, saveWords }} />
    </Frame>
  )
}
