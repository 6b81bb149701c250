import Link from 'next/link'
import type { FigureDog } from '@/core/figure'
import type { ZoneId } from '@/core/zones'
import { DogPicture } from '../coat-map'
import { Saying } from '../frame/Saying'
import styles from './dog.module.css'

interface DogListProps {
  dogs: readonly {
    id: number
    name: string
    figure: FigureDog
    coatMm: Partial<Record<ZoneId, number>>
    last: string
    facts: string
    home: string
  }[]
}

/** Every dog as it stands today: the figure is the coat grown since the last visit. */
export function DogList({ dogs }: DogListProps) {
  return (
    <>
      <h1>Dogs</h1>
      <p className="kv-quiet">Each as its coat should stand today, grown since the last card.</p>
      {dogs.length === 0 && (
        <Saying title="No dogs yet">The demo fills an empty house: npm start -- --fresh makes it anew.</Saying>
      )}
      <ul className={styles.dogs}>
        {dogs.map(({ id, name, figure, coatMm, last, facts, home }) => (
          <li key={id}>
            <Link href={`/dogs/${id}`} className={styles.dogLink}>
              <DogPicture label={`${name}, coat today`} dog={figure} coatMm={coatMm} width={285} height={180} />
              <p className={styles.dogHead}>
                <b>{name}</b>
                <span className="kv-small">{last}</span>
              </p>
              <p className="kv-quiet">{facts}</p>
              <p className="kv-small">{home}</p>
            </Link>
          </li>
        ))}
      </ul>
    </>
  )
}
