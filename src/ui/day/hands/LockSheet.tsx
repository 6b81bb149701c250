import { useState } from 'react'
import type { HouseDay } from '@/core/day'
import { clockOf, isBathers } from '@/core/people'
import { Sheet } from '../../frame/Sheet'
import type { Piece } from './lanes'
import styles from './hands.module.css'

interface LockSheetProps {
  piece: Piece
  day: HouseDay
  busy: boolean
  fault: string | null
  /** Who does it, and from when at the earliest; null leaves it to the plan. */
  lock: (person: string | null, from: string | null) => void
  bay: (may: boolean) => void
  onClose: () => void
}

/** Fixes a piece: who does it, and not before when; and whether its dog may stand in a bay. The rest is planned around it. */
export function LockSheet({ piece, day, busy, fault, lock, bay, onClose }: LockSheetProps) {
  const dog = day.dogs.find(({ id }) => id === piece.dog)
  const own = (dog?.locks ?? []).filter(({ stage }) => piece.ids.includes(stage))
  const [person, setPerson] = useState(own.find((each) => each.person !== undefined)?.person ?? null)
  const [from, setFrom] = useState(own.find((each) => each.from !== undefined)?.from ?? null)
  const may = day.people.filter(({ role }) => role === 'groomer' || piece.ids.every(isBathers))
  const what = [...new Set(piece.stages)].join(', ').toLowerCase()
  return (
    <Sheet title={`${piece.dog}: ${what}`} onClose={onClose}>
      <p>
        Planned for {piece.person}, {clockOf(piece.fromMin)} to {clockOf(piece.toMin)}. What you fix here stays; the
        rest of the day is planned around it.
      </p>
      <fieldset className={styles.who}>
        <legend>Who does it</legend>
        {[{ id: null, label: 'whoever suits' }, ...may.map(({ id }) => ({ id, label: id }))].map(({ id, label }) => (
          <button
            key={label}
            type="button"
            className="kv-chip"
            aria-pressed={person === id}
            onClick={() => setPerson(id)}
          >
            {label}
          </button>
        ))}
      </fieldset>
      <fieldset className={styles.who}>
        <legend>When</legend>
        <button type="button" className="kv-chip" aria-pressed={from === null} onClick={() => setFrom(null)}>
          whenever it suits
        </button>
        <label>
          not before{' '}
          <input
            type="time"
            className="kv-select"
            value={from ?? ''}
            onChange={({ target }) => setFrom(target.value === '' ? null : target.value)}
          />
        </label>
      </fieldset>
      {fault !== null && <p className="kv-notice kv-must">{fault}</p>}
      <p className={styles.acts}>
        <button type="button" className="kv-button" disabled={busy} onClick={() => lock(person, from)}>
          {person === null && from === null ? 'Leave it to the plan' : 'Fix it so'}
        </button>
        <button type="button" className="kv-word" disabled={busy} onClick={() => bay(dog?.noBay ?? false)}>
          {dog?.noBay ? `${piece.dog} may stand in a bay` : `Keep ${piece.dog} out of the bay`}
        </button>
      </p>
    </Sheet>
  )
}
