import type { Metadata } from 'next'
import { keptOf } from '@/service/forget/keptOf'
import { KeptPage } from '@/ui/forget/KeptPage'
import { Frame } from '@/ui/frame/Frame'
import { found, idOf } from '../../../../addresses'
import { notYours } from '../../../../notYours'
import { theHouse } from '../../../../theHouse'
import { forgetPerson, lookForget } from './actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'What is kept' }

export default async function KeptAboutPage({ params }: { params: Promise<{ householdId: string; ownerId: string }> }) {
  const house = await theHouse()
  const barred = notYours(house, 'kept', 'Dogs')
  if (barred) return barred
  const { householdId, ownerId } = await params
  const view = found(await keptOf(idOf(householdId), idOf(ownerId), house))
  return (
    <Frame here="Dogs" house={house}>
      <KeptPage view={view} acts={{ lookForget, forgetPerson }} />
    </Frame>
  )
}
