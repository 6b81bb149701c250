import Link from 'next/link'
import type { HouseClock } from '@/core/clock'
import { DogPicture } from '../coat-map'
import { TAPE_DOWN_EDGE, TapeDown } from '../tape'
import { columnsOf } from './columns'
import type { DayRow } from './dayRow'
import { opens } from './opens'
import styles from './day.module.css'

const HOUR_MS = 3_600_000
const MIN_MS = 60_000
/** The shortest slot of a day is so high, that its dog has room for a name and a word. */
const LEAST_PX = 70
const PX_PER_MIN = { least: 1.05, most: 1.7 }
const TAPE_PX = 12
/** From this height on a dog has room for its picture and all its words. */
const ROOMY_PX = 118

/** The day as it hangs down on a phone: time runs down a tape at the left, dogs stand beside it at their time. */
export function DayDown({ rows, time, nowMs }: { rows: readonly DayRow[]; time: HouseClock; nowMs: number | null }) {
  const fromMs = Math.floor(Math.min(...rows.map(({ startMs }) => startMs), nowMs ?? Infinity) / HOUR_MS) * HOUR_MS
  const lastMs = Math.max(...rows.map(doneMs), nowMs ?? 0)
  const toMs = Math.ceil(lastMs / HOUR_MS) * HOUR_MS
  const shortest = Math.min(...rows.map(({ slotMin }) => slotMin))
  const pxPerMin = Math.min(PX_PER_MIN.most, Math.max(PX_PER_MIN.least, LEAST_PX / shortest))
  const y = (ms: number) => ((ms - fromMs) / MIN_MS) * pxPerMin
  const { columns, count } = columnsOf(rows)
  const hours = Array.from({ length: Math.round((toMs - fromMs) / HOUR_MS) + 1 }, (_, hour) => fromMs + hour * HOUR_MS)
  return (
    <section className={styles.down} aria-label="The day's dogs" style={{ height: y(toMs) + 24 }}>
      <HourTape hours={hours} y={y} time={time} nowMs={nowMs} />
      <ol>
        {rows.map((row, at) => (
          <li
            key={row.bookingId}
            data-standing={row.standing}
            data-narrow={count > 2}
            style={{
              top: y(row.startMs),
              height: row.slotMin * pxPerMin - 4,
              left: `calc(${(100 / count) * (columns[at] ?? 0)}% + 2px)`,
              width: `calc(${100 / count}% - 6px)`,
            }}
          >
            <div className={styles.hang} style={{ top: -TAPE_DOWN_EDGE }}>
              <TapeDown
                slotMin={row.slotMin}
                segments={row.segments}
                pxPerMin={pxPerMin}
                width={TAPE_PX}
                likelyMin={row.forecast?.p50 ?? null}
              />
            </div>
            <Link
              href={row.href}
              aria-label={`${row.name}, ${row.kind}, ${row.words}, ${row.below}. ${opens(row.href)}`}
            >
              {row.slotMin * pxPerMin > ROOMY_PX && (
                <DogPicture label={`${row.name}, trim planned`} {...row.figure} width={52} height={52} bare head />
              )}
              <b>{row.name}</b>
              <span>{row.words}</span>
              <em>{row.below}</em>
            </Link>
          </li>
        ))}
      </ol>
      {nowMs !== null && <div className={styles.nowDown} style={{ top: y(nowMs) }} aria-hidden="true" />}
    </section>
  )
}

const doneMs = ({ endMs, startMs, forecast }: DayRow): number =>
  Math.max(endMs, startMs + (forecast?.p90 ?? 0) * MIN_MS)

interface HoursProps {
  hours: readonly number[]
  y: (ms: number) => number
  time: HouseClock
  nowMs: number | null
}

/** Where the figure of an hour stands below its tick, and how high the flag of now is, px. */
const HOUR_WORD = { top: 2, line: 14, height: 16 }
const FLAG_PX = 20
const meets = (wordTop: number, flagTop: number): boolean =>
  wordTop < flagTop + FLAG_PX && flagTop < wordTop + HOUR_WORD.height

/** The day's clock as a tape: hours in figures, quarters as ticks. */
function HourTape({ hours, y, time, nowMs }: HoursProps) {
  const end = y(hours.at(-1) ?? 0)
  const quarters = hours.slice(0, -1).flatMap((ms) => [0, 1, 2, 3].map((quarter) => ms + (quarter * HOUR_MS) / 4))
  const isFree = (ms: number) => nowMs === null || !meets(y(ms) + HOUR_WORD.top, y(nowMs) - FLAG_PX / 2)
  return (
    <svg className={styles.hours} width={52} height={end + 24} aria-hidden="true">
      <rect x={0.5} y={0.5} width={46} height={end + 14} fill="var(--kv-flax)" stroke="var(--kv-flax-edge)" />
      {quarters.map((ms) => (
        <path key={ms} d={`M0.5 ${y(ms) + 0.5}h${ms % HOUR_MS === 0 ? 20 : 8}`} stroke="var(--kv-ink-3)" />
      ))}
      {hours.filter(isFree).map((ms) => (
        <text
          key={ms}
          x={23}
          y={y(ms) + HOUR_WORD.line}
          fontSize={13}
          fontWeight={700}
          style={{ fontFamily: 'var(--kv-mono)' }}
        >
          {time.clock(ms).slice(0, 2)}
        </text>
      ))}
      {nowMs !== null && (
        <>
          <rect x={0} y={y(nowMs) - FLAG_PX / 2} width={52} height={FLAG_PX} fill="var(--kv-now)" />
          <text
            x={26}
            y={y(nowMs) + 5}
            fontSize={13.5}
            fontWeight={700}
            textAnchor="middle"
            fill="var(--kv-sheet)"
            style={{ fontFamily: 'var(--kv-mono)' }}
          >
            {time.clock(nowMs)}
          </text>
        </>
      )}
    </svg>
  )
}
