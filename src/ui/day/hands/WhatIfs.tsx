import { absentFrom, type HouseDay, type PlannedDay, type WhatIf } from '@/core/day'
import { clockOf, minutesOf } from '@/core/people'
import styles from './hands.module.css'

interface WhatIfsProps {
  day: HouseDay
  real: PlannedDay
  then: PlannedDay | null
  what: WhatIf | null
  suppose: (what: WhatIf) => void
}

/** What could be supposed of a day, and the day with and without it, side by side. */
export function WhatIfs({ day, real, then, what, suppose }: WhatIfsProps) {
  const ways = waysOf(day)
  return (
    <section className={styles.ifs} aria-label="What if">
      <h2>What if</h2>
      <div>
        {ways.map(({ words, what: way }) => (
          <button
            key={words}
            type="button"
            className="kv-chip"
            aria-pressed={JSON.stringify(way) === JSON.stringify(what)}
            onClick={() => suppose(way)}
          >
            {words}
          </button>
        ))}
      </div>
      {then && (
        <table className="kv-rows">
          <thead>
            <tr>
              <th scope="col">
                <span className="kv-hidden">The day</span>
              </th>
              <th scope="col" className="kv-figure">
                ends
              </th>
              <th scope="col" className="kv-figure">
                promises broken
              </th>
              <th scope="col" className="kv-figure">
                all hold, %
              </th>
              <th scope="col" className="kv-figure">
                dogs wait, min
              </th>
            </tr>
          </thead>
          <tbody>
            <Figures name="As it is" of={real} />
            <Figures name="Supposed" of={then} />
          </tbody>
        </table>
      )}
    </section>
  )
}

function Figures({ name, of: { plan, all } }: { name: string; of: PlannedDay }) {
  return (
    <tr>
      <th scope="row">{name}</th>
      <td className="kv-figure">{plan.end.at}</td>
      <td className="kv-figure">{plan.breaks.filter(({ rule }) => rule === 'promise').length}</td>
      <td className="kv-figure">{Math.round(all.share * 100)}</td>
      <td className="kv-figure">{plan.end.waitingMin}</td>
    </tr>
  )
}

/** Groomers are not ill when there is only one: nobody could trim. */
function waysOf(day: HouseDay): { words: string; what: WhatIf }[] {
  const groomers = day.people.filter(({ role }) => role === 'groomer').length
  const from = clockOf(Math.min(18 * 60, Math.max(9 * 60, Math.ceil((minutesOf(day.now) + 1) / 60) * 60)))
  return [
    { words: `one more dog at ${from}`, what: { kind: 'dog', from } },
    ...day.people
      .filter(({ role }) => role !== 'groomer' || groomers > 1)
      .map(({ id }) => ({ words: `${id} is ill`, what: { kind: 'ill' as const, person: id } })),
    ...absentFrom(day).map((id) => ({ words: `${id} does not come`, what: { kind: 'no-show' as const, dog: id } })),
    { words: 'one more cabinet', what: { kind: 'place', place: 'cabinet' } },
    { words: 'one more table', what: { kind: 'place', place: 'table' } },
  ]
}
