import type { Metadata } from 'next'
import Link from 'next/link'
import { COAT_FACTS } from '@/core/coat'
import { sideView } from '@/core/figure'
import { coatToday } from '@/core/plan'
import { readCard } from '@/data/cards'
import { readDogs, readOwners, type Dog } from '@/data/dogs'
import { readVisitsOfDog } from '@/data/visits'
import { DogPicture } from '@/ui/coat-map'
import { Frame } from '@/ui/frame/Frame'
import { Saying } from '@/ui/frame/Saying'
import { showAge } from '@/ui/time/houseTime'
import { openHouse, type OpenHouse } from '../../house'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Dogs' }

/** Every dog as it stands today: the figure is the coat grown since the last visit. */
export default async function DogsPage() {
  const house = await openHouse()
  const [dogs, owners] = await Promise.all([readDogs(), readOwners()])
  const today = house.time.day(house.nowMs)
  const shown = await Promise.all(dogs.map((dog) => readStanding(dog, house, today)))
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
                view={sideView(dog, (zone) => coatMm.get(zone) ?? 0)}
                coat={dog.coat}
                lengthMm={(zone) => coatMm.get(zone) ?? 0}
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

async function readStanding(dog: Dog, { time }: OpenHouse, today: string) {
  const [last] = await readVisitsOfDog(dog.id, 1, Number.MAX_SAFE_INTEGER / 2)
  const card = last?.cutCardId ? await readCard(last.cutCardId) : null
  const lastCase = last && card ? { last: { date: time.day(last.startedMs), card: card.zones } } : {}
  const coatMm = coatToday({
    coatNowMm: {},
    date: today,
    dog: { ...dog, heightCm: undefined, lengthCm: undefined },
    ...lastCase,
  })
  return { dog, coatMm, last: last ? `last ${time.shortDay(last.startedMs)}` : 'first visit to come' }
}
