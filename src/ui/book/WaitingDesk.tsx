'use client'

import type { WaitingLine } from '@/core/waiting'
import { Select } from 'antd'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState, useTransition, type ReactNode } from 'react'
import { clockOf, weekdayOf } from '@/core/people'
import type { Result } from '@/core/result'
import { showMinutes } from '@/core/clock'
import { addDays, showDay, type Day } from '@/core/units'
import { DayField } from '../field/DayField'
import { useFound, type FoundLine } from '../find/useFound'
import { BookNav } from './BookNav'
import styles from './book.module.css'
import { May } from '../who/WhoHere'

interface GapFit {
  day: Day
  from: number
  to: number
  staffId: number
  groomer: string
  fits: readonly { waiting: WaitingLine; spareMin: number; why: string }[]
}

export interface WaitingView {
  today: Day
  asked: readonly WaitingLine[]
  /** Those who are due the soonest, and how many are. */
  due: readonly WaitingLine[]
  dueInAll: number
  gaps: readonly GapFit[]
}

interface WaitingDeskProps {
  view: WaitingView
  add: (input: unknown) => Promise<Result<{ id: number }>>
  off: (input: unknown) => Promise<Result<null>>
}

/** Who would come earlier, and the free stretches of the next days with who fits each best. */
export function WaitingDesk({ view, add, off }: WaitingDeskProps) {
  const { asked, due, dueInAll } = view
  return (
    <>
      <div className="kv-head">
        <h1>Waiting</h1>
        <p className="kv-quiet">
          {asked.length} would come earlier, {dueInAll} {dueInAll === 1 ? 'is' : 'are'} due and not booked
        </p>
        <BookNav here="Waiting" />
      </div>
      <div className={styles.columns}>
        <section aria-label="Free stretches">
          <h2>Free in the next days</h2>
          {view.gaps.length === 0 && <p className="kv-quiet">No free stretch fits anybody who waits.</p>}
          <ul className={styles.list}>
            {view.gaps.map((gap) => (
              <GapRow key={`${gap.day} ${gap.staffId} ${gap.from}`} gap={gap} />
            ))}
          </ul>
        </section>
        <div className={styles.form}>
          <May right="book">
            <AddWaiting view={view} add={add} />
          </May>
          <People title="On the list" lines={asked} off={off} empty="Nobody asked to come earlier." />
          <People title="Due, nothing booked" lines={due} off={null} empty="Every dog that is due is booked." />
          {dueInAll > due.length && (
            <Link className="kv-link" href="/dogs?filter=overdue&sort=due">
              {dueInAll - due.length} more are due
            </Link>
          )}
        </div>
      </div>
    </>
  )
}

const PX_PER_MIN = 0.9

function GapRow({ gap }: { gap: GapFit }) {
  const { day, from, to, staffId, groomer, fits } = gap
  return (
    <li className={styles.gapRow}>
      <div>
        <b>
          {weekdayOf(day)} {showDay(day)}
        </b>{' '}
        {clockOf(from)} to {clockOf(to)}, {groomer}
        <span className={styles.dimension} style={{ width: (to - from) * PX_PER_MIN }} aria-hidden="true">
          <b>{showMinutes(to - from)}</b>
        </span>
        {fits.map(({ waiting, why }) => (
          <p key={waiting.dogId} className={styles.fit}>
            <i style={{ width: waiting.slotMin * PX_PER_MIN }} aria-hidden="true" />
            <span>
              <b>{waiting.dog}</b> {waiting.slotMin} min, {why}
            </span>
            <Link className="kv-link" href={`/dogs/${waiting.dogId}?book=${day}T${clockOf(from)}&with=${staffId}`}>
              Book
            </Link>
          </p>
        ))}
      </div>
    </li>
  )
}

interface PeopleProps {
  title: string
  lines: readonly WaitingLine[]
  off: WaitingDeskProps['off'] | null
  empty: string
}

