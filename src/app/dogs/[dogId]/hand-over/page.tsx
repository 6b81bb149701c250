import type { Metadata } from 'next'
import { printView } from '@/service/dog/cardView'
import { dogToGo } from '@/service/dog/dogToGo'
import { PrintCard } from '@/ui/card/PrintCard'
import { FittedSheet } from '@/ui/card/PrintDesk'
import { mindWords } from '@/ui/card/mindWords'
import { Frame } from '@/ui/frame/Frame'
import { HandOverDesk } from '@/ui/hand-over/HandOverDesk'
import { HandOverSheet } from '@/ui/hand-over/HandOverSheet'
import { found, idOf } from '../../../addresses'
import { notYours } from '../../../notYours'
import { theHouse } from '../../../theHouse'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Hand over' }

export default async function HandOverPage({ params }: { params: Promise<{ dogId: string }> }) {
  const house = await theHouse()
  const barred = notYours(house, 'files', 'Dogs')
  if (barred) return barred
  const dogId = idOf((await params).dogId)
  const [file, card] = await Promise.all([dogToGo(dogId, true, house), printView(dogId, house)])
  const { owner, ...known } = found(file)
  return (
    <Frame here="Dogs" house={house}>
      <HandOverDesk dogId={dogId} name={known.dog.name} owner={owner?.name ?? null}>
        {card && (
          <FittedSheet>
            <PrintCard
              {...card}
              which={`From ${known.from}, ${known.made}.`}
              growing={[]}
              mind={mindWords(card.dog.behaviour)}
            />
          </FittedSheet>
        )}
        <FittedSheet>
          <HandOverSheet file={known} />
        </FittedSheet>
      </HandOverDesk>
    </Frame>
  )
}
