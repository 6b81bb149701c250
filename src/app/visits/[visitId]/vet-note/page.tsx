import type { Metadata } from 'next'
import { vetNoteView } from '@/service/visit/vetNoteView'
import { Frame } from '@/ui/frame/Frame'
import { VetNote } from '@/ui/records/VetNote'
import { found, idOf } from '../../../addresses'
import { theHouse } from '../../../theHouse'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Note for the vet' }

export default async function VetNotePage({ params }: { params: Promise<{ visitId: string }> }) {
  const house = await theHouse()
  const view = found(await vetNoteView(idOf((await params).visitId), house))
  return (
    <Frame here="Dogs" house={house}>
      <VetNote {...view} />
    </Frame>
  )
}
