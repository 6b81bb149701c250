'use client'

import { useState } from 'react'
import type { DayPlan, PlannedDay } from '@/core/day'
import { minutesOf } from '@/core/people'
import { useWhoHere } from '../../who/WhoHere'
import { PlanTaken } from '../hands/PlanTaken'
import { StillPlanning } from '../hands/StillPlanning'
import { useDecisions } from '../hands/useDecisions'
import { usePlannedDay } from '../hands/usePlannedDay'
import { useProposal } from '../hands/useProposal'
import type { Decide } from '../hands/view'
import { Promises } from './Promises'
import { RoadLine } from './RoadLine'
import { RoadSketch } from './RoadSketch'
import { moved } from './moved'
import type { RoadView } from './view'
import hands from '../hands/hands.module.css'
import styles from './road.module.css'

interface RoadDeskProps {
  view: RoadView
  isPast: boolean
  decide: Decide
}

/** A day of the van: the road as one line with its stops, the tank beside it, and a sketch of the way. */
export function RoadDesk({ view, isPast, decide }: RoadDeskProps) {
  const real = usePlannedDay(view.day, view.standing.taken?.plan ?? null)
  if (real.fault)
    return <p className="kv-notice kv-must">The way could not be planned. What is booked stands as it was.</p>
  const asItIs = real.kept ?? real.planned
  if (asItIs === null) return <StillPlanning share={real.share} stop={real.stop} />
  return <PlannedRoad view={view} real={real} asItIs={asItIs} isPast={isPast} decide={decide} />
}

interface PlannedRoadProps extends RoadDeskProps {
  real: ReturnType<typeof usePlannedDay>
  asItIs: PlannedDay
}

/** The way as it is planned; another order of its doors is tried here, and taken by a person. */
function PlannedRoad({ view, real, asItIs, isPast, decide }: PlannedRoadProps) {
  const { day, standing, takenAt } = view
  const [wanted, setWanted] = useState<DayPlan | null>(null)
  const [looking, setLooking] = useState(false)
  const tried = usePlannedDay(wanted && day, wanted)
  const { proposal, proposed, take } = useProposal(view, real)
  const decisions = useDecisions(view, decide, () => {
    setWanted(null)
    setLooking(false)
  })
  const { may } = useWhoHere()
  const mayDecide = !isPast && may('book')
  const own = wanted && tried.kept
  const shown = own ?? (looking && proposed ? proposed : asItIs)
  const busy = decisions.busy || real.busy
  return (
    <>
      {wanted !== null ? (
        <ByYourOrder
          own={own}
          asItIs={asItIs}
          busy={busy || own === null}
          fault={decisions.fault}
          take={() => own && decisions.take(own.plan)}
          back={() => setWanted(null)}
        />
      ) : (
        !isPast && (
          <PlanTaken
            standing={standing}
            takenAt={takenAt}
            proposal={proposal}
            isAnew={proposed !== null}
            looking={looking}
            busy={busy}
            fault={decisions.fault}
            look={() => setLooking(!looking)}
            take={() => take && decisions.take(take)}
            undo={decisions.undo}
          />
        )
      )}
      <p className={styles.sum}>
        <span className="kv-quiet">{countsOf(shown)}</span>
        <b>
          All promises hold: {Math.round(shown.all.share * 100)} %. Home {shown.plan.end.at}
          {shown.plan.proved
            ? ', by the least driving there is.'
            : `; no way drives less than ${Math.round(shown.plan.bound.driveMin)} min.`}
        </b>
      </p>
      {shown.plan.breaks.map(({ rule, dog, person, why }) => (
        <p key={`${rule} ${dog ?? person}`} className="kv-notice kv-must">
          {why}
        </p>
      ))}
      <div className={styles.columns}>
        <RoadLine
          view={view}
          plan={shown.plan}
          move={mayDecide ? (at, by) => setWanted(moved(shown.plan, at, by)) : null}
        />
        <div>
          <RoadSketch view={view} plan={shown.plan} />
          <Promises planned={shown} view={view} />
        </div>
      </div>
    </>
  )
}

interface ByYourOrderProps {
  /** The day in the wanted order, once it is planned. */
  own: PlannedDay | null
  asItIs: PlannedDay
  busy: boolean
  fault: string | null
  take: () => void
  back: () => void
}

const ByYourOrder = ({ own, asItIs, busy, fault, take, back }: ByYourOrderProps) => (
  <section className={styles.own} aria-label="Your order">
    <p role="status">
      <b>By your order: nothing of it is kept until you take it.</b> {own && comparedWords(own, asItIs)}
    </p>
    {fault !== null && <p className="kv-notice kv-must">{fault}</p>}
    <p className={hands.acts}>
      <button type="button" className="kv-button" disabled={busy} onClick={take}>
        Drive in this order
      </button>
      <button type="button" className="kv-word" onClick={back}>
        Back to the way as it was
      </button>
    </p>
  </section>
)

/** What another order costs or wins against the way as it is. */
function comparedWords(own: PlannedDay, asItIs: PlannedDay): string {
  const laterMin = minutesOf(own.plan.end.at) - minutesOf(asItIs.plan.end.at)
  const driveMin = Math.round(own.plan.end.driveMin - asItIs.plan.end.driveMin)
  const home = laterMin === 0 ? 'Home at the same time' : `Home ${min(laterMin, 'later', 'earlier')}`
  return `${home}, ${driveMin === 0 ? 'with as much road' : `with ${min(driveMin, 'more road', 'less road')}`}.`
}

const min = (by: number, more: string, less: string): string => `${Math.abs(by)} min ${by > 0 ? more : less}`

function countsOf({ plan: { stops, end } }: PlannedDay): string {
  const dogs = stops.flatMap((stop) => stop.dogs).length
  const doors = stops.length === 1 ? 'one door' : `${stops.length} doors`
  return `${dogs === 1 ? 'One dog' : `${dogs} dogs`} at ${doors}, ${Math.round(end.driveMin)} min of road`
}
