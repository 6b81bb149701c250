'use client'

import type { PlannedDay } from '@/core/day'
import { StillPlanning } from '../hands/StillPlanning'
import { usePlannedDay } from '../hands/usePlannedDay'
import { RoadLine } from './RoadLine'
import { RoadSketch } from './RoadSketch'
import type { RoadView } from './view'
import styles from './road.module.css'

/** A day of the van: the road as one line with its stops, the tank beside it, and a sketch of the way. */
export function RoadDesk({ view }: { view: RoadView }) {
  const { planned, share, stop, fault } = usePlannedDay(view.day)
  if (fault) return <p className="kv-notice kv-must">The way could not be planned. What is booked stands as it was.</p>
  if (planned === null) return <StillPlanning share={share} stop={stop} />
  const { plan } = planned
  return (
    <>
      <p className={styles.sum}>
        <span className="kv-quiet">{countsOf(planned)}</span>
        <b>
          All promises hold: {Math.round(planned.all.share * 100)} %. Home {plan.end.at}
          {plan.proved
            ? ', by the least driving there is.'
            : `; no way drives less than ${Math.round(plan.bound.driveMin)} min.`}
        </b>
      </p>
      {plan.breaks.map(({ rule, dog, person, why }) => (
        <p key={`${rule} ${dog ?? person}`} className="kv-notice kv-must">
          {why}
        </p>
      ))}
      <div className={styles.columns}>
        <RoadLine view={view} plan={plan} />
        <div>
          <RoadSketch view={view} plan={plan} />
          <Promises planned={planned} view={view} />
        </div>
      </div>
    </>
  )
}

function countsOf({ plan: { stops, end } }: PlannedDay): string {
  const dogs = stops.flatMap((stop) => stop.dogs).length
  const doors = stops.length === 1 ? 'one door' : `${stops.length} doors`
  return `${dogs === 1 ? 'One dog' : `${dogs} dogs`} at ${doors}, ${Math.round(end.driveMin)} min of road`
}

/** When each dog is done, and how sure that is. */
function Promises({ planned: { plan }, view: { day } }: { planned: PlannedDay; view: RoadView }) {
  return (
    <table className="kv-rows kv-stack">
      <thead>
        <tr>
          <th scope="col">Dog</th>
          <th scope="col">hands from</th>
          <th scope="col">done</th>
          <th scope="col">promised</th>
          <th scope="col" className="kv-figure">
            holds, %
          </th>
        </tr>
      </thead>
      <tbody>
        {plan.dogs.map(({ id, begins, done, chance }) => (
          <tr key={id}>
            <th scope="row">{id}</th>
            <td data-label="hands from">{begins}</td>
            <td data-label="done">{done}</td>
            <td data-label="promised">{day.dogs.find((dog) => dog.id === id)?.promise}</td>
            <td className="kv-figure" data-label="holds, %">
              {Math.round(chance * 100)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