function People({ title, lines, off, empty }: PeopleProps) {
  const router = useRouter()
  const [busy, start] = useTransition()
  const [gone, setGone] = useState<{ id: number; dog: string } | null>(null)
  const take = (id: number, dog: string, isOff: boolean) =>
    start(async () => {
      const answer = await off?.({ id, off: isOff })
      if (answer?.ok) setGone(isOff ? { id, dog } : null)
      router.refresh()
    })
  return (
    <section aria-label={title}>
      <h2>{title}</h2>
      {gone && (
        <p role="status" className="kv-quiet">
          {gone.dog} is off the list.{' '}
          <button className="kv-word" onClick={() => take(gone.id, gone.dog, false)}>
            Undo
          </button>
        </p>
      )}
      {lines.length === 0 && <p className="kv-quiet">{empty}</p>}
      <ul className={styles.list}>
        {lines.map((line) => (
          <li key={line.dogId}>
            <span>
              <Link className="kv-link" href={`/dogs/${line.dogId}`}>
                <b>{line.dog}</b>
              </Link>{' '}
              {line.slotMin} min
              <br />
              <span className="kv-small">
                {line.asked
                  ? `${showDay(line.from)} to ${showDay(line.to)}${line.note ? `: ${line.note}` : ''}`
                  : `due ${line.dueOn ? showDay(line.dueOn) : ''}`}
                . {line.owner} {line.phone && <a href={`tel:${line.phone.replace(/\s/g, '')}`}>{line.phone}</a>}
              </span>
            </span>
            {off && (
              <button
                className="kv-word"
                style={{ whiteSpace: 'nowrap' }}
                disabled={busy}
                onClick={() => take(line.id, line.dog, true)}
              >
                Off the list
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}

/** So long somebody waits where nobody says, days. Source: from memory. */
const USUAL_DAYS = 21

interface DogOption {
  value: number
  label: ReactNode
}

const dogsIn = (found: readonly FoundLine[]): DogOption[] =>
  found.flatMap(({ kind, href, name, words }) =>
    kind === 'dog' ? [{ value: Number(/\d+/.exec(href)?.[0]), label: `${name}, ${words}` }] : [],
  )

function AddWaiting({ view, add }: Pick<WaitingDeskProps, 'view' | 'add'>) {
  const router = useRouter()
  const [busy, start] = useTransition()
  const [fault, setFault] = useState<string | null>(null)
  const [typed, setTyped] = useState('')
  const { found } = useFound(typed)
  const fresh = { dog: null as DogOption | null, from: view.today, to: addDays(view.today, USUAL_DAYS), note: '' }
  const [line, setLine] = useState(fresh)
  const keep = () =>
    start(async () => {
      const answer = await add({ from: line.from, to: line.to, note: line.note, dogId: line.dog?.value })
      setFault(answer.ok ? null : answer.problems.map(({ sentence }) => sentence).join(' '))
      if (answer.ok) setLine(fresh)
      router.refresh()
    })
  return (
    <section aria-label="Who would come earlier" className={styles.form}>
      <h2>Who would come earlier</h2>
      <Select
        showSearch
        aria-label="Dog"
        labelInValue
        placeholder="Which dog: three letters of its name"
        value={line.dog}
        // The house looks through its dogs; the box holds none of them.
        filterOption={false}
        onSearch={setTyped}
        options={dogsIn(found)}
        onChange={(dog) => setLine({ ...line, dog })}
      />
      <div className={styles.place}>
        <DayField label="From" value={line.from} from={view.today} onChange={(from) => setLine({ ...line, from })} />
        <DayField label="To" value={line.to} from={line.from} onChange={(to) => setLine({ ...line, to })} />
      </div>
      <label className="kv-field">
        Note
        <input
          className="kv-select"
          value={line.note}
          maxLength={200}
          onChange={(event) => setLine({ ...line, note: event.target.value })}
        />
      </label>
      {fault && (
        <p role="alert" className="kv-late">
          {fault}
        </p>
      )}
      <button className="kv-button" disabled={busy || line.dog === null} onClick={keep}>
        Put on the list
      </button>
    </section>
  )
}
