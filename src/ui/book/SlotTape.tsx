import { useDraggable } from '@dnd-kit/core'
import { memo } from 'react'
import { lifeWords, type BookLine } from '@/core/book'
import { clockOf } from '@/core/people'
import type { Scale } from './scale'
import styles from './book.module.css'
import { usePhone } from '../screen/usePhone'
import { useWhoHere } from '../who/WhoHere'

interface SlotTapeProps {
  line: BookLine
  scale: Scale
  groomer: string
  /** It is being carried: here is where it was. */
  carried: boolean
  open: (line: BookLine) => void
}

/** What a booking can still be carried from: the bench has not begun it. */
export const canMove = ({ life }: BookLine): boolean => life !== 'begun' && life !== 'done'

const QUARTER_MIN = 15

/** A booking as a length of tape: its ferrule at the start, its pin at the promise, the dog and the chance on it. */
export const SlotTape = memo(function SlotTape({ line, scale, groomer, carried, open }: SlotTapeProps) {
  const { bookingId, dog, what, from, slotMin, percent, tight, life, repeat, setting } = line
  const phone = usePhone()
  // On a phone a day is a list: a booking is moved from what opens, not by carrying it along a clock.
  const mayCarry = useWhoHere().may('book') && canMove(line) && phone === false
  const { setNodeRef, listeners, attributes } = useDraggable({
    id: bookingId,
    data: { bookingId },
    disabled: !mayCarry,
  })
  const left = scale.at(from)
  const [breed, ...rest] = what.includes(', ') ? what.split(', ') : ['', what]
  const said = life === 'booked' ? '' : lifeWords(life)
  const label = [
    `${dog}, ${clockOf(from)} to ${clockOf(from + slotMin)}, ${groomer}`,
    percent === null ? said : `${percent} %`,
    said,
    repeat,
  ]
  return (
    <button
      ref={setNodeRef}
      type="button"
      className={styles.slot}
      style={{
        left: `${left}%`,
        width: `${scale.at(from + slotMin) - left}%`,
        ['--quarters' as string]: slotMin / QUARTER_MIN,
      }}
      data-life={life}
      data-carried={carried || undefined}
      {...attributes}
      {...listeners}
      aria-roledescription={mayCarry ? 'booking, space carries it' : undefined}
      aria-label={label.filter(Boolean).join(', ')}
      onClick={() => open(line)}
    >
      <span className={styles.when}>
        {clockOf(from)} {clockOf(from + slotMin)}
      </span>
      <b>{dog}</b>
      <span className={styles.what}>
        {setting === 'mobile' ? 'van: ' : ''}
        {breed && <span className={styles.breed}>{breed}, </span>}
        {rest.join(', ')}
      </span>
      {(repeat ?? said) !== '' && <span className={styles.side}>{said || repeat}</span>}
      {percent !== null && (
        <span className={styles.percent} data-tight={tight || undefined}>
          {percent} %
        </span>
      )}
    </button>
  )
})
