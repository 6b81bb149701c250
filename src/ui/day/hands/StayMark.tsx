import { clockOf } from '@/core/people'
import type { DrawnStay } from './lanes'
import { LETTERS_PX } from './piece'
import styles from './hands.module.css'

interface StayMarkProps {
  stay: DrawnStay
  x: (min: number) => number
  pxPerMin: number
  nowMin: number | null
  point: object
}

/** A dog in a place; in a cabinet with the looks that are due. */
export function StayMark({ stay, x, pxPerMin, nowMin, point }: StayMarkProps) {
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
