'use client'

import {
  DndContext,
  MouseSensor,
  TouchSensor,
  useDroppable,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core'
import { useState, type CSSProperties, type ReactNode } from 'react'
import type { DayPlan, HouseDay } from '@/core/day'
import { clockOf, minutesOf } from '@/core/people'
import { useSize } from '../../screen/useSize'
import { drawnStays, hoursOf, piecesOf, promisesIn, type DrawnStay, type Piece } from './lanes'
import { PieceMark } from './PieceMark'
import { pieceStyle, plainName, tellPiece, wordsFor } from './piece'
import { StayMark } from './StayMark'
import styles from './hands.module.css'

const FIRST_PX = 1224
/** Beside the lanes: who, and which place, px. */
const NAMES_PX = { desk: 140, narrow: 108 }
const NARROW_PX = 900
/** Room for the last hour's words, px. */
const END_PX = 24
const PERSON_PX = 58
const PLACE_PX = 34

interface LanesProps {
  day: HouseDay
  plan: DayPlan
  places: Record<string, string>
  nowMin: number | null
  /** The hours that are drawn; those in which something is, where left out. */
  hours?: { fromMin: number; toMin: number }
  /** Opens what can be said of a piece; null where nothing can. */
  open: ((piece: Piece) => void) | null
  /** A piece was carried: into whose hands, and by how many minutes. */
  carried: (piece: Piece, person: string, byMin: number) => void
}

/** The day by hands: lanes for people and places on the day's clock, every dog's tape cut where it changes hands. */
export function Lanes({ day, plan, places, nowMin, hours: span, open, carried }: LanesProps) {
  const { ref, width } = useSize<HTMLElement>(FIRST_PX)
  const [pointed, setPointed] = useState<string | null>(null)
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 5 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 220, tolerance: 8 } }),
  )
  const pieces = piecesOf(day, plan)
  const stays = drawnStays(day, plan)
  const { fromMin, toMin } = span ?? hoursOf(pieces, day)
  const left = width < NARROW_PX ? NAMES_PX.narrow : NAMES_PX.desk
  const pxPerMin = (width - left - END_PX) / Math.max(60, toMin - fromMin)
  const x = (min: number) => (min - fromMin) * pxPerMin
  const stations = stationsOf(day, stays)
  const point = (dog: string) => ({
    onMouseEnter: () => setPointed(dog),
    onMouseLeave: () => setPointed(null),
    'data-faded': pointed !== null && pointed !== dog ? true : undefined,
  })
  const every = Math.ceil(52 / (60 * pxPerMin)) * 60
  const hours = Array.from({ length: (toMin - fromMin) / 60 + 1 }, (_, at) => fromMin + at * 60)
  const drop = ({ active, over, delta }: DragEndEvent) => {
    const piece = active.data.current as Piece | undefined
    if (piece) carried(piece, String(over?.id ?? piece.person), delta.x / pxPerMin)
  }
  return (
    <section
      ref={ref}
      className={styles.board}
      aria-label="The day by hands"
      style={{ '--left': `${left}px` } as CSSProperties}
    >
      <div className={styles.clock} aria-hidden="true">
        {hours
          .filter((min) => (min - fromMin) % every === 0 && (nowMin === null || Math.abs(x(min) - x(nowMin)) > 48))
          .map((min) => (
            <span key={min} style={{ left: x(min) }}>
              {clockOf(min)}
            </span>
          ))}
        {nowMin !== null && nowMin >= fromMin && nowMin <= toMin && (
          <b className={styles.flag} style={{ left: x(nowMin) }}>
            {clockOf(nowMin)}
          </b>
        )}
      </div>
      <DndContext sensors={sensors} onDragEnd={drop} id="hands">
        <div className={styles.lanes}>
          {hours.map((min) => (
            <i
              key={min}
              className={styles.hour}
              style={{ left: `calc(var(--left) + ${x(min)}px)` }}
              aria-hidden="true"
            />
          ))}
          {day.people.map((person) => (
            <PersonLane key={person.id} id={person.id}>
              <div className={styles.name}>
                <b>{person.id}</b>
                <span>{person.role}</span>
              </div>
              <ol aria-label={`${person.id}, ${person.role}`}>
                {pieces
                  .filter((piece) => piece.person === person.id)
                  .map((piece) => (
                    <PieceMark
                      key={`${piece.dog} ${piece.fromMin} ${piece.family}`}
                      piece={piece}
                      style={pieceStyle(piece, x, pxPerMin, nowMin)}
                      words={wordsFor(piece, pxPerMin)}
                      told={tellPiece(piece, places)}
                      point={point(piece.dog)}
                      open={open}
                    />
                  ))}
              </ol>
              {promisesIn(pieces, plan, day)
                .filter((pin) => pin.person === person.id)
                .map(({ dog, atMin, late, promise }) => (
                  <i
                    key={dog}
                    className={styles.pin}
                    data-late={late || undefined}
                    style={{ left: `calc(var(--left) + ${x(atMin)}px)` }}
                    title={`${dog} is promised for ${promise}`}
                    {...point(dog)}
                  />
                ))}
            </PersonLane>
          ))}
          <hr className={styles.stitch} />
          {stations.map((station) => (
            <div key={station} className={styles.place} style={{ height: PLACE_PX }}>
              <div className={styles.name}>{places[station] ?? plainName(station)}</div>
              <ol aria-label={places[station] ?? plainName(station)}>
                {stays
                  .filter((stay) => stay.station === station)
                  .map((stay) => (
                    <StayMark
                      key={`${stay.dog} ${stay.fromMin}`}
                      stay={stay}
                      x={x}
                      pxPerMin={pxPerMin}
                      nowMin={nowMin}
                      point={point(stay.dog)}
                    />
                  ))}
              </ol>
            </div>
          ))}
          <Threads pieces={pieces} day={day} x={x} dog={pointed} />
          {nowMin !== null && nowMin >= fromMin && nowMin <= toMin && (
            <i className={styles.now} style={{ left: `calc(var(--left) + ${x(nowMin) - 1}px)` }} aria-hidden="true" />
          )}
        </div>
      </DndContext>
    </section>
  )
}

