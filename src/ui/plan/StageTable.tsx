import type { Plan } from '@/core/plan'
import { stageLabel } from '@/core/stages'
import { HeadRow } from '../frame/HeadRow'

/** The stages in order with their minutes; what was left out and why. */
export function StageTable({ plan }: { plan: Plan }) {
  return (
    <section>
      <h2>Stages in order</h2>
      <table className="kv-rows">
        <HeadRow cells={['Stage', '#likely', '#90 %', '#wait, min']} />
        <tbody>
          {plan.stages.map(({ id, p50, p90, waitMin, why }) => (
            <tr key={id}>
              <td>
                {stageLabel(id)} <span className="kv-small">{why}</span>
              </td>
              <td className="kv-figure">{Math.round(p50)}</td>
              <td className="kv-figure">{Math.round(p90)}</td>
              <td className="kv-figure">{waitMin > 0 ? waitMin : ''}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {plan.left.length > 0 && (
        <>
          <h2 style={{ marginTop: 16 }}>Left out</h2>
          {plan.left.map(({ id, why }) => (
            <p key={id} className="kv-quiet">
              <b>{stageLabel(id)}.</b> {why}
            </p>
          ))}
        </>
      )}
      {plan.breaks.map(({ before, after, strength, why }) => (
        <p key={`${before}${after}`} className={`kv-notice ${strength === 'must' ? 'kv-must' : ''}`}>
          {stageLabel(before)} comes before {stageLabel(after)}: {why}
        </p>
      ))}
    </section>
  )
}
