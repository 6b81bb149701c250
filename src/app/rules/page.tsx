import type { Metadata } from 'next'
import { houseView } from '@/service/house/houseView'
import { Frame } from '@/ui/frame/Frame'
import { HouseDesk } from '@/ui/house/HouseDesk'
import { HOUSE_ACTS } from './acts'
import { theHouse } from '../theHouse'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'House' }

export default async function HousePage() {
  const house = await theHouse()
  return (
    <Frame here="House" house={house}>
      <HouseDesk view={await houseView(house)} acts={HOUSE_ACTS} />
    </Frame>
  )
}
