import { DatePicker } from 'antd'
import dayjs from 'dayjs'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import type { ReactNode } from 'react'
import { showMinutes } from '@/core/clock'
import { addDays, showDay } from '@/core/units'
import { BookNav } from './BookNav'
import { bookHref } from './useBookKeys'
import { SHORTEST_DOG_MIN, type BookView } from './view'
import styles from './book.module.css'

const WEEKS = [
  [1, 'a week'],
  [2, 'two'],
  [4, 'four'],
] as const

interface HeadProps {
  view: BookView
  /** What was done last, and the way back from it. */
  children: ReactNode
}

/** Which weeks, how full they are, and the ways to others. */
export function BookHead({ view, children }: HeadProps) {
  const { from, to, weeks, today, lines, days } = view
  const router = useRouter()
  const last = addDays(to, -1)
  const groomers = new Set(view.staff.filter(({ role }) => role === 'groomer').map(({ id }) => id))
  const freeMin = days
    .filter(({ day }) => day >= today)
    .flatMap(({ free }) => free.filter(({ staffId }) => groomers.has(staffId)).flatMap(({ stretches }) => stretches))
    .map((stretch) => stretch.to - stretch.from)
    .filter((min) => min >= SHORTEST_DOG_MIN)
    .reduce((sum, min) => sum + min, 0)
  return (
    <div className={styles.head}>
      <div>
        <h1>
          {showDay(from).replace(sameMonth(from, last) ? / .*/ : '', '')} to {showDay(last)}
        </h1>
        <p className="kv-quiet">
          {lines.length} {lines.length === 1 ? 'dog' : 'dogs'}
          {freeMin > 0 && `, ${showMinutes(freeMin)} free in pieces that fit a dog`}
        </p>
        <p className={styles.ways} role="group" aria-label="How many weeks">
          {WEEKS.map(([count, label]) => (
            <Link key={count} href={bookHref(from, count)} aria-current={weeks === count ? 'true' : undefined}>
              {label}
            </Link>
          ))}
        </p>
      </div>
      <div className={styles.saying}>{children}</div>
      <div className={styles.headSide}>
        <BookNav here="Weeks" />
        <p className={styles.ways}>
          <Link href={bookHref(today, weeks)}>Today</Link>
          <Link href={bookHref(addDays(from, -weeks * 7), weeks)}>earlier</Link>
          <Link href={bookHref(addDays(from, weeks * 7), weeks)}>later</Link>
          <DatePicker
            id="book-date"
            aria-label="Go to a date"
            allowClear={false}
            value={dayjs(from < today && today < to ? today : from)}
            format="ddd D MMM YYYY"
            style={{ width: 168 }}
            onChange={(next) => next && router.push(bookHref(next.format('YYYY-MM-DD'), weeks))}
          />
        </p>
      </div>
    </div>
  )
}

const sameMonth = (a: string, b: string): boolean => a.slice(0, 7) === b.slice(0, 7)
