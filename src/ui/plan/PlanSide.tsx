import { toolsToLayOut } from '@/core/card'
import type { MinutesWhy, Plan } from '@/core/plan'
import { stageLabel } from '@/core/stages'
import styles from './plan.module.css'

/** What to mind at which stage, what to lay out, the bath, and whether it fits. */
export function PlanSide({
  plan,
  promised,
  why,
  endClock,
}: {
  plan: Plan
  promised: number
  why: readonly MinutesWhy[]
  endClock: string
}) {
  const { fit, bath } = plan
  const tight = fit.chance < promised
  return (
    <section aria-label="What to mind" className={styles.side}>
      {plan.refer.map(({ kind, why }) => (
        <p key={kind} className="kv-notice kv-must kv-late">
          {why}
        </p>
      ))}
      <div>
        <h2>Mind at the stage</h2>
        <table className="kv-rows">
          <tbody>
            {pressing(plan.cautions).map(({ id, stage, why }) => (
              <tr key={`${stage}${id}`}>
                <td className="kv-strong" style={{ verticalAlign: 'top', paddingTop: 5 }}>
                  {stageLabel(stage)}
                </td>
                <td style={{ padding: '5px 0' }}>{why}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <p className="kv-small">{plan.cautions.length} cautions in all; the bench shows each where the hand is.</p>
      </div>
      <div>
        <h2>Lay out</h2>
        <p>{toolsToLayOut(plan.card).join(', ')}.</p>
      </div>
      <div>
        <h2>Bath</h2>
        <p>
          {bath.mixes.map(({ stage, ratio, productMl, waterMl }) => (
            <span key={stage} style={{ display: 'block' }}>
              {stageLabel(stage)} 1:{ratio}, <b>{productMl} ml</b> in {waterMl} ml water
            </span>
          ))}
          {bath.waterLitres} l of water, at most {bath.waterMaxC} °C
        </p>
      </div>
      <hr className="kv-stitch" />
      <div className={styles.chance}>
        <b className={fit.chance < 0.5 ? 'kv-late' : tight ? 'kv-caution' : undefined}>
          {Math.round(fit.chance * 100)} %
        </b>
        <p>
          to be done by {endClock}
          <br />
          <span className="kv-quiet">
            {Math.round(fit.p50)} min, {Math.round(fit.p90)} at most
          </span>
        </p>
      </div>
      <details className={styles.why}>
        <summary>Where the minutes come from</summary>
        <table className="kv-rows">
          <tbody>
            {why.map(({ what, min }, at) => (
              <tr key={what}>
                <td>{what}</td>
                <td className="kv-figure">
                  {at === 0 ? '' : min > 0 ? '+' : '−'}
                  {Math.abs(min).toFixed(0)} min
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <p className="kv-small">
          Hands on, {Math.round(why.reduce((sum, { min }) => sum + min, 0))} min in all; waits come on top.
        </p>
      </details>
      {tight && (
        <p>
          The shortest slot that holds: <b>{fit.shortestSlotMin} min</b>.
        </p>
      )}
    </section>
  )
}

const RANK = [
  'pelt',
  'double-coat',
  'brush-limit',
  'stop-and-refer',
  'contagious',
  'lift',
  'two-handlers',
  'hold-steady',
  'dryer-fear',
  'gentler-blade',
  'brace-old',
  'blind-deaf',
  'puppy-first',
  'mouth-shut',
  'skin-fold',
  'eye-points',
]
const MOST = 6

/** This dog's own cautions before those of every dog. */
function pressing(cautions: Plan['cautions']): Plan['cautions'] {
  const rank = (id: string) => (RANK.includes(id) ? RANK.indexOf(id) : RANK.length)
  const once = [...new Map(cautions.map((each) => [each.id, each])).values()]
  return once.sort((a, b) => rank(a.id) - rank(b.id)).slice(0, MOST)
}
