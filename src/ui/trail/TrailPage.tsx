import Link from 'next/link'
import { TRAIL_KINDS, type TrailAsked } from '@/core/trail'
import { AskedDay } from './AskedDay'
import styles from './trail.module.css'

interface Line {
  id: number
  when: string
  by: string
  kind: string
  about: { words: string; href: string }
  words: string
}

export interface TrailView {
  asked: TrailAsked
  people: readonly { id: number; name: string }[]
  lines: readonly Line[]
  /** Whether there are earlier ones than these. */
  more: boolean
}

const PATH = '/rules/trail'

/** Who changed what of the house and when. It is read here and changed nowhere. */
export function TrailPage({ view: { asked, people, lines, more } }: { view: TrailView }) {
  return (
    <>
      <div className="kv-head">
        <h1>Trail</h1>
        <p className="kv-quiet">Who changed what, and when; the latest first. Nothing here can be changed.</p>
        <Link className="kv-word" href="/rules">
          The house
        </Link>
      </div>
      <Asked asked={asked} people={people} />
      {lines.length === 0 ? (
        <p className={styles.empty}>
          Nothing of this kind stands in the trail. <Link href={PATH}>See all of it</Link>
        </p>
      ) : (
        <Lines lines={lines} />
      )}
      <nav className={styles.pages} aria-label="Pages of the trail">
        {asked.page > 1 && (
          <Link className="kv-link" href={pageHref(asked, asked.page - 1)}>
            Later ones
          </Link>
        )}
        {more && (
          <Link className="kv-link" href={pageHref(asked, asked.page + 1)}>
            Earlier ones
          </Link>
        )}
      </nav>
    </>
  )
}

function Asked({ asked, people }: Pick<TrailView, 'asked' | 'people'>) {
  return (
    <form method="get" action={PATH} className={styles.asked} aria-label="What of the trail is shown">
      <label className="kv-field">
        What
        <select name="kind" defaultValue={asked.kind ?? ''} className="kv-select">
          <option value="">everything</option>
          {Object.entries(TRAIL_KINDS).map(([kind, label]) => (
            <option key={kind} value={kind}>
              {label}
            </option>
          ))}
        </select>
      </label>
      <label className="kv-field">
        Who
        <select name="who" defaultValue={asked.who ?? ''} className="kv-select">
          <option value="">anybody</option>
          {people.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <AskedDay label="From" name="from" day={asked.from} />
      <AskedDay label="To" name="to" day={asked.to} />
      <button className="kv-button">Show</button>
    </form>
  )
}

const Lines = ({ lines }: Pick<TrailView, 'lines'>) => (
  <table className={`kv-rows ${styles.lines}`}>
    <thead>
      <tr>
        <th>When</th>
        <th>Who</th>
        <th>What of</th>
        <th>What</th>
      </tr>
    </thead>
    <tbody>
      {lines.map(({ id, when, by, kind, about, words }) => (
        <tr key={id}>
          <td>{when}</td>
          <td>{by}</td>
          <td>
            <Link className="kv-link" href={about.href}>
              {about.words}
            </Link>{' '}
            <span className="kv-small">{kind}</span>
          </td>
          <td>{words}</td>
        </tr>
      ))}
    </tbody>
  </table>
)

/** The same question, another page of its answer. */
function pageHref(asked: TrailAsked, page: number): string {
  const kept = Object.entries({ ...asked, page }).filter(([, value]) => value !== undefined)
  return `${PATH}?${new URLSearchParams(kept.map(([key, value]) => [key, String(value)])).toString()}`
}
