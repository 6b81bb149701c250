import type { Metadata } from 'next'
import { openHouse } from '@/service/house/openHouse'
import { kitView } from '@/service/kit/kitView'
import { Frame } from '@/ui/frame/Frame'
import { KitDesk } from '@/ui/kit/KitDesk'
import { addToKit, changeKit } from './actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Kit' }

export default async function KitPage() {
  const house = await openHouse()
  return (
    <Frame here="Kit" house={house}>
      <KitDesk {...await kitView(house)} add={addToKit} change={changeKit} />
    </Frame>
  )
}
