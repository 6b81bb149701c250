import type { PlannedDay } from '@/core/day'
import type { RoadView } from './view'

/** When each dog is done, and how sure that is. */
export const Promises = ({ planned: { plan }, view: { day } }: { planned: PlannedDay; view: RoadView }) => (
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
