import type { Metadata } from 'next'
import Link from 'next/link'
import { notFound } from 'next/navigation'
import { figureOf } from '@/core/figure'
import { readDog } from '@/data/dogs'
import { readKit } from '@/data/kit'
import { CardDesk } from '@/ui/card/CardDesk'
import { Frame } from '@/ui/frame/Frame'
import { Saying } from '@/ui/frame/Saying'
import { idOf, openHouse } from '../../../house'
import { readStandingCard } from '../../../standingCard'
import { savePattern, saveVersion } from './actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Card' }

interface CardPageProps {
  params: Promise<{ dogId: string }>
  searchParams: Promise<{ version?: string }>
}

export default async function CardPage({ params, searchParams }: CardPageProps) {
  const [{ dogId }, { version }] = await Promise.all([params, searchParams])
  const [house, dog, kit] = await Promise.all([openHouse(), readDog(idOf(dogId)), readKit()])
  if (!dog) notFound()
  const standing = await readStandingCard(dog, house, version === undefined ? undefined : idOf(version))
  const { card, versions, ...against } = standing
  if (!card && version !== undefined) notFound()
  const { id, name } = dog
  return (
    <Frame here="Dogs" house={house.name} timeZone={house.timeZone} nowMs={house.nowMs}>
      {card ? (
        <CardDesk
          key={card.version}
          dogId={id}
          dog={{ name, ...figureOf(dog) }}
          unit={house.unit}
          kit={kit}
          version={card.version}
          card={card.zones}
          {...against}
          versions={versions.map((each) => ({
            version: each.version,
            kind: each.kind,
            by: each.madeBy,
            why: each.why,
            when: house.time.longDay(each.madeMs),
          }))}
          people={house.staff.map((each) => each.name)}
          save={saveVersion}
          savePattern={savePattern}
        />
      ) : (
        <Saying
          title={`No card for ${name} yet`}
          way={
            <Link className="kv-button" href={`/dogs/${id}`}>
              Open the file
            </Link>
          }
        >
          The first groom makes the card: plan it, cut it, wrap it up.
        </Saying>
      )}
    </Frame>
  )
}
