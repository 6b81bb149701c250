'use client'

import { useState } from 'react'
import { CATCH_UP_FACTS, catchUps, chooseCatchUps, type CatchUp } from '@/core/catch-up'
import { meansOf, slotPromise } from '@/core/plan'
import { stagesToCome, stoppedBy, type Forecast, type Visit } from '@/core/visit'
import { houseClock } from '@/core/clock'
import { Sheet } from '../frame/Sheet'
import type { BenchView } from './props'
import type { Happening } from './useVisitLog'
import styles from './bench.module.css'

interface RowProps extends BenchView {
  visit: Visit
  ahead: Forecast
  slotEndMs: number
  add: (happening: Happening) => void
}

/** From this factor on a day is called slow, below its inverse quick. Source: from memory. */
const TELLING = 1.08

/** When the slot is in danger: how much is lacking, what could win it and what that costs, and a word to the owner. Nothing is taken by itself. */
export function CatchUpRow({ dog, plan, plannedCase, visit, ahead, slotEndMs, timeZone, add }: RowProps) {
  const [all, setAll] = useState(false)
  const { chance } = slotPromise(plannedCase)
  const taken = visit.caughtUp.map((id) => CATCH_UP_FACTS[id].words.toLowerCase())
  const inDanger =
    visit.finishedMs === null && visit.startMs !== null && stoppedBy(visit) === null && ahead.chance < chance
  if (!inDanger) return taken.length === 0 ? null : <p className={styles.won}>Caught up: {taken.join(', ')}.</p>
  const options = catchUps(stagesToCome(plan.stages, visit), plan.card, meansOf(plannedCase)).filter(
    ({ id }) => !visit.caughtUp.includes(id),
  )
  const lacksMin = ahead.lacksMin(chance)
  const advised = chooseCatchUps(options, lacksMin)
  const wins = advised.reduce((sum, { savesMin }) => sum + savesMin, 0)
  const time = houseClock(timeZone)
  const told = visit.told.at(-1)
  const sentence = `${dog.name} will be ready at about ${time.clock(ahead.likelyMs)}, ${Math.max(1, Math.round((ahead.likelyMs - slotEndMs) / 60_000))} min later than planned.`
  const [first] = advised.length > 0 ? advised : options
  const take = ({ id }: CatchUp) => (setAll(false), add({ kind: 'caught-up', option: id }))
  return (
    <div className={styles.catchUp} role="group" aria-label="Catch up">
      <p>
        <b>{Math.ceil(lacksMin)} min to win</b> for a slot that holds at {Math.round(chance * 100)} %.
        {options.length === 0
          ? ' Nothing is left to make simpler.'
          : wins < lacksMin
            ? ' Even all of this does not win it.'
            : ''}
        {taken.length > 0 ? ` Taken: ${taken.join(', ')}.` : ''}
      </p>
      <div className={styles.ways}>
        {first && <Way option={first} onTake={() => take(first)} />}
        {options.length > 1 && <button onClick={() => setAll(true)}>All {options.length} ways</button>}
        {ahead.likelyMs > slotEndMs && !told && (
          <button onClick={() => add({ kind: 'owner-told', words: sentence })}>Tell the owner</button>
        )}
        {told && <span>In the outbox of the day: nobody sends it but you.</span>}
      </div>
      {all && (
        <Sheet title="Ways to catch up" onClose={() => setAll(false)}>
          <p>
            {Math.ceil(lacksMin)} min to win for a slot that holds at {Math.round(chance * 100)} %.
            {ahead.dayFactor > TELLING
              ? ` Today goes ${Math.round((ahead.dayFactor - 1) * 100)} % slower than usual.`
              : ''}
          </p>
          <div className={styles.ways}>
            {options.map((option) => (
              <Way key={option.id} option={option} onTake={() => take(option)} />
            ))}
          </div>
        </Sheet>
      )}
    </div>
  )
}

const Way = ({ option, onTake }: { option: CatchUp; onTake: () => void }) => (
  <button onClick={onTake}>
    {CATCH_UP_FACTS[option.id].words}, wins {Math.round(option.savesMin)} min <span>{option.costs}</span>
  </button>
)
