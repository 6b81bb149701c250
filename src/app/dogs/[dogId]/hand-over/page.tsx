import type { Metadata } from 'next'
import { handOverView } from '@/service/dog/handOverView'
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
  const { file, owner, card } = found(await handOverView(dogId, house))
  return (
    <Frame here="Dogs" house={house}>
      <HandOverDesk dogId={dogId} name={file.dog.name} owner={owner}>
        {card && (
          <FittedSheet>
            <PrintCard
              {...card}
              which={`From ${file.from}, ${file.made}.`}
              growing={[]}
              mind={mindWords(card.dog.behaviour)}
            />
          </FittedSheet>
        )}
        <FittedSheet>
          <HandOverSheet file={file} />
        </FittedSheet>
      </HandOverDesk>
    </Frame>
  )
}
