'use client'

import { useState, type CSSProperties } from 'react'
import type { DayPlan, HouseDay } from '@/core/day'
import { clockOf, minutesOf } from '@/core/people'
import { useSize } from '../../screen/useSize'
import { drawnStays, hoursOf, piecesOf, promisesIn, type DrawnStay, type Piece } from './lanes'
import styles from './hands.module.css'

const FIRST_PX = 1224
/** Beside the lanes: who, and which place, px. */
const NAMES_PX = { desk: 140, narrow: 108 }
const NARROW_PX = 900
/** Room for the last hour's words, px. */
const END_PX = 24
const PERSON_PX = 58
const PLACE_PX = 34
/** Room for a dog's name, and for its first letters, px. */
const NAME_PX = 46
const LETTERS_PX = 18

interface LanesProps {
  day: HouseDay
  plan: DayPlan
  places: Record<string, string>
  nowMin: number | null
}

/** The day by hands: lanes for people and places on the day's clock, every dog's tape cut where it changes hands. */
export function Lanes({ day, plan, places, nowMin }: LanesProps) {
  const { ref, width } = useSize<HTMLElement>(FIRST_PX)
  const [pointed, setPointed] = useState<string | null>(null)
  const pieces = piecesOf(day, plan)
  const stays = drawnStays(day, plan)
  const { fromMin, toMin } = hoursOf(pieces, day)
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
      <div className={styles.lanes}>
        {hours.map((min) => (
          <i key={min} className={styles.hour} style={{ left: `calc(var(--left) + ${x(min)}px)` }} aria-hidden="true" />
        ))}
        {day.people.map((person) => (
          <div key={person.id} className={styles.person} style={{ height: PERSON_PX }}>
            <div className={styles.name}>
              <b>{person.id}</b>
              <span>{person.role}</span>
            </div>
            <ol aria-label={`${person.id}, ${person.role}`}>
              {pieces
                .filter((piece) => piece.person === person.id)
                .map((piece) => (
                  <li
                    key={`${piece.dog} ${piece.fromMin} ${piece.family}`}
                    className={styles.piece}
                    style={pieceStyle(piece, x, pxPerMin, nowMin)}
                    data-state={piece.state}
                    title={tellPiece(piece, places)}
                    aria-label={tellPiece(piece, places)}
                    {...point(piece.dog)}
                  >
                    <span aria-hidden="true">{wordsFor(piece, pxPerMin)}</span>
                  </li>
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
          </div>
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
    </section>
  )
}

const plainName = (station: string): string => station.charAt(0).toUpperCase() + station.slice(1).replace(/ 1$/, '')

/** Every place of the house that is used, and those that are named; bays only while somebody stands in them. */
function stationsOf({ stations }: HouseDay, stays: readonly DrawnStay[]): string[] {
  const used = new Set(stays.map(({ station }) => station))
  return (['table', 'tub', 'dryer', 'cabinet', 'bay'] as const).flatMap((kind) =>
    Array.from({ length: stations[kind] }, (_, at) => `${kind} ${at + 1}`).filter(
      (name) => kind !== 'bay' || used.has(name),
    ),
  )
}

function pieceStyle(
  { fromMin, toMin, family, state }: Piece,
  x: (min: number) => number,
  pxPerMin: number,
  nowMin: number | null,
): CSSProperties {
  const width = Math.max(2, (toMin - fromMin) * pxPerMin - 1)
  const inked = state === 'now' && nowMin !== null ? `${((nowMin - fromMin) / (toMin - fromMin)) * 100}%` : '0%'
  return {
    left: `${x(fromMin)}px`,
    width,
    '--ink': `var(--kv-${family}-ink)`,
    '--tint': `var(--kv-${family}-tint)`,
    '--inked': inked,
    '--quarter': `${15 * pxPerMin}px`,
  } as CSSProperties
}

function wordsFor({ dog, stages, fromMin, toMin }: Piece, pxPerMin: number): string {
  const px = (toMin - fromMin) * pxPerMin
  if (px < LETTERS_PX) return ''
  if (px < Math.max(NAME_PX, dog.length * 8)) return dog.slice(0, 2)
  const whole = `${dog} ${(stages[0] ?? '').toLowerCase()}`
  return px > whole.length * 7.6 ? whole : dog
}

const tellPiece = (
  { dog, person, stages, station, fromMin, toMin, holds }: Piece,
  places: Record<string, string>,
): string =>
  [
    `${dog}: ${[...new Set(stages)].join(', ')}${holds ? ', held' : ''}`,
    person,
    `${clockOf(fromMin)} to ${clockOf(toMin)}`,
    ...(station === null ? [] : [places[station] ?? plainName(station)]),
  ].join(', ')

interface StayMarkProps {
  stay: DrawnStay
  x: (min: number) => number
  pxPerMin: number
  nowMin: number | null
  point: object
}

function StayMark({ stay, x, pxPerMin, nowMin, point }: StayMarkProps) {
  const { dog, station, fromMin, toMin, looksMin } = stay
  const px = (toMin - fromMin) * pxPerMin
  const open = station.startsWith('cabinet')
  const words = px > dog.length * 8 + 8 ? dog : px > LETTERS_PX ? dog.slice(0, 2) : ''
  return (
    <li
      className={open ? styles.open : styles.stay}
      data-done={nowMin !== null && toMin <= nowMin ? true : undefined}
      style={{ left: x(fromMin), width: Math.max(2, px - 1) }}
      title={`${dog}, ${clockOf(fromMin)} to ${clockOf(toMin)}`}
      aria-label={`${dog}, ${clockOf(fromMin)} to ${clockOf(toMin)}`}
      {...point}
    >
      <span aria-hidden="true">{words}</span>
      {looksMin.map((min) => (
        <i
          key={min}
          data-due={nowMin === null || min > nowMin || undefined}
          style={{ left: (min - fromMin) * pxPerMin }}
        />
      ))}
    </li>
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
