import { Modal } from 'antd'
import Link from 'next/link'
import { useEffect, useState, useTransition } from 'react'
import { BOOKING_STANDINGS, SAID_STANDINGS, chanceAt, lifeWords, type BookLine } from '@/core/book'
import { clockOf, minutesOf, weekdayOf } from '@/core/people'
import type { Result } from '@/core/result'
import { showDay } from '@/core/units'
import { askHouse } from '../device/askHouse'
import { WhenFields } from '../booking/WhenFields'
import { May, useWhoHere } from '../who/WhoHere'
import { CallOff } from './CallOff'
import type { Gap } from './DayRow'
import { canMove } from './SlotTape'
import type { BookActs, BookView } from './view'
import styles from './book.module.css'

interface BookingPanelProps {
  line: BookLine
  view: BookView
  acts: BookActs
  close: () => void
  done: () => void
  /** It gave its slot back: who fits there now? */
  freed: (gap: Gap) => void
}

const SLOT_STEP_MIN = 15

/** One booking: where it leads, how far it has come, its time and slot with what they do to the chance, its story. */
export function BookingPanel({ line, view, acts, close, done, freed }: BookingPanelProps) {
  const mayBook = useWhoHere().may('book')
  const { bookingId, dog, what, day, from, life, slotMin, staffId } = line
  const [fault, setFault] = useState<{ sentence: string; mayOverrule: boolean } | null>(null)
  const [busy, start] = useTransition()
  const send = (go: () => Promise<Result<unknown>>, after: () => void = close) =>
    start(async () => {
      const answer = await go()
      done()
      if (answer.ok) return after()
      setFault({
        sentence: answer.problems.map(({ sentence }) => sentence).join(' '),
        mayOverrule: answer.problems.every(({ path }) => path === 'anyway'),
      })
    })
  return (
    <Modal
      open
      title={`${dog}, ${weekdayOf(day)} ${showDay(day)}, ${clockOf(from)}`}
      footer={null}
      onCancel={close}
      width={620}
    >
      <p className="kv-quiet">
        {what}, {lifeWords(life)}
        {line.repeat && `, ${line.repeat}`}.{line.home && ` The van stops at ${line.home.place}.`}
      </p>
      <WaysOn line={line} />
      {canMove(line) && mayBook ? (
        <>
          <div className={styles.standings} role="group" aria-label="How far it has come">
            {SAID_STANDINGS.map((standing) => (
              <button
                key={standing}
                type="button"
                className="kv-chip"
                aria-pressed={life === standing}
                disabled={busy}
                onClick={() => send(() => acts.standing({ bookingId, standing }))}
              >
                {BOOKING_STANDINGS[standing].label}
              </button>
            ))}
          </div>
          <PlaceForm
            line={line}
            staff={view.staff}
            fault={fault}
            busy={busy}
            unfault={() => setFault(null)}
            move={(place) => send(() => acts.move({ bookingId, version: line.version, ...place }))}
          />
          <CallOff
            line={line}
            view={view}
            busy={busy}
            off={(input) =>
              send(
                () => acts.callOff({ bookingId, ...input }),
                () => freed({ day, staffId, from, to: from + slotMin }),
              )
            }
          />
        </>
      ) : (
        !canMove(line) && <p className="kv-quiet">The bench has begun it: it stays where it is.</p>
      )}
      <Story bookingId={bookingId} />
    </Modal>
  )
}

function WaysOn({ line: { dog, dogId, bookingId, visitId, householdId, life } }: { line: BookLine }) {
  return (
    <p className={styles.links}>
      <Link href={`/dogs/${dogId}`}>File of {dog}</Link>
      {visitId === null ? (
        <Link href={`/bookings/${bookingId}/plan`}>Plan</Link>
      ) : life === 'done' ? (
        <Link href={`/visits/${visitId}/wrap-up`}>Wrap-up</Link>
      ) : (
        <May right="bench">
          <Link href={`/visits/${visitId}/bench`}>Bench</Link>
        </May>
      )}
      <Link href={`/households/${householdId}`}>Household</Link>
    </p>
  )
}

