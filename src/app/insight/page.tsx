import type { Metadata } from 'next'
import { InsightAsked, insightView } from '@/service/insight/insightView'
import { Frame } from '@/ui/frame/Frame'
import { InsightDesk } from '@/ui/insight/InsightDesk'
import { theHouse } from '../theHouse'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Insight' }

interface InsightPageProps {
  searchParams: Promise<Record<string, unknown>>
}

export default async function InsightPage({ searchParams }: InsightPageProps) {
  const [house, asked] = await Promise.all([theHouse(), searchParams])
  return (
    <Frame here="Insight" house={house}>
      <InsightDesk view={await insightView(InsightAsked.parse(asked), house, house.who)} />
    </Frame>
  )
}
