import type { Metadata } from 'next'
import { measuresView } from '@/service/dog/cardView'
import { Frame } from '@/ui/frame/Frame'
import { MeasureDesk } from '@/ui/measures/MeasureDesk'
import { found, idOf } from '../../../addresses'
import { saveMeasures } from './actions'
import { theHouse } from '../../../theHouse'
import { notYours } from '../../../notYours'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Measures' }

export default async function MeasuresPage({ params }: { params: Promise<{ dogId: string }> }) {
  const house = await theHouse()
  const barred = notYours(house, 'measure', 'Dogs')
  if (barred) return barred
  const view = found(await measuresView(idOf((await params).dogId), house))
  return (
    <Frame here="Dogs" house={house}>
      <MeasureDesk {...view} save={saveMeasures} />
    </Frame>
  )
}
