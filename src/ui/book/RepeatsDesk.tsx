'use client'

import { Modal } from 'antd'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { GROOMS, type GroomKind } from '@/core/repeats'
import { clockOf, weekdayOf } from '@/core/people'
import type { Result } from '@/core/result'
import { daysBetween, showDay, type Day } from '@/core/units'
import { Saying } from '../frame/Saying'
import { BookNav } from './BookNav'
import styles from './book.module.css'
import { May } from '../who/WhoHere'

interface Fall {
  ruleDay: Day
  day: Day | null
  step: GroomKind
  because: string | null
  bookingId: number | null
  slotMin: number | null
  from: number | null
  moved: boolean
}

export interface RepeatsView {
  today: Day
  to: Day
  rows: readonly {
    repeatId: number
    dogId: number
    dog: string
    breed: string
    words: string
    clock: string
    groomer: string
    times: readonly Fall[]
  }[]
}

interface RepeatsDeskProps {
  view: RepeatsView
  end: (input: unknown) => Promise<Result<{ calledOff: number }>>
}

/** The last times have room for their words within the page. */
const WIDTH_PERCENT = 92

/** Every repeat as it falls over half a year, each on one line with the months above. */
export function RepeatsDesk({ view, end }: RepeatsDeskProps) {
  const { today, to, rows } = view
  const days = daysBetween(today, to)
  const at = (day: Day) => (daysBetween(today, day) / days) * WIDTH_PERCENT
  return (
    <>
      <div className="kv-head">
        <h1>Repeats</h1>
        <p className="kv-quiet">
          {rows.length === 0
            ? 'nothing comes again by itself'
            : `${rows.length} ${rows.length === 1 ? 'dog comes' : 'dogs come'} again by a rule, half a year ahead`}
        </p>
        <BookNav here="Repeats" />
      </div>
      {rows.length === 0 ? (
        <Saying
          title="No dog repeats yet"
          way={
            <Link className="kv-button" href="/dogs">
              Choose a dog
            </Link>
          }
        >
          Book a visit from a dog’s file, and say every how many weeks, or full groom and bath and tidy in turn.
        </Saying>
      ) : (
        <section aria-label="Half a year">
          <div className={styles.months} aria-hidden="true">
            {monthsOf(today, to).map(({ day, label }) => (
              <span key={day} style={{ left: `${at(day)}%` }}>
                {label}
              </span>
            ))}
          </div>
          {rows.map((row) => (
            <RepeatRow key={row.repeatId} row={row} at={at} days={days} end={end} />
          ))}
          <p className="kv-small">
            Tape is a full groom, tinted a bath and tidy; a teal ferrule was moved, with its day; a broken one could not
            be booked, with why.
          </p>
        </section>
      )}
    </>
  )
}

/** The first of each month between two days. */
function monthsOf(from: Day, to: Day): { day: Day; label: string }[] {
  const found: { day: Day; label: string }[] = []
  let [year = 0, month = 0] = from.split('-').map(Number)
  for (;;) {
    month += 1
    if (month > 12) [year, month] = [year + 1, 1]
    const day = `${year}-${String(month).padStart(2, '0')}-01`
    if (day >= to) return found
    found.push({ day, label: showDay(day).slice(2, 5) })
  }
}

interface RowProps extends Pick<RepeatsDeskProps, 'end'> {
  row: RepeatsView['rows'][number]
  at: (day: Day) => number
  days: number
}

function RepeatRow({ row, at, end }: RowProps) {
  const [asking, setAsking] = useState(false)
  const { dog, dogId, words, clock, groomer, times } = row
  return (
    <div className={styles.repeat}>
      <div className={styles.repeatWho}>
        <Link className="kv-link" href={`/dogs/${dogId}`}>
          <b>{dog}</b>
        </Link>
        <span className="kv-small">{words}</span>
        <span className="kv-small">
          {clock}, {groomer}.{' '}
          <May right="book">
            <button className="kv-word" onClick={() => setAsking(true)}>
              End it
            </button>
          </May>
        </span>
      </div>
      <div className={styles.falls}>
        {times.map((fall) => (
          <FallMark key={fall.ruleDay} fall={fall} clock={clock} left={at(fall.day ?? fall.ruleDay)} />
        ))}
      </div>
      {asking && <EndRepeat row={row} end={end} close={() => setAsking(false)} />}
    </div>
  )
}

/** A slot is drawn by its minutes, this many px a minute. */
const PX_PER_MIN = 0.14
const UNBOOKED_MIN = 120

function FallMark({ fall, clock, left }: { fall: Fall; clock: string; left: number }) {
  const { ruleDay, day, step, because, bookingId, slotMin, from, moved } = fall
  const off = day !== null && day !== ruleDay
  const state = bookingId === null ? 'none' : moved || off ? 'moved' : 'booked'
  const [date = '', month = ''] = showDay(day ?? ruleDay).split(' ')
  const at = from === null ? clock : clockOf(from)
  const why = off ? `, moved from ${weekdayOf(ruleDay)} ${showDay(ruleDay)}${because ? ` (${because})` : ''}` : ''
  const label = `${date} ${month.slice(0, 3)}, ${weekdayOf(day ?? ruleDay)} ${at}, ${GROOMS[step].label.toLowerCase()}${
    slotMin === null ? ', not booked' : `, ${slotMin} min`
  }${why}`
  return (
    <Link
      className={styles.fall}
      style={{ left: `${left}%` }}
      href={bookingId === null ? `/book?day=${ruleDay}` : `/book?day=${day}`}
      data-step={step}
      data-state={state}
      title={label}
      aria-label={label}
    >
      <i style={{ width: (slotMin ?? UNBOOKED_MIN) * PX_PER_MIN }} />
      <span>
        {date} {month.slice(0, 3)}
      </span>
      {state !== 'booked' && <span>{state === 'none' ? 'not booked' : `${weekdayOf(day ?? ruleDay)} ${at}`}</span>}
    </Link>
  )
}

interface EndProps extends Pick<RepeatsDeskProps, 'end'> {
  row: RowProps['row']
  close: () => void
}

/** Ends a repeat; what it has booked is asked about. */
function EndRepeat({ row, end, close }: EndProps) {
  const router = useRouter()
  const [busy, start] = useTransition()
  const [fault, setFault] = useState<string | null>(null)
  const booked = row.times.filter(({ bookingId }) => bookingId !== null).length
  const go = (callOff: boolean) =>
    start(async () => {
      const answer = await end({ repeatId: row.repeatId, callOff })
      if (answer.ok) close()
      else setFault(answer.problems.map(({ sentence }) => sentence).join(' '))
      router.refresh()
    })
  return (
    <Modal open title={`End ${row.dog}’s repeat?`} footer={null} onCancel={close}>
      <p>
        {booked} {booked === 1 ? 'time is' : 'times are'} booked from now on.
      </p>
      {fault && (
        <p role="alert" className="kv-late">
          {fault}
        </p>
      )}
      <p className={styles.links}>
        <button className="kv-button" disabled={busy} onClick={() => go(false)}>
          End it, keep what is booked
        </button>
        <button className="kv-button" disabled={busy} onClick={() => go(true)}>
          End it and cancel them
        </button>
      </p>
    </Modal>
  )
}
