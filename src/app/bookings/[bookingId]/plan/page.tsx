import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { planView } from '@/service/booking/planView'
import { Frame } from '@/ui/frame/Frame'
import { PlanDesk } from '@/ui/plan/PlanDesk'
import { keepRemark, keepWishes, startBench } from '../../../actions'
import { found, idOf } from '../../../addresses'
import { theHouse } from '../../../theHouse'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Plan' }

export default async function PlanPage({ params }: { params: Promise<{ bookingId: string }> }) {
  const house = await theHouse()
  const view = found(await planView(idOf((await params).bookingId), house))
  if (view.begunVisitId !== null) redirect(`/visits/${view.begunVisitId}/bench`)
  return (
    <Frame here="Dogs" house={house}>
      <PlanDesk view={view} acts={{ keep: keepWishes, begin: startBench, remark: keepRemark }} />
    </Frame>
  )
}
