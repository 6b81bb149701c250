'use client'

import { useState } from 'react'
import { supposed, type HouseDay, type PlannedDay, type WhatIf } from '@/core/day'
import { clockOf } from '@/core/people'
import { usePhone } from '../../screen/usePhone'
import { ByPerson } from './ByPerson'
import { Lanes, nowOf } from './Lanes'
import { nextChanges } from './lanes'
import { usePlannedDay } from './usePlannedDay'
import { WhatIfs } from './WhatIfs'
import styles from './hands.module.css'

const MOST_CHANGES = 4
const MOST_BREAKS = 3

interface HandsDeskProps {
  day: HouseDay
  places: Record<string, string>
  isToday: boolean
}

/** The day by hands: planned beside the page, drawn in lanes, with what comes next and what could be supposed. */
export function HandsDesk({ day, places, isToday }: HandsDeskProps) {
  const [what, setWhat] = useState<WhatIf | null>(null)
  const real = usePlannedDay(day)
  const then = what === null ? null : supposed(day, what)
  const other = usePlannedDay(then)
  const phone = usePhone()
  if (!day.people.some(({ role }) => role === 'groomer'))
    return (
      <p className="kv-notice kv-must">No groomer works on this day, and dogs are booked: nobody could trim them.</p>
    )
  if (real.fault)
    return <p className="kv-notice kv-must">The day could not be planned. What is booked stands as it was.</p>
  if (real.planned === null)
    return (
      <p className="kv-notice kv-teal" role="status">
        The day is being planned, {Math.round(real.share * 100)} %.
      </p>
    )
  const supposedNow = what !== null && other.planned !== null && !other.busy
  const shown =
    supposedNow && then ? { day: then, planned: other.planned as PlannedDay } : { day, planned: real.planned }
  const { plan } = shown.planned
  const nowMin = nowOf(day, isToday)
  return (
    <>
      {what !== null && (
        <p className="kv-notice kv-teal" role="status">
          <b>Supposed only: nothing of it is kept.</b>{' '}
          {other.busy ? `Planning, ${Math.round(other.share * 100)} %. ` : ''}
          <button type="button" className="kv-word" onClick={() => setWhat(null)}>
            Back to the day as it is
          </button>
        </p>
      )}
      {plan.breaks.length > 0 && (
        <div className={styles.breaks}>
          {plan.breaks.slice(0, MOST_BREAKS).map(({ rule, dog, person, why }) => (
            <p key={`${rule} ${dog ?? person}`} className="kv-notice kv-must">
              {why}
            </p>
          ))}
        </div>
      )}
      {phone ? (
        <ByPerson day={shown.day} plan={plan} />
      ) : (
        <Lanes day={shown.day} plan={plan} places={places} nowMin={nowMin} />
      )}
      <div className={styles.foot}>
        <section aria-label="What comes next">
          <h2>What comes next</h2>
          <ol className={styles.changes}>
            {nextChanges(plan, nowMin ?? 0, MOST_CHANGES).map(({ atMin, dog, what: change, who }) => (
              <li key={`${atMin} ${dog} ${change}`}>
                <time>{clockOf(atMin)}</time>
                <b>
                  {dog} {change}
                </b>
                <span className="kv-quiet">{who ?? ''}</span>
              </li>
            ))}
          </ol>
        </section>
        <p className={styles.sum}>{sumOf(shown.planned)}</p>
      </div>
      <WhatIfs day={day} real={real.planned} then={supposedNow ? other.planned : null} what={what} suppose={setWhat} />
      <p className={`kv-quiet kv-small ${styles.note}`}>
        Point at a dog and its thread shows. Dots: looks into the cabinet. Pins: what was promised. The log knows no
        tables: places before now are taken to be the first that were free.
      </p>
    </>
  )
}

/** How the day ends, how surely, and whether all promises hold. */
function sumOf({ plan, all }: PlannedDay): string {
  const end = plan.proved
    ? `Ends ${plan.end.at}, proved the earliest`
    : `Ends ${plan.end.at}, at the earliest ${plan.bound.at}`
  return all === null ? `${end}.` : `${end}. All promises hold: ${Math.round(all.share * 100)} %.`
}
