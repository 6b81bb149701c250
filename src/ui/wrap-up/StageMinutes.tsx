import type { Plan } from '@/core/plan'
import { stageLabel, type StageId } from '@/core/stages'
import styles from './wrapUp.module.css'
import { HeadRow } from '../frame/HeadRow'

export interface StageTime {
  stage: StageId
  handsMin: number
  waitMin: number
}

/** Stage by stage: planned, done, apart; stages of the plan that nobody did are named. */
export function StageMinutes({
  plan,
  minutes,
  skipped,
}: {
  plan: Plan
  minutes: StageTime[]
  skipped: { stage: StageId; why: string }[]
}) {
  const rows = plan.stages.map(({ id, p50, waitMin }) => ({
    id,
    p50,
    waitMin,
    done: minutes.find(({ stage }) => stage === id),
  }))
  return (
    <section style={{ marginTop: 26 }}>
      <h2>Stage by stage, hands-on minutes</h2>
      <div className={styles.stages}>
        {[rows.slice(0, Math.ceil(rows.length / 2)), rows.slice(Math.ceil(rows.length / 2))].map((half, index) => (
          <table key={index} className="kv-rows">
            <HeadRow cells={['Stage', '#planned', '#done', '#apart']} />
            <tbody>
              {half.map(({ id, p50, done }) => {
                const apart = done ? done.handsMin - p50 : 0
                return (
                  <tr key={id}>
                    <td>
                      {stageLabel(id)}{' '}
                      {done && done.waitMin >= 0.5 && (
                        <span className="kv-small">and {Math.round(done.waitMin)} waiting</span>
                      )}
                    </td>
                    <td className="kv-figure" style={{ fontWeight: 400 }}>
                      {p50.toFixed(1)}
                    </td>
                    <td className="kv-figure">
                      {done
                        ? done.handsMin.toFixed(1)
                        : skipped.find(({ stage }) => stage === id)
                          ? 'left out'
                          : 'not done'}
                    </td>
                    <td className={`kv-figure ${apart >= 3 ? 'kv-late' : ''}`}>
                      {done ? `${apart >= 0 ? '+' : '−'}${Math.abs(apart).toFixed(1)}` : ''}
                    </td>
                  </tr>
                )
              })}
            </tbody>
          </table>
        ))}
      </div>
    </section>
  )
}
