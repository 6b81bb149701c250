import type { Hindrance } from '@/core/book'
import { clockOf, weekdayOf } from '@/core/people'
import type { Scale } from './scale'
import type { Carried } from './useCarry'
import styles from './book.module.css'

interface GhostProps {
  carried: Carried
  percent: number | null
  against: readonly Hindrance[]
  groomer: string
  scale: Scale
  keeping: boolean
}

/** Its two lines of words need so much. */
const LEAST_PX = 38

/** What is carried, laid where it would be: time, minutes and chance under the hand, and what speaks against it. */
export function Ghost({ carried, percent, against, groomer, scale, keeping }: GhostProps) {
  const { line, day, from, place } = carried
  const perMin = place.width / (scale.to - scale.from)
  const style = {
    transform: `translate(${place.left + (from - scale.from) * perMin}px, ${place.top}px)`,
    width: line.slotMin * perMin,
    height: Math.max(place.height, LEAST_PX),
  }
  const chance = percent === null ? 'looking' : `holds ${percent} %`
  return (
    <div className={styles.ghost} style={style} data-against={against.length > 0 || undefined} aria-hidden="true">
      <b>{line.dog}</b>
      <span>
        {weekdayOf(day)} {clockOf(from)} {groomer}, {line.slotMin} min, {keeping ? 'keeping' : chance}
      </span>
      {against.length > 0 && <em>{against.map(({ sentence }) => sentence).join(' ')}</em>}
    </div>
  )
}
