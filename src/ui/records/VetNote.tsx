import Link from 'next/link'
import { findingKey, findingWords, placeWords, type Finding } from '@/core/health'
import type { FigureDog } from '@/core/figure'
import { HeadRow } from '../frame/HeadRow'
import { PrintButton } from '../frame/PrintButton'
import { houseClock } from '@/core/clock'
import { FindingMap } from './FindingMap'
import styles from './vetNote.module.css'

type Dated = Finding & { atMs: number; by: string }

interface NoteProps {
  visitId: number
  dog: FigureDog & { name: string }
  facts: string
  owner: string
  from: string
  day: string
  today: readonly Dated[]
  earlier: readonly Dated[]
  timeZone: string
}

/** What the hands found, where, how large and since when. Facts only: what it is and what to do is the vet's to say. */
export function VetNote({ visitId, dog, facts, owner, from, day, today, earlier, timeZone }: NoteProps) {
  const time = houseClock(timeZone)
  const latest = [...new Map(today.map((each) => [findingKey(each), each])).values()]
  return (
    <>
      <div className="kv-head">
        <h1>Note for the vet: {dog.name}</h1>
        <p className="kv-quiet">
          {facts}. Owner {owner}. Seen on {day} at {from}.
        </p>
        <Link className="kv-button kv-screen-only" href={`/visits/${visitId}/bench`}>
          Back to the bench
        </Link>
        <PrintButton />
      </div>
      {latest.length === 0 && <p>Nothing was found at this visit. A finding on the bench comes here.</p>}
      <div className={styles.note}>
        <FindingMap dog={dog} findings={latest} />
        <div>
          {latest.map((finding) => {
            const history = earlier.filter((each) => findingKey(each) === findingKey(finding))
            return (
              <section key={findingKey(finding)} className={styles.finding}>
                <h2>
                  {findingWords(finding.kind)}, {placeWords(finding)}
                </h2>
                <table className="kv-rows">
                  <HeadRow cells={['Seen', '#Size', 'Status', 'In words', 'By']} />
                  <tbody>
                    {[...history, finding].map((each) => (
                      <tr key={each.atMs}>
                        <td>{time.longDay(each.atMs)}</td>
                        <td className="kv-figure">{each.sizeMm === null ? 'not measured' : `${each.sizeMm} mm`}</td>
                        <td>{each.status}</td>
                        <td>{each.words || '–'}</td>
                        <td>{each.by}</td>
                      </tr>
                    ))}
                  </tbody>
                </table>
                {[...history, finding].map(
                  ({ photo, atMs }) =>
                    photo && (
                      <figure key={photo} className={styles.photo}>
                        {/* eslint-disable-next-line @next/next/no-img-element -- its own house's picture, already small */}
                        <img
                          src={`/visits/${visitId}/photos/${photo}`}
                          alt={`${findingWords(finding.kind)}, ${placeWords(finding)}, ${time.longDay(atMs)}`}
                        />
                        <figcaption className="kv-small">{time.longDay(atMs)}</figcaption>
                      </figure>
                    ),
                )}
              </section>
            )
          })}
          <p className="kv-small">Found by a groomer’s hands and eyes, measured with a rule. This is no diagnosis.</p>
        </div>
      </div>
    </>
  )
}
