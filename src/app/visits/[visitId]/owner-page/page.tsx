import type { Metadata } from 'next'
import { ownerPageView } from '@/service/visit/ownerPageView'
import { Frame } from '@/ui/frame/Frame'
import { OwnerPage } from '@/ui/owner-page/OwnerPage'
import { found, idOf } from '../../../addresses'
import { theHouse } from '../../../theHouse'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'For the owner' }

export default async function OwnersPage({ params }: { params: Promise<{ visitId: string }> }) {
  const house = await theHouse()
  const view = found(await ownerPageView(idOf((await params).visitId), house))
  return (
    <Frame here="Dogs" house={house}>
      <OwnerPage {...view} />
    </Frame>
  )
}
