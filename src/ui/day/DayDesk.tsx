import Link from 'next/link'
import type { NextLine } from '@/core/book'
import { addDays, type Day } from '@/core/units'
import { Saying } from '../frame/Saying'
import { ComesNext } from './ComesNext'
import { DayPicture } from './DayPicture'
import { DayNotices } from './DayNotices'
import { DayWays, type DayWay } from './hands/DayWays'
import type { Decide, HandsView } from './hands/view'
import type { DayRow } from './dayRow'
import { HandsDesk, Rehearse, RoadDesk, RunsOtherwise } from './otherWays'
import { Outbox, type Message } from './Outbox'
import type { RoadView } from './road/view'
import styles from './day.module.css'

interface DayDeskProps {
  view: {
    day: Day
    /** `Tuesday 2 March` */
    title: string
    isToday: boolean
    rows: DayRow[]
    counts: { home: number; inHouse: number; toCome: number }
    messages: Message[]
    next: NextLine[]
    /** How the day is looked at. */
    way: DayWay
    ways: DayWay[]
    /** The day as the planner reads it, where it is looked at by hands. */
    planned: HandsView | null
    /** The van's day, where its road is looked at. */
    road: RoadView | null
    today: Day
    nowMs: number
    timeZone: string
  }
  decide: Decide
}

const some = (count: number, words: string): string => (count === 0 ? '' : `, ${count} ${words}`)

/** A day of the house: what calls, every dog on the day's clock, and the messages to send. */
export function DayDesk({ view, decide }: DayDeskProps) {
  const { day, title, today, isToday, rows, counts, messages, next, way, ways, planned, road, nowMs, timeZone } = view
  const isPast = day < today
  return (
    <>
      <section className={styles.top}>
        <div>
          <h1>{title}</h1>
          <p className="kv-quiet" style={{ fontSize: 16 }}>
            {rows.length === 0
              ? isPast
                ? 'nothing was booked'
                : 'nothing booked'
              : isPast
                ? `${counts.home} home${some(counts.inHouse, 'not ended')}${some(counts.toCome, 'not begun')}`
                : `${counts.home} home, ${counts.inHouse} in the house, ${counts.toCome} to come`}
          </p>
          <p className={styles.days}>
            <Link className="kv-link" href={`/?day=${addDays(day, -1)}`}>
              Day before
            </Link>
            {!isToday && (
              <Link className="kv-link" href="/">
                Today
              </Link>
            )}
            <Link className="kv-link" href={`/?day=${addDays(day, 1)}`}>
              Day after
            </Link>
          </p>
          {rows.length > 0 && <DayWays here={way} ways={ways} day={day} isToday={isToday} />}
        </div>
        {isToday && <DayNotices rows={way === 'hands' ? rows.filter(({ wait }) => wait !== null) : rows} />}
      </section>
      {rows.length === 0 ? (
        <NothingBooked isPast={isPast} />
      ) : road ? (
        <RoadDesk view={road} isPast={isPast} decide={decide} />
      ) : planned && way === 'rehearse' ? (
        <Rehearse view={planned} />
      ) : planned && way === 'hands' ? (
        <HandsDesk {...planned} isToday={isToday} isPast={isPast} decide={decide} />
      ) : (
        <>
          {planned && <RunsOtherwise view={planned} decide={decide} />}
          <DayPicture rows={rows} timeZone={timeZone} nowMs={isToday ? nowMs : null} />
        </>
      )}
      {way === 'dog' && <ComesNext lines={next} />}
      <Outbox messages={messages} />
    </>
  )
}

function NothingBooked({ isPast }: { isPast: boolean }) {
  const [title, href, way] = isPast
    ? (['Nothing was booked on this day', '/', 'Open today'] as const)
    : (['Nothing is booked on this day', '/dogs', 'Book a dog'] as const)
  return (
    <Saying
      title={title}
      way={
        <Link className="kv-button" href={href}>
          {way}
        </Link>
      }
    >
      {isPast
        ? 'What was done to a dog stands in its file.'
        : 'Book from a dog’s file; the slot is proposed from the dog’s own plan.'}
    </Saying>
  )
}
