import type { Metadata } from 'next'
import { houseView } from '@/service/house/houseView'
import { openHouse } from '@/service/house/openHouse'
import { Frame } from '@/ui/frame/Frame'
import { HouseDesk } from '@/ui/house/HouseDesk'
import { addCaution, newStation, retireCaution, saveRule, saveWork, takeOutStation } from './actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'House' }

const ACTS = {
  save: saveRule,
  add: addCaution,
  retire: retireCaution,
  saveWork,
  addStation: newStation,
  retireStation: takeOutStation,
}

export default async function HousePage() {
  const house = await openHouse()
  return (
    <Frame here="House" house={house}>
      <HouseDesk view={await houseView(house)} acts={ACTS} />
    </Frame>
  )
}
