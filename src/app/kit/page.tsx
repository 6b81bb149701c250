import type { Metadata } from 'next'
import { kitView } from '@/service/kit/kitView'
import { Frame } from '@/ui/frame/Frame'
import { KitDesk } from '@/ui/kit/KitDesk'
import { addToKit, changeKit } from './actions'
import { theHouse } from '../theHouse'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Kit' }

export default async function KitPage() {
  const house = await theHouse()
  return (
    <Frame here="Kit" house={house}>
      <KitDesk {...await kitView(house)} add={addToKit} change={changeKit} />
    </Frame>
  )
}
