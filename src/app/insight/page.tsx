import type { Metadata } from 'next'
import { insightView } from '@/service/insight/insightView'
import { Frame } from '@/ui/frame/Frame'
import { InsightDesk } from '@/ui/insight/InsightDesk'
import { theHouse } from '../theHouse'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Insight' }

export default async function InsightPage() {
  const house = await theHouse()
  return (
    <Frame here="Insight" house={house}>
      <InsightDesk view={await insightView(house, house.who)} />
    </Frame>
  )
}
