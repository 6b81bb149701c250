import type { Metadata } from 'next'
import { Frame } from '@/ui/frame/Frame'
import { StandIns } from '@/ui/instruments/StandIns'
import { theHouse } from '../../theHouse'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Stand-ins' }

export default async function StandInsPage() {
  return (
    <Frame here="House" house={await theHouse()}>
      <StandIns />
    </Frame>
  )
}
