import type { Metadata } from 'next'
import { z } from 'zod'
import { MOST_SHOWN, outboxView } from '@/service/messages/outbox'
import { OutboxDesk } from '@/ui/book/OutboxDesk'
import { Frame } from '@/ui/frame/Frame'
import { Refresh } from '@/ui/frame/Refresh'
import { theHouse } from '../../theHouse'
import { markSaid, saveWords, takeBackSaid } from '../actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Outbox' }

/** However many are asked for, so many are shown at the most. */
const Shown = z.coerce.number().int().min(MOST_SHOWN).max(2000).catch(MOST_SHOWN)

export default async function OutboxPage({ searchParams }: { searchParams: Promise<{ shown?: unknown }> }) {
  const house = await theHouse()
  const shown = Shown.parse((await searchParams).shown)
  return (
    <Frame here="Book" house={house}>
      <Refresh everySeconds={60} />
      <OutboxDesk view={await outboxView(house, shown)} acts={{ mark: markSaid, takeBack: takeBackSaid, saveWords }} />
    </Frame>
  )
}
