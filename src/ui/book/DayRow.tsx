import { useDroppable } from '@dnd-kit/core'
import { memo } from 'react'
import { restOf, type Stretch, type BookLine } from '@/core/book'
import { weekdayOf, workingMinutes } from '@/core/people'
import { showMinutes } from '@/core/clock'
import { showDay } from '@/core/units'
import { whoFits } from '@/core/waiting'
import { SlotTape } from './SlotTape'
import type { Scale } from './scale'
import { SHORTEST_DOG_MIN, type BookView, type Hand } from './view'
import styles from './book.module.css'

export interface Gap extends Stretch {
  day: string
  staffId: number
}

interface DayRowProps {
  view: BookView
  day: BookView['days'][number]
  lines: readonly BookLine[]
  scale: Scale
  carriedId: number | null
  open: (line: BookLine) => void
  openGap: (gap: Gap) => void
}

/** A day of the book: a line for everybody who works on it, or why the house is closed. */
export const DayRow = memo(function DayRow({ view, day, lines, scale, carriedId, open, openGap }: DayRowProps) {
  const { staff, opening, today, nowMin } = view
  const isToday = day.day === today
  const isShut = staff.every(({ work }) => workingMinutes(opening, work, day.day) === null)
  const hands = staff.filter(({ id, role }) => role === 'groomer' || lines.some(({ staffId }) => staffId === id))
  const isOver = day.day < today && lines.length === 0
  const movedOff = view.lines.filter(({ ruleDay, day: on }) => ruleDay === day.day && on !== day.day)
  return (
    <li
      className={styles.day}
      data-today={isToday || undefined}
      data-shut={isShut || isOver || undefined}
      data-day={day.day}
    >
      <p className={styles.dayName}>
        <b>{isToday ? 'Today' : weekdayOf(day.day)}</b>
        <span>{shortDay(day.day)}</span>
      </p>
      <div className={styles.lines}>
        {isShut && (
          <p className={styles.closed}>
            {closedWords(day.closed)}
            {movedOff.length > 0 && ` ${repeatsMoved(movedOff)}`}
          </p>
        )}
        {hands.map((hand) => (
          <HandLine
            key={hand.id}
            view={view}
            day={day}
            hand={hand}
            lines={lines.filter(({ staffId }) => staffId === hand.id)}
            scale={scale}
            carriedId={carriedId}
            open={open}
            openGap={openGap}
          />
        ))}
        {isToday && nowMin >= scale.from && nowMin <= scale.to && (
          <div className={styles.now} style={{ ['--at' as string]: scale.at(nowMin) / 100 }} aria-hidden="true" />
        )}
      </div>
    </li>
  )
})

const shortDay = (day: string): string => showDay(day).replace(/ (\w{3})\w*$/, ' $1')

const closedWords = (closed: string | null): string => {
  if (closed === null) return 'Nobody works on this day.'
  return `${closed.charAt(0).toUpperCase()}${closed.slice(1)}.`
}

function repeatsMoved(lines: readonly BookLine[]): string {
  const days = [...new Set(lines.map(({ day }) => weekdayOf(day)))].join(' and ')
  return `${lines.length === 1 ? 'One repeat' : `${lines.length} repeats`} moved to ${days}; owners to be told, in the outbox.`
}

interface HandLineProps extends Omit<DayRowProps, 'day'> {
  day: BookView['days'][number]
  hand: Hand
}

function HandLine({ view, day, hand, lines, scale, carriedId, open, openGap }: HandLineProps) {
  const { setNodeRef } = useDroppable({ id: `${day.day} ${hand.id}`, data: { day: day.day, staffId: hand.id } })
  const free = day.free.find(({ staffId }) => staffId === hand.id)?.stretches ?? []
  const busy = view.busy.filter((each) => each.staffId === hand.id && each.day === day.day)
  const rest = restIn(hand, view, day.day)
  const wide = day.day >= view.today ? free.filter(({ from, to }) => to - from >= SHORTEST_DOG_MIN) : []
  const inOrder = [
    ...wide.map((stretch) => ({
      from: stretch.from,
      drawn: (
        <FreeStretch
          key={`free ${stretch.from}`}
          gap={{ ...stretch, day: day.day, staffId: hand.id }}
          view={view}
          scale={scale}
          openGap={openGap}
        />
      ),
    })),
    ...busy.map((each) => ({
      from: each.from,
      drawn: (
        <span key={`${each.id} ${each.from}`} className={styles.away} style={spanStyle(each, scale)} title={each.why}>
          {each.why}
        </span>
      ),
    })),
    ...(rest ? [{ from: rest.from, drawn: <Break key="break" rest={rest} scale={scale} /> }] : []),
    ...lines.map((line) => ({
      from: line.from,
      drawn: (
        <SlotTape
          key={line.bookingId}
          line={line}
          scale={scale}
          groomer={hand.name}
          carried={carriedId === line.bookingId}
          open={open}
        />
      ),
    })),
  ].sort((a, b) => a.from - b.from)
  return (
    <div className={styles.hand}>
      <span className={styles.name}>
        {hand.name}
        <Water lines={lines} tankLitres={view.tankLitres} />
      </span>
      <div ref={setNodeRef} className={styles.track} data-track data-line={`${day.day} ${hand.id}`}>
        {inOrder.map(({ drawn }) => drawn)}
      </div>
    </div>
  )
}

const Break = ({ rest, scale }: { rest: Stretch; scale: Scale }) => (
  <span className={styles.rest} style={spanStyle(rest, scale)}>
    break
  </span>
)

/** What the van's grooms of a day take, against its tank. */
function Water({ lines, tankLitres }: { lines: readonly BookLine[]; tankLitres: number }) {
  const ofVan = lines.filter(({ setting }) => setting === 'mobile')
  if (ofVan.length === 0) return null
  const litres = Math.round(ofVan.reduce((sum, { fit }) => sum + (fit?.waterLitres ?? 0), 0))
  const refills = Math.ceil(litres / tankLitres) - 1
  return (
    <span className={refills > 0 ? styles.refill : styles.water} title={`of a tank of ${tankLitres} l`}>
      {litres} l{refills > 0 && `, refill${refills > 1 ? ` ${refills}×` : ''}`}
    </span>
  )
}

/** The daily break of somebody who works on a day. */
const restIn = ({ work }: Hand, { opening }: BookView, day: string): Stretch | null =>
  workingMinutes(opening, work, day) === null ? null : restOf(work)

const spanStyle = ({ from, to }: Stretch, scale: Scale) => {
  const [start, end] = [Math.max(from, scale.from), Math.min(to, scale.to)]
  return { left: `${scale.at(start)}%`, width: `${scale.at(end) - scale.at(start)}%` }
}

const MOST_NAMES = 2

/** Bare tape: how long it is, and who would fit. */
function FreeStretch({ gap, view, scale, openGap }: { gap: Gap } & Pick<DayRowProps, 'view' | 'scale' | 'openGap'>) {
  const names = whoFits({ ...gap, near: '' }, view.waiting, MOST_NAMES).map(({ waiting }) => waiting.dog)
  const free = `${showMinutes(gap.to - gap.from)} free`
  return (
    <button
      type="button"
      className={styles.free}
      style={spanStyle(gap, scale)}
      // Where the words do not fit they are not drawn, and the stretch still has its name.
      aria-label={[free, names.join(', ')].filter(Boolean).join(': ')}
      onClick={() => openGap(gap)}
    >
      <span>
        {free}
        {names.length > 0 && <span className={styles.who}>: {names.join(', ')}</span>}
      </span>
    </button>
  )
}
