import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { figureOf } from '@/core/figure'
import { readDog } from '@/data/dogs'
import { Frame } from '@/ui/frame/Frame'
import { MeasureDesk } from '@/ui/measures/MeasureDesk'
import { idOf, openHouse } from '../../../house'
import { readStandingCard } from '../../../standingCard'
import { saveMeasures } from './actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Measures' }

export default async function MeasuresPage({ params }: { params: Promise<{ dogId: string }> }) {
  const [house, dog] = await Promise.all([openHouse(), readDog(idOf((await params).dogId))])
  if (!dog) notFound()
  const { presentMm } = await readStandingCard(dog, house)
  return (
    <Frame here="Dogs" house={house.name} timeZone={house.timeZone} nowMs={house.nowMs}>
      <MeasureDesk
        dog={{ id: dog.id, name: dog.name, weightKg: dog.weightKg, ...figureOf(dog) }}
        coatMm={presentMm}
        unit={house.unit}
        save={saveMeasures}
      />
    </Frame>
  )
}
