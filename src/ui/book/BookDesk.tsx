'use client'

import type { BookLine } from '@/core/book'
import { useRouter } from 'next/navigation'
import { useMemo, useRef, useState } from 'react'
import { DndContext, type DragEndEvent } from '@dnd-kit/core'
import { clockOf, weekdayOf } from '@/core/people'
import { showDay } from '@/core/units'
import { UndoRedo } from '../history/UndoRedo'
import { BookHead } from './BookHead'
import { BookingPanel } from './BookingPanel'
import { DayRow, type Gap } from './DayRow'
import { Gone } from './Gone'
import { GapPanel } from './GapPanel'
import { Ghost } from './Ghost'
import { Overrule } from './Overrule'
import { scaleOf } from './scale'
import { useBookKeys } from './useBookKeys'
import { useCarry, type Carried } from './useCarry'
import { useMoves } from './useMoves'
import { againstIt, useTried } from './useTried'
import type { BookActs, BookView } from './view'
import styles from './book.module.css'

interface BookDeskProps {
  view: BookView
  acts: BookActs
}

/** The book: weeks as tapes by day and person, each dog at its time; what is carried is laid anew. */
export function BookDesk({ view, acts }: BookDeskProps) {
  const router = useRouter()
  const board = useRef<HTMLDivElement>(null)
  const scale = useMemo(() => scaleOf(view), [view])
  const carry = useCarry(view.lines, scale, board)
  const moves = useMoves(acts)
  const [open, setOpen] = useState<BookLine | null>(null)
  const [gap, setGap] = useState<Gap | null>(null)
  const shown = moves.clash?.carried ?? moves.going ?? carry.carried
  const { percent, against } = useTried(shown, view)
  useBookKeys(view, carry.carried === null && open === null && gap === null && moves.clash === null)
  const nameOf = (id: number) => view.staff.find((each) => each.id === id)?.name ?? ''
  const linesOf = useMemo(() => linesByDay(view.lines), [view.lines])
  const drop = (_: DragEndEvent) => {
    const carried = carry.drop()
    carry.let()
    if (!carried || isSame(carried)) return
    const sentences = againstIt(carried, view).map(({ sentence }) => sentence)
    if (sentences.length > 0) moves.ask(carried, sentences)
    else moves.move(carried, false)
  }
  const carriedId = shown?.line.bookingId ?? null
  return (
    <>
      <BookHead view={view}>
        <p role="status" className={moves.fault ? 'kv-late' : 'kv-quiet'}>
          {moves.fault ?? moves.saying}
        </p>
        {(moves.undo ?? moves.redo) !== null && <UndoRedo undo={moves.undo} redo={moves.redo} />}
      </BookHead>
      <DndContext
        id="book"
        sensors={carry.sensors}
        collisionDetection={carry.collisionDetection}
        accessibility={{ announcements: announcements(carry.drop, nameOf), screenReaderInstructions: HOW }}
        onDragMove={carry.move}
        onDragOver={carry.move}
        onDragEnd={drop}
        onDragCancel={carry.let}
        autoScroll={{ threshold: { x: 0, y: 0.15 } }}
      >
        <div className={styles.board} ref={board} data-weeks={view.weeks}>
          <div className={styles.clock} aria-hidden="true">
            {scale.hours.map((hour) => (
              <span key={hour} style={{ left: `${scale.at(hour)}%` }}>
                {clockOf(hour)}
              </span>
            ))}
          </div>
          <div className={styles.hours} aria-hidden="true">
            {scale.hours.map((hour) => (
              <i key={hour} style={{ left: `${scale.at(hour)}%` }} />
            ))}
          </div>
          <ol className={styles.days} aria-label="The days">
            {view.days.map((day) => (
              <DayRow
                key={day.day}
                view={view}
                day={day}
                lines={linesOf.get(day.day) ?? NO_LINES}
                scale={scale}
                carriedId={linesOf.get(day.day)?.some(({ bookingId }) => bookingId === carriedId) ? carriedId : null}
                open={setOpen}
                openGap={setGap}
              />
            ))}
          </ol>
          {shown && (
            <Ghost
              carried={shown}
              percent={percent}
              against={against}
              groomer={nameOf(shown.staffId)}
              scale={scale}
              keeping={moves.going !== null}
            />
          )}
        </div>
      </DndContext>
      <Gone view={view} acts={acts} />
      {moves.clash && <Overrule {...moves.clash} leave={moves.leave} />}
      {open && (
        <BookingPanel
          line={open}
          view={view}
          acts={acts}
          close={() => setOpen(null)}
          done={() => router.refresh()}
          freed={(free) => {
            setOpen(null)
            setGap(free)
          }}
        />
      )}
      {gap && <GapPanel gap={gap} view={view} close={() => setGap(null)} />}
    </>
  )
}

const NO_LINES: readonly BookLine[] = []

function linesByDay(lines: readonly BookLine[]): ReadonlyMap<string, BookLine[]> {
  const days = new Map<string, BookLine[]>()
  for (const line of lines) days.set(line.day, [...(days.get(line.day) ?? []), line])
  return days
}

const isSame = ({ line, day, staffId, from }: Carried) =>
  line.day === day && line.staffId === staffId && line.from === from

const HOW = {
  draggable:
    'Press space to carry this booking, the arrow keys to move it by a quarter of an hour or to another line, space to put it down, escape to leave it.',
}

const announcements = (at: () => Carried | null, nameOf: (id: number) => string) => {
  const said = () => {
    const carried = at()
    return carried
      ? `${carried.line.dog}, ${weekdayOf(carried.day)} ${showDay(carried.day)}, ${clockOf(carried.from)}, ${nameOf(carried.staffId)}`
      : undefined
  }
  return {
    onDragStart: said,
    onDragMove: said,
    onDragOver: () => undefined,
    onDragEnd: () => undefined,
    onDragCancel: () => 'Left where it was',
  }
}
