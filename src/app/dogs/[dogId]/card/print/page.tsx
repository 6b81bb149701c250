import type { Metadata } from 'next'
import { printView } from '@/service/dog/cardView'
import { PrintCard } from '@/ui/card/PrintCard'
import { PrintDesk } from '@/ui/card/PrintDesk'
import { mindWords } from '@/ui/card/mindWords'
import { Frame } from '@/ui/frame/Frame'
import { found, idOf } from '../../../../addresses'
import { theHouse } from '../../../../theHouse'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Card to print' }

interface PrintPageProps {
  params: Promise<{ dogId: string }>
  searchParams: Promise<{ version?: string }>
}

export default async function PrintPage({ params, searchParams }: PrintPageProps) {
  const [house, { dogId }, { version }] = await Promise.all([theHouse(), params, searchParams])
  const view = found(await printView(idOf(dogId), house, version === undefined ? undefined : idOf(version)))
  return (
    <Frame here="Dogs" house={house}>
      <PrintDesk
        words="For the wall of the tub: A5, one page."
        back={{ href: `/dogs/${view.dog.id}/card`, label: 'Back to the card' }}
      >
        <PrintCard {...view} growing={[]} mind={mindWords(view.dog.behaviour)} />
      </PrintDesk>
    </Frame>
  )
}
