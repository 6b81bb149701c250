import Link from 'next/link'
import { WATCH_FOR } from '@/core/at-home'
import type { FigureDog } from '@/core/figure'
import type { LengthUnit } from '@/core/units'
import type { GroupId, ZoneId } from '@/core/zones'
import { DogPicture, showLength } from '../coat-map'
import { PrintButton } from '../frame/PrintButton'
import styles from './ownerPage.module.css'

export interface OwnerPageProps {
  visitId: number
  house: string
  by: string
  day: string
  dog: FigureDog & { name: string }
  unit: LengthUnit
  finished: boolean
  before: Partial<Record<ZoneId, number>>
  after: Partial<Record<ZoneId, number>>
  shapes: Partial<Record<ZoneId, string | null>>
  lengths: readonly { group: GroupId; fromMm: number; toMm: number }[]
  found: readonly {
    what: string
    where: string
    sizeMm: number | null
    words: string
    photo: string | null
    vet: boolean
  }[]
  home: { brush: string; wash: string }
  visor: string | null
  next: { when: string; booked: boolean }
  /** What the house says to an owner, in its own words. */
  words: string
}

/** One page for the owner: before and after, what was found, what to do at home, and the next time. */
export function OwnerPage({
  visitId,
  house,
  by,
  day,
  dog,
  unit,
  finished,
  before,
  after,
  shapes,
  lengths,
  found,
  home,
  visor,
  next,
  words: ownWords,
}: OwnerPageProps) {
  return (
    <>
      <div className="kv-head">
        <h1>{dog.name}</h1>
        <p className="kv-quiet">
          {day}, {house}, by {by}
        </p>
        <Link className="kv-button kv-screen-only" href={`/visits/${visitId}/wrap-up`}>
          Back to the wrap-up
        </Link>
        <PrintButton words="Print, or save as PDF" />
      </div>
      {!finished && (
        <p className="kv-caution kv-screen-only">This groom is not finished: what is shown is as far as it is.</p>
      )}
      <div className={styles.pictures}>
        <figure>
          <DogPicture label={`${dog.name} as it came`} dog={dog} coatMm={before} width={440} height={290} />
          <figcaption>as {dog.name} came</figcaption>
        </figure>
        <figure>
          <DogPicture
            label={`${dog.name} as it goes home`}
            dog={dog}
            coatMm={after}
            shapes={shapes}
            width={440}
            height={290}
          />
          <figcaption>as {dog.name} goes home</figcaption>
        </figure>
      </div>
      {lengths.length > 0 && (
        <p>
          Left:{' '}
          {lengths
            .map(
              ({ group, fromMm, toMm }) =>
                `${group} ${fromMm === toMm ? showLength(fromMm, unit) : `${showLength(fromMm, unit)} to ${showLength(toMm, unit)}`}`,
            )

            .join(', ')}
          .
        </p>
      )}
      <div className={styles.columns}>
        <section aria-label="What was found">
          <h2>What was found</h2>
          {found.length === 0 ? (
            <p>Nothing that a vet should see.</p>
          ) : (
            <ul>
              {found.map(({ what, where, sizeMm, words, photo, vet }, at) => (
                <li key={at}>
                  <b>
                    {what}, {where}
                  </b>
                  {sizeMm !== null && `, ${sizeMm} mm`}
                  {words && `: ${words}`}
                  {vet && <span className="kv-caution"> Please have a vet look at it.</span>}
                  {photo && (
                    // eslint-disable-next-line @next/next/no-img-element -- its own house's picture, already small
                    <img
                      className={styles.photo}
                      src={`/visits/${visitId}/photos/${photo}`}
                      alt={`${what}, ${where}`}
                    />
                  )}
                </li>
              ))}
            </ul>
          )}
          <p className="kv-small">A groomer sees and feels, and does not say what it is: that is for a vet.</p>
          <h2>Watch for</h2>
          <ul>
            {WATCH_FOR.map((words) => (
              <li key={words}>{words}</li>
            ))}
          </ul>
        </section>
        <section aria-label="At home">
          <h2>At home</h2>
          <ul>
            <li>{home.brush}</li>
            <li>{home.wash}</li>
            {visor && <li>About {visor} the hair above the eyes reaches them.</li>}
          </ul>
          <h2>Next time</h2>
          <p className={styles.next}>{next.when}</p>
          <p className="kv-small">{next.booked ? 'It is booked.' : 'It is not booked yet.'}</p>
        </section>
      </div>
      <p className={styles.words}>{ownWords}</p>
    </>
  )
}
