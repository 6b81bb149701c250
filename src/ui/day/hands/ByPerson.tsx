import type { CSSProperties } from 'react'
import type { DayPlan, HouseDay } from '@/core/day'
import { clockOf } from '@/core/people'
import { piecesOf, type Piece } from './lanes'
import styles from './hands.module.css'

interface ByPersonProps {
  day: HouseDay
  plan: DayPlan
  open: ((piece: Piece) => void) | null
}

/** The day by hands on a phone: one list a person, in the order of the clock. */
export function ByPerson({ day, plan, open }: ByPersonProps) {
  const pieces = piecesOf(day, plan)
  return (
    <section className={styles.byPerson} aria-label="The day by hands">
      {day.people.map(({ id, role }) => (
        <div key={id}>
          <h3>
            {id} <span className="kv-quiet kv-small">{role}</span>
          </h3>
          <ol>
            {pieces
              .filter(({ person, state }) => person === id && state !== 'done')
              .map((piece) => (
                <li
                  key={`${piece.dog} ${piece.fromMin} ${piece.family}`}
                  data-state={piece.state}
                  style={{ '--ink': `var(--kv-${piece.family}-ink)` } as CSSProperties}
                >
                  <time>
                    {clockOf(piece.fromMin)} {piece.state === 'now' ? 'now' : `to ${clockOf(piece.toMin)}`}
                  </time>
                  <span>
                    <b>{piece.dog}</b> {[...new Set(piece.stages)].join(', ').toLowerCase()}
                    {piece.locked && <span className="kv-quiet"> fixed</span>}
                  </span>
                  {open && piece.state === 'planned' && !piece.holds && (
                    <button type="button" className="kv-word" onClick={() => open(piece)}>
                      Fix
                    </button>
                  )}
                </li>
              ))}
          </ol>
        </div>
      ))}
    </section>
  )
}