interface PlaceFormProps {
  line: BookLine
  staff: BookView['staff']
  fault: { sentence: string; mayOverrule: boolean } | null
  busy: boolean
  unfault: () => void
  move: (place: object) => void
}

/** Another day, time, groomer or slot, without carrying. */
function PlaceForm({ line, staff, fault, busy, unfault, move }: PlaceFormProps) {
  const was = { day: line.day, clock: clockOf(line.from), staffId: line.staffId, slotMin: line.slotMin }
  const [place, setPlace] = useState(was)
  const isMoved = Object.entries(was).some(([key, value]) => place[key as keyof typeof was] !== value)
  const anyway = fault?.mayOverrule ?? false
  const change = (next: Partial<typeof place>) => {
    unfault()
    setPlace({ ...place, ...next })
  }
  return (
    <>
      <WhenFields when={place} people={staff} onChange={change} />
      <SlotLength
        line={line}
        place={place}
        end={clockOf(minutesOf(place.clock) + place.slotMin)}
        change={(slotMin) => change({ slotMin })}
      />
      {fault && (
        <p role="alert" className={fault.mayOverrule ? 'kv-caution' : 'kv-late'}>
          {fault.sentence}
        </p>
      )}
      <p className={styles.links}>
        <button className="kv-button kv-main" disabled={!isMoved || busy} onClick={() => move({ ...place, anyway })}>
          {anyway ? 'Put it there anyway' : 'Move it there'}
        </button>
      </p>
    </>
  )
}

interface SlotLengthProps {
  line: BookLine
  place: { day: string; staffId: number; slotMin: number }
  end: string
  change: (slotMin: number) => void
}

/** The slot longer or shorter, with what that does to the chance, and back to what the plan proposes. */
function SlotLength({ line: { fit, day, staffId }, place, end, change }: SlotLengthProps) {
  const { slotMin } = place
  const here = place.day === day && place.staffId === staffId
  return (
    <p className={styles.length}>
      <button
        type="button"
        className="kv-button"
        aria-label="Shorter slot"
        disabled={slotMin <= SLOT_STEP_MIN}
        onClick={() => change(slotMin - SLOT_STEP_MIN)}
      >
        −
      </button>
      <b>{slotMin} min</b>
      <button
        type="button"
        className="kv-button"
        aria-label="Longer slot"
        onClick={() => change(slotMin + SLOT_STEP_MIN)}
      >
        +
      </button>
      <span className="kv-quiet">
        until {end}
        {fit && here && `, holds at ${chanceAt(fit.curve, slotMin)} %`}
      </span>
      {fit && here && slotMin !== fit.shortestMin && (
        <button type="button" className="kv-word" onClick={() => change(fit.shortestMin)}>
          Back to the proposed {fit.shortestMin} min
        </button>
      )}
    </p>
  )
}

interface Told {
  when: string
  by: string
  words: string
}

interface StoryTold {
  told: Told[]
  counts: string
}

/** What became of a booking so far, and how often this dog was moved, cancelled or missed. */
function Story({ bookingId }: { bookingId: number }) {
  const [story, setStory] = useState<StoryTold | null>(null)
  useEffect(() => {
    void askHouse<StoryTold>('/book/story', { bookingId }).then((answer) => answer.ok && setStory(answer.value))
  }, [bookingId])
  if (!story) return null
  return (
    <section aria-label="What became of it" className={styles.story}>
      <h2>So far</h2>
      <ul>
        {story.told.map(({ when, by, words }) => (
          <li key={`${when} ${words}`}>
            <span className="kv-small">{when}</span> {words} <span className="kv-small">{by}</span>
          </li>
        ))}
      </ul>
      {story.counts && <p className="kv-small">{story.counts}</p>}
    </section>
  )
}
