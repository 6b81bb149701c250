'use client'

import { useMemo, useState } from 'react'
import { supposed, type DayPlan, type PlannedDay, type WhatIf } from '@/core/day'
import { clockOf } from '@/core/people'
import { useWhoHere } from '../../who/WhoHere'
import { usePhone } from '../../screen/usePhone'
import { ByPerson } from './ByPerson'
import { Lanes, nowOf } from './Lanes'
import { nextChanges, type Piece } from './lanes'
import { LockSheet } from './LockSheet'
import { PlanTaken } from './PlanTaken'
import { StillPlanning } from './StillPlanning'
import { useDecisions } from './useDecisions'
import { useProposal } from './useProposal'
import type { Decide, HandsView } from './view'
import { usePlannedDay } from './usePlannedDay'
import { WhatIfs } from './WhatIfs'
import styles from './hands.module.css'

const MOST_CHANGES = 4
const MOST_BREAKS = 3

interface HandsDeskProps extends HandsView {
  isToday: boolean
  isPast: boolean
  decide: Decide
}

/** The day by hands: planned beside the page; a plan that was taken is shown as it runs. */
export function HandsDesk({ isToday, isPast, decide, ...view }: HandsDeskProps) {
  const { day, standing } = view
  const real = usePlannedDay(day, standing.taken?.plan ?? null)
  const { may } = useWhoHere()
  if (!day.people.some(({ role }) => role === 'groomer'))
    return (
      <p className="kv-notice kv-must">No groomer works on this day, and dogs are booked: nobody could trim them.</p>
    )
  if (real.fault)
    return <p className="kv-notice kv-must">The day could not be planned. What is booked stands as it was.</p>
  const asItIs = real.kept ?? real.planned
  if (asItIs === null) return <StillPlanning share={real.share} stop={real.stop} />
  return (
    <PlannedHands
      view={view}
      asItIs={asItIs}
      real={real}
      nowMin={nowOf(day, isToday)}
      mayDecide={!isPast && may('book')}
      isPast={isPast}
      decide={decide}
    />
  )
}

interface PlannedHandsProps {
  view: HandsView
  /** The plan that was taken as it runs; where none was, the plan that was found. */
  asItIs: PlannedDay
  real: ReturnType<typeof usePlannedDay>
  nowMin: number | null
  mayDecide: boolean
  isPast: boolean
  decide: Decide
}

/** A day that is planned: drawn in lanes, with what comes next, what can be decided, and what could be supposed. */
function PlannedHands({ view, asItIs, real, nowMin, mayDecide, isPast, decide }: PlannedHandsProps) {
  const { day, places, standing, takenAt } = view
  const [what, setWhat] = useState<WhatIf | null>(null)
  const [pressed, setPressed] = useState<Piece | null>(null)
  const [looking, setLooking] = useState(false)
  const then = useMemo(() => (what === null ? null : supposed(day, what)), [day, what])
  const other = usePlannedDay(then)
  const decisions = useDecisions(view, decide, () => setPressed(null))
  const phone = usePhone()
  const { proposal, proposed, take } = useProposal(view, real)
  const supposedDay = then !== null && other.planned !== null && !other.busy ? other.planned : null
  const onScreen = looking && proposed ? proposed : asItIs
  const shown = supposedDay && then ? { day: then, planned: supposedDay } : { day, planned: onScreen }
  const open = what === null && mayDecide ? setPressed : null
  const lookAfter = (decided: () => void) => {
    decided()
    setLooking(true)
  }
  return (
    <>
      {what !== null ? (
        <SupposedOnly busyAt={other.busy ? other.share : null} back={() => setWhat(null)} />
      ) : (
        !isPast && (
          <PlanTaken
            standing={standing}
            takenAt={takenAt}
            proposal={proposal}
            isAnew={proposed !== null}
            looking={looking}
            busy={decisions.busy || real.busy}
            fault={pressed === null ? decisions.fault : null}
            look={() => setLooking(!looking)}
            take={() => take && decisions.take(take)}
            undo={decisions.undo}
          />
        )
      )}
      <Breaks plan={shown.planned.plan} />
      {phone ? (
        <ByPerson day={shown.day} plan={shown.planned.plan} open={open} />
      ) : (
        <Lanes
          day={shown.day}
          plan={shown.planned.plan}
          places={places}
          nowMin={nowMin}
          open={open}
          carried={(...to) => lookAfter(() => decisions.carried(...to))}
        />
      )}
      <div className={styles.foot}>
        <Changes plan={shown.planned.plan} nowMin={nowMin ?? 0} />
        <p className={styles.sum}>{sumOf(shown.planned)}</p>
      </div>
      <WhatIfs day={day} real={asItIs} then={supposedDay} what={what} suppose={setWhat} />
      <p className={`kv-quiet kv-small ${styles.note}`}>
        Point at a dog and its thread shows; press a piece, or carry it into another lane, to fix who does it and when.
        Chances come from ten thousand played days, to within one percent. Dots: looks into the cabinet. Pins: what was
        promised. The log knows no tables: places before now are taken to be the first that were free.
      </p>
      {pressed !== null && (
        <LockSheet
          piece={pressed}
          day={day}
          busy={decisions.busy}
          fault={decisions.fault}
          lock={(person, from) => lookAfter(() => decisions.lock(pressed, person, from))}
          bay={(mayStand) => lookAfter(() => decisions.bay(pressed, mayStand))}
          onClose={() => setPressed(null)}
        />
      )}
    </>
  )
}

const SupposedOnly = ({ busyAt, back }: { busyAt: number | null; back: () => void }) => (
  <p className="kv-notice kv-teal" role="status">
    <b>Supposed only: nothing of it is kept.</b> {busyAt === null ? '' : `Planning, ${Math.round(busyAt * 100)} %. `}
    <button type="button" className="kv-word" onClick={back}>
      Back to the day as it is
    </button>
  </p>
)

function Breaks({ plan: { breaks } }: { plan: DayPlan }) {
  if (breaks.length === 0) return null
  return (
    <div className={styles.breaks}>
      {breaks.slice(0, MOST_BREAKS).map(({ rule, dog, person, why }) => (
        <p key={`${rule} ${dog ?? person}`} className="kv-notice kv-must">
          {why}
        </p>
      ))}
    </div>
  )
}

const Changes = ({ plan, nowMin }: { plan: DayPlan; nowMin: number }) => (
  <section aria-label="What comes next">
    <h2>What comes next</h2>
    <ol className={styles.changes}>
      {nextChanges(plan, nowMin, MOST_CHANGES).map(({ atMin, dog, what, who }) => (
        <li key={`${atMin} ${dog} ${what}`}>
          <time>{clockOf(atMin)}</time>
          <b>
            {dog} {what}
          </b>
          <span className="kv-quiet">{who ?? ''}</span>
        </li>
      ))}
    </ol>
  </section>
)

/** How the day ends, how surely, and whether all promises hold. */
function sumOf({ plan, all }: PlannedDay): string {
  const end = plan.proved
    ? `Ends ${plan.end.at}, proved the earliest`
    : `Ends ${plan.end.at}, at the earliest ${plan.bound.at}`
  return `${end}. All promises hold: ${Math.round(all.share * 100)} %.`
}
