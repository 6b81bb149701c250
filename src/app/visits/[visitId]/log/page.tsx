import type { Metadata } from 'next'
import { logView } from '@/service/visit/logView'
import { Frame } from '@/ui/frame/Frame'
import { VisitLogPage } from '@/ui/log/VisitLogPage'
import { found, idOf } from '../../../addresses'
import { theHouse } from '../../../theHouse'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Log' }

export default async function LogPage({ params }: { params: Promise<{ visitId: string }> }) {
  const house = await theHouse()
  const view = found(await logView(idOf((await params).visitId), house))
  return (
    <Frame here="Day" house={house}>
      <VisitLogPage view={view} />
    </Frame>
  )
}
