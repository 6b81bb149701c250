import type { CSSProperties } from 'react'
import type { DayPlan, HouseDay } from '@/core/day'
import { clockOf } from '@/core/people'
import { piecesOf } from './lanes'
import styles from './hands.module.css'

/** The day by hands on a phone: one list a person, in the order of the clock. */
export function ByPerson({ day, plan }: { day: HouseDay; plan: DayPlan }) {
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
              .map(({ dog, family, stages, fromMin, toMin, state }) => (
                <li
                  key={`${dog} ${fromMin} ${family}`}
                  data-state={state}
                  style={{ '--ink': `var(--kv-${family}-ink)` } as CSSProperties}
                >
                  <time>
                    {clockOf(fromMin)} {state === 'now' ? 'now' : `to ${clockOf(toMin)}`}
                  </time>
                  <span>
                    <b>{dog}</b> {[...new Set(stages)].join(', ').toLowerCase()}
                  </span>
                </li>
              ))}
          </ol>
        </div>
      ))}
    </section>
  )
}
