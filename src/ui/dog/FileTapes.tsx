'use client'

import Link from 'next/link'
import type { Segment } from '@/core/strip'
import { useSize } from '../screen/useSize'
import { FamilyKey, Tape } from '../tape'
import styles from './dog.module.css'

export interface FileTape {
  key: string
  when: string
  slotMin: number
  doneMin: number
  open: boolean
  segments: Segment[]
  forecast: { p50: number; p90: number } | null
  href: string
}

/** On a desk, with the words beside it, px. */
const FIRST_PX = 1224
const EDGES_PX = 30
const NARROW_PX = 600
/** Room for the day before a tape and the minutes after it; on a phone both stand above it. */
const BESIDE_PX = 104 + 140

/** Every groom of a dog as a tape, one zero and one scale. */
export function FileTapes({ tapes }: { tapes: FileTape[] }) {
  const { ref, width } = useSize(FIRST_PX)
  if (tapes.length === 0) return null
  const longest = Math.max(
    ...tapes.map(({ slotMin, doneMin, forecast }) => Math.max(slotMin, doneMin, forecast?.p90 ?? 0)),
  )
  const pxPerMin = (width - EDGES_PX - (width < NARROW_PX ? 0 : BESIDE_PX)) / longest
  const held = tapes.filter(({ open, slotMin, doneMin }) => !open && doneMin <= slotMin).length
  const done = tapes.filter(({ open }) => !open).length
  return (
    <section style={{ marginTop: 18 }}>
      <div style={{ display: 'flex', alignItems: 'baseline', gap: 14 }}>
        <h2>Minutes, visit by visit</h2>
        <p className="kv-quiet">
          {done === 0 ? 'Nothing done yet.' : `${held} of the last ${done} held the slot.`} The pin is the booked slot.
        </p>
      </div>
      <div ref={ref} />
      <ol className={styles.tapes}>
        {tapes.map((tape) => (
          <li key={tape.key}>
            <Link href={tape.href} className={styles.when}>
              {tape.when}
            </Link>
            <Tape
              label={tape.when}
              slotMin={tape.slotMin}
              segments={tape.segments}
              pxPerMin={pxPerMin}
              height={32}
              extentMin={longest}
              forecast={tape.forecast}
            />
            <span className={styles.minutes}>
              <b className={!tape.open && tape.doneMin > tape.slotMin ? 'kv-late' : undefined}>{tape.doneMin} min</b>
              <span className="kv-small">
                {tape.open
                  ? tape.forecast
                    ? 'likely'
                    : 'so far'
                  : tape.doneMin > tape.slotMin
                    ? `${tape.doneMin - tape.slotMin} over`
                    : `${tape.slotMin - tape.doneMin} left`}
              </span>
            </span>
          </li>
        ))}
      </ol>
      <FamilyKey />
    </section>
  )
}