function PersonLane({ id, children }: { id: string; children: ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id })
  return (
    <div ref={setNodeRef} className={styles.person} style={{ height: PERSON_PX }} data-over={isOver || undefined}>
      {children}
    </div>
  )
}

/** Every place of the house that is used, and those that are named; bays only while somebody stands in them. */
function stationsOf({ stations }: HouseDay, stays: readonly DrawnStay[]): string[] {
  const used = new Set(stays.map(({ station }) => station))
  return (['table', 'tub', 'dryer', 'cabinet', 'bay'] as const).flatMap((kind) =>
    Array.from({ length: stations[kind] }, (_, at) => `${kind} ${at + 1}`).filter(
      (name) => kind !== 'bay' || used.has(name),
    ),
  )
}

/** The thread of the dog that is pointed at, from piece to piece, through all hands. */
function Threads({
  pieces,
  day,
  x,
  dog,
}: {
  pieces: readonly Piece[]
  day: HouseDay
  x: (min: number) => number
  dog: string | null
}) {
  if (dog === null) return null
  const own = pieces.filter((piece) => piece.dog === dog && !piece.holds)
  const y = ({ person }: Piece) => day.people.findIndex(({ id }) => id === person) * PERSON_PX + PERSON_PX / 2
  const height = day.people.length * PERSON_PX
  return (
    <svg className={styles.threads} height={height} aria-hidden="true">
      {own.slice(1).map((piece, at) => {
        const before = own[at] as Piece
        const [x1, y1, x2, y2] = [x(before.toMin), y(before), x(piece.fromMin), y(piece)]
        const bend = Math.max(10, (x2 - x1) / 2)
        return <path key={piece.fromMin} d={`M${x1} ${y1}C${x1 + bend} ${y1} ${x2 - bend} ${y2} ${x2} ${y2}`} />
      })}
    </svg>
  )
}

export const nowOf = (day: HouseDay, isToday: boolean): number | null => (isToday ? minutesOf(day.now) : null)
