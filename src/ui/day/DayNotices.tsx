import Link from 'next/link'
import type { DayRow } from './dayRow'
import { opens } from './opens'
import { WaitNotice } from './WaitNotice'
import styles from './day.module.css'

const MOST = 3

/** What needs a hand now, most pressing first: late dogs, running waits, tight slots. */
export function DayNotices({ rows }: { rows: readonly DayRow[] }) {
  const late = rows.filter(({ standing }) => standing === 'late')
  const waits = rows.filter(({ wait }) => wait !== null)
  const tight = rows.filter(({ standing, state }) => standing === 'tight' && state !== 'home')
  const notices = [
    ...late.map((row) => (
      <div key={`late${row.bookingId}`} className="kv-notice kv-must">
        <p className="kv-strong kv-late">
          {row.name} will run {row.below.replace(' min past the slot', '')} min past the slot
        </p>
        <p className="kv-quiet">
          Done {row.words}. <Link href={row.href}>{opens(row.href)}</Link>
        </p>
      </div>
    )),
    ...waits.map((row) => <WaitNotice key={`wait${row.bookingId}`} row={row} />),
    ...tight.map((row) => (
      <div key={`tight${row.bookingId}`} className="kv-notice">
        <p className="kv-strong kv-caution">{row.name} is tight</p>
        <p className="kv-quiet">
          {Math.round((row.chance ?? 0) * 100)} % to be done within the slot, {row.words}.
        </p>
      </div>
    )),
  ]
  return <div className={styles.notices}>{notices.slice(0, MOST)}</div>
}
