import { findingKey, findingWords, openFindings, placeWords, type Finding } from '@/core/health'
import type { Trigger } from '@/core/stages'
import { houseClock } from '@/core/clock'

/** What earlier visits kept of a dog, oldest first. Weight in kg, grades 0 to 4. */
export interface DogRecords {
  findings: readonly (Finding & { atMs: number })[]
  behaviour: readonly { atMs: number; trigger: Trigger; grade: number }[]
  weights: readonly { atMs: number; weightKg: number }[]
}

/** How many visits back a trend is told. */
const BACK = 5

/** A row of grades or weights, oldest first, and where it goes. */
function trend(values: readonly number[], better: 'less' | null): string {
  const last = values.slice(-BACK)
  const change = (last.at(-1) ?? 0) - (last[0] ?? 0)
  const word = better === null || last.length < 2 || change === 0 ? '' : change < 0 ? ', easing' : ', worse'
  return `${last.join(', ')}${word}`
}

/** What is kept of the dog besides its coat: findings that are still there, how it takes things, its weight. */
export function Records({ findings, behaviour, weights, timeZone }: DogRecords & { timeZone: string }) {
  const time = houseClock(timeZone)
  const open = openFindings(findings)
  const triggers = [...new Set(behaviour.map(({ trigger }) => trigger))]
  if (open.length + triggers.length + weights.length === 0) return null
  return (
    <div style={{ marginTop: 16 }}>
      <h2>Kept in mind</h2>
      <table className="kv-rows">
        <tbody>
          {open.map((each) => (
            <tr key={findingKey(each)}>
              <td>
                {findingWords(each.kind)}, {placeWords(each)}
                {each.sizeMm === null ? '' : `, ${each.sizeMm} mm`}
              </td>
              <td className="kv-figure kv-caution">
                {each.status}, {time.shortDay(each.atMs)}
              </td>
            </tr>
          ))}
          {triggers.map((trigger) => (
            <tr key={trigger}>
              <td>{trigger}, 0 to 4</td>
              <td className="kv-figure">
                {trend(
                  behaviour.filter((each) => each.trigger === trigger).map(({ grade }) => grade),
                  'less',
                )}
              </td>
            </tr>
          ))}
          {weights.length > 0 && (
            <tr>
              <td>weight, kg</td>
              <td className="kv-figure">
                {trend(
                  weights.map(({ weightKg }) => weightKg),
                  null,
                )}
              </td>
            </tr>
          )}
        </tbody>
      </table>
    </div>
  )
}
