import type { Metadata } from 'next'
import { changeView } from '@/service/dog/changeView'
import { ChangeDesk } from '@/ui/change/ChangeDesk'
import { Frame } from '@/ui/frame/Frame'
import { found, idOf } from '../../../addresses'
import { theHouse } from '../../../theHouse'
import { notYours } from '../../../notYours'
import { goBack, saveFile, sayDogComes } from '../../actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Change the file' }

interface Params {
  params: Promise<{ dogId: string }>
}

export default async function ChangePage({ params }: Params) {
  const house = await theHouse()
  const barred = notYours(house, 'files', 'Dogs')
  if (barred) return barred
  const view = found(await changeView(idOf((await params).dogId), house))
  return (
    <Frame here="Dogs" house={house}>
      <ChangeDesk view={view} acts={{ saveFile, goBack, sayDogComes }} />
    </Frame>
  )
}
