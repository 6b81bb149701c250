import type { Metadata } from 'next'
import Link from 'next/link'
import { COAT_FACTS } from '@/core/coat'
import { coatToday } from '@/core/plan'
import { readCards, type TrimCard } from '@/data/cards'
import { figureOf } from '@/core/figure'
import { readDogs, readOwners, type Dog } from '@/data/dogs'
import { readLastCuts } from '@/data/visits'
import { DogPicture } from '@/ui/coat-map'
import { Frame } from '@/ui/frame/Frame'
import { Saying } from '@/ui/frame/Saying'
import { showAge } from '@/core/clock'
import { openHouse, type OpenHouse } from '../../house'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Dogs' }

/** Every dog as it stands today: the figure is the coat grown since the last visit. */
export default async function DogsPage() {
  const house = await openHouse()
  const [dogs, owners, lasts] = await Promise.all([readDogs(), readOwners(), readLast()])
  const today = house.time.day(house.nowMs)
  const shown = dogs.map((dog) => standing(dog, lasts.get(dog.id), house, today))
  return (
    <Frame here="Dogs" house={house.name} timeZone={house.timeZone} nowMs={house.nowMs}>
      <h1>Dogs</h1>
      <p className="kv-quiet">Each as its coat should stand today, grown since the last card.</p>
      {shown.length === 0 && (
        <Saying title="No dogs yet">The demo fills an empty house: npm start -- --fresh makes it anew.</Saying>
      )}
      <ul
        style={{
          listStyle: 'none',
          margin: '20px 0 0',
          padding: 0,
          display: 'grid',
          gridTemplateColumns: 'repeat(auto-fill, minmax(270px, 1fr))',
          gap: '24px 28px',
        }}
      >
        {shown.map(({ dog, coatMm, last }) => (
          <li key={dog.id}>
            <Link href={`/dogs/${dog.id}`} style={{ textDecoration: 'none', display: 'block' }}>
              <DogPicture
                label={`${dog.name}, coat today`}
                dog={figureOf(dog)}
                coatMm={coatMm}
                width={285}
                height={180}
              />
              <p style={{ display: 'flex', justifyContent: 'space-between', alignItems: 'baseline', marginTop: 6 }}>
                <b style={{ fontSize: 18 }}>{dog.name}</b>
                <span className="kv-small">{last}</span>
              </p>
              <p className="kv-quiet">
                {dog.breed}, {dog.weightKg} kg, {showAge(dog.bornOn, today)}
              </p>
              <p className="kv-small">
                {owners.get(dog.householdId)?.name}. {COAT_FACTS[dog.coat].dries}.
              </p>
            </Link>
          </li>
        ))}
      </ul>
    </Frame>
  )
}

interface Last {
  startedMs: number
  card: TrimCard
}

/** The last card of every dog, in three queries however many dogs there are. */
async function readLast(): Promise<Map<number, Last>> {
  const cuts = await readLastCuts()
  const cards = await readCards([...cuts.values()].map(({ cutCardId }) => cutCardId))
  return new Map(
    [...cuts].flatMap(([dogId, { startedMs, cutCardId }]) => {
      const card = cards.get(cutCardId)
      return card ? [[dogId, { startedMs, card }] as const] : []
    }),
  )
}

/** The coat as it should be today. */
function standing(dog: Dog, last: Last | undefined, { time }: OpenHouse, today: string) {
  const lastCase = last ? { last: { date: time.day(last.startedMs), card: last.card.zones } } : {}
  const size = { heightCm: undefined, lengthCm: undefined }
  const coatMm = Object.fromEntries(coatToday({ coatNowMm: {}, date: today, dog: { ...dog, ...size }, ...lastCase }))
  return { dog, coatMm, last: last ? `last ${time.shortDay(last.startedMs)}` : 'first visit to come' }
}
