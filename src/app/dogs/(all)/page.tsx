import type { Metadata } from 'next'
import { dogsView } from '@/service/dog/dogsView'
import { openHouse } from '@/service/house/openHouse'
import { DogList } from '@/ui/dog/DogList'
import { Frame } from '@/ui/frame/Frame'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Dogs' }

export default async function DogsPage() {
  const house = await openHouse()
  return (
    <Frame here="Dogs" house={house}>
      <DogList dogs={await dogsView(house)} />
    </Frame>
  )
}
