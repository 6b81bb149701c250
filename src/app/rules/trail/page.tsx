import type { Metadata } from 'next'
import { TrailAsked } from '@/core/trail'
import { trailView } from '@/service/trail/trailView'
import { Frame } from '@/ui/frame/Frame'
import { TrailPage } from '@/ui/trail/TrailPage'
import { theHouse } from '../../theHouse'
import { notYours } from '../../notYours'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Trail' }

interface Asked {
  searchParams: Promise<Record<string, string | string[] | undefined>>
}

export default async function HouseTrail({ searchParams }: Asked) {
  const house = await theHouse()
  const barred = notYours(house, 'trail', 'House')
  if (barred) return barred
  const view = await trailView(TrailAsked.parse(await searchParams), house)
  return (
    <Frame here="House" house={house}>
      <TrailPage view={view} />
    </Frame>
  )
}
