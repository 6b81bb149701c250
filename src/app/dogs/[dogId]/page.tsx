import type { Metadata } from 'next'
import { dogFileView, dogName } from '@/service/dog/dogFileView'
import { DogFile } from '@/ui/dog/DogFile'
import { Frame } from '@/ui/frame/Frame'
import { bookVisit } from '../../actions'
import { found, idOf } from '../../addresses'
import { theHouse } from '../../theHouse'

export const dynamic = 'force-dynamic'
interface Params {
  params: Promise<{ dogId: string }>
}

export async function generateMetadata({ params }: Params): Promise<Metadata> {
  return { title: (await dogName(idOf((await params).dogId))) ?? 'Dog' }
}

export default async function DogPage({ params }: Params) {
  const house = await theHouse()
  const view = found(await dogFileView(idOf((await params).dogId), house))
  return (
    <Frame here="Dogs" house={house}>
      <DogFile view={view} book={bookVisit} />
    </Frame>
  )
}
