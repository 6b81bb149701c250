import type { Metadata } from 'next'
import Link from 'next/link'
import { notFound } from 'next/navigation'
import { cardView } from '@/service/dog/cardView'
import { CardDesk } from '@/ui/card/CardDesk'
import { Frame } from '@/ui/frame/Frame'
import { Saying } from '@/ui/frame/Saying'
import { PaperCards } from '@/ui/papers/PaperCards'
import { found, idOf } from '../../../addresses'
import { putPaper, savePattern, saveVersion } from './actions'
import { theHouse } from '../../../theHouse'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Card' }

interface CardPageProps {
  params: Promise<{ dogId: string }>
  searchParams: Promise<{ version?: string }>
}

export default async function CardPage({ params, searchParams }: CardPageProps) {
  const [house, { dogId }, { version }] = await Promise.all([theHouse(), params, searchParams])
  const view = found(await cardView(idOf(dogId), house, version === undefined ? undefined : idOf(version)))
  const { asked, papers, ...desk } = view
  if (!asked && version !== undefined) notFound()
  return (
    <Frame here="Dogs" house={house}>
      {asked ? (
        <CardDesk
          key={asked.version}
          view={{ ...desk, version: asked.version, card: asked.zones }}
          acts={{ save: saveVersion, savePattern }}
        />
      ) : (
        <Saying
          title={`No card for ${view.dog.name} yet`}
          way={
            <Link className="kv-button" href={`/dogs/${view.dogId}`}>
              Open the file
            </Link>
          }
        >
          The first groom makes the card: plan it, cut it, wrap it up.
        </Saying>
      )}
      <PaperCards dogId={view.dogId} name={view.dog.name} papers={papers} acts={{ put: putPaper }} />
    </Frame>
  )
}
