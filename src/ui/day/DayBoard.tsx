'use client'

import Link from 'next/link'
import type { CSSProperties } from 'react'
import { DogPicture } from '../coat-map'
import { Tape } from '../tape'
import type { HouseClock } from '@/core/clock'
import { useSize } from '../screen/useSize'
import type { DayRow } from './dayRow'
import styles from './day.module.css'

const HOUR_MS = 3_600_000
/** The day's width on a desk, until the screen says. */
const FIRST_PX = 1224
/** Hours stand apart so far at the least. */
const HOUR_WORD_PX = 50
const TAPE_LEFT = 12
/** Beside the tapes: the dog and its name, and when it is done, px. */
const BESIDE = { desk: { left: 254, end: 134 }, tablet: { left: 176, end: 112 } }
const NARROW_PX = 900

/** All of a day's dogs on one clock: tapes stacked, now as one line through them. */
export function DayBoard({ rows, time, nowMs }: { rows: readonly DayRow[]; time: HouseClock; nowMs: number | null }) {
  const lastMs = Math.max(...rows.map((row) => Math.max(row.endMs, row.startMs + (row.forecast?.p90 ?? 0) * 60_000)))
  const fromMs = Math.floor(Math.min(...rows.map(({ startMs }) => startMs), nowMs ?? Infinity) / HOUR_MS) * HOUR_MS
  const toMs = Math.ceil(Math.max(lastMs, nowMs ?? 0) / HOUR_MS) * HOUR_MS
  const { ref, width } = useSize<HTMLElement>(FIRST_PX)
  const { left, end } = width < NARROW_PX ? BESIDE.tablet : BESIDE.desk
  const tapePx = width - left - end
  const pxPerMin = tapePx / ((toMs - fromMs) / 60_000)
  const x = (ms: number) => ((ms - fromMs) / 60_000) * pxPerMin
  const hours = Array.from({ length: Math.round((toMs - fromMs) / HOUR_MS) + 1 }, (_, hour) => fromMs + hour * HOUR_MS)
  return (
    <section
      ref={ref}
      className={styles.board}
      aria-label="The day's dogs"
      style={{ '--day-left': `${left}px`, '--day-end': `${end}px` } as CSSProperties}
    >
      <div className={styles.clock} style={{ width: tapePx }} aria-hidden="true">
        {hours
          .filter((_, at) => at % Math.ceil(HOUR_WORD_PX / (60 * pxPerMin)) === 0)
          .filter((ms) => nowMs === null || Math.abs(x(ms) - x(nowMs)) > 48)
          .map((ms) => (
            <span key={ms} style={{ left: x(ms) }}>
              {time.clock(ms)}
            </span>
          ))}
        {nowMs !== null && (
          <b className={styles.flag} style={{ left: x(nowMs) }}>
            {time.clock(nowMs)}
          </b>
        )}
      </div>
      <svg className={styles.lines} width={tapePx} height={rows.length * 62} aria-hidden="true">
        {hours.map((ms) => (
          <path key={ms} d={`M${x(ms)} 0v${rows.length * 62}`} stroke="var(--kv-rule)" />
        ))}
      </svg>
      <ol className={styles.rows}>
        {rows.map((row) => (
          <li key={row.bookingId}>
            <Link href={`/dogs/${row.dogId}`} className={styles.figure} aria-label={`File of ${row.name}`}>
              <DogPicture label={`${row.name}, trim planned`} {...row.figure} width={60} height={58} bare head />
            </Link>
            <div className={styles.who}>
              <Link href={row.href} className={styles.name}>
                {row.name}
              </Link>
              <span className={styles.groomer}>{row.groomer}</span>
              <span className={styles.kind}>{row.kind}</span>
            </div>
            <div className={styles.tape} style={{ width: tapePx }}>
              <div style={{ position: 'absolute', top: 4, left: x(row.startMs) - TAPE_LEFT }}>
                <Tape
                  label={row.name}
                  slotMin={row.slotMin}
                  segments={row.segments}
                  terse
                  pxPerMin={pxPerMin}
                  height={34}
                  extentMin={Math.max(row.slotMin, row.forecast?.p90 ?? 0, row.segments.at(-1)?.toMin ?? 0)}
                  forecast={row.forecast}
                  offsetMin={time.minuteOfHour(row.startMs)}
                />
              </div>
            </div>
            <div className={styles.end} data-standing={row.standing}>
              <b>{row.words}</b>
              <span>{row.below}</span>
            </div>
          </li>
        ))}
      </ol>
      {nowMs !== null && (
        <div className={styles.now} style={{ left: `calc(var(--day-left) + ${x(nowMs) - 1}px)` }} aria-hidden="true" />
      )}
    </section>
  )
}
