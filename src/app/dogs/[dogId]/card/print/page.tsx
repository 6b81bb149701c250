import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { readDog } from '@/data/dogs'
import { PrintCard } from '@/ui/card/PrintCard'
import { PrintDesk } from '@/ui/card/PrintDesk'
import { mindWords } from '@/ui/card/mindWords'
import { Frame } from '@/ui/frame/Frame'
import { idOf, openHouse } from '../../../../house'
import { readStandingCard } from '../../../../standingCard'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Card to print' }

interface PrintPageProps {
  params: Promise<{ dogId: string }>
  searchParams: Promise<{ version?: string }>
}

const KINDS = { planned: 'planned', cut: 'as cut', saved: 'saved' }

export default async function PrintPage({ params, searchParams }: PrintPageProps) {
  const [{ dogId }, { version }] = await Promise.all([params, searchParams])
  const [house, dog] = await Promise.all([openHouse(), readDog(idOf(dogId))])
  if (!dog) notFound()
  const { card } = await readStandingCard(dog, house, version === undefined ? undefined : idOf(version))
  if (!card) notFound()
  return (
    <Frame here="Dogs" house={house.name} timeZone={house.timeZone} nowMs={house.nowMs}>
      <PrintDesk
        words="For the wall of the tub: A5, one page."
        back={{ href: `/dogs/${dog.id}/card`, label: 'Back to the card' }}
      >
        <PrintCard
          dog={dog}
          facts={`${dog.breed}, ${dog.coat} coat, ${dog.weightKg} kg`}
          which={`Version ${card.version}, ${KINDS[card.kind]} on ${house.time.longDay(card.madeMs)} by ${card.madeBy}. ${card.why}.`}
          card={card.zones}
          growing={[]}
          unit={house.unit}
          mind={mindWords(dog.behaviour)}
        />
      </PrintDesk>
    </Frame>
  )
}
