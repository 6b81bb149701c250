import { COAT_FACTS, type CoatId, type LearnedRate } from '@/core/coat'
import { GROUPS, type GroupId } from '@/core/zones'

/** How fast this dog's coat grows, with how sure that is: learned from what was left and what was found. */
export function Pace({ coat, growth }: { coat: CoatId; growth: Record<GroupId, LearnedRate> }) {
  const usual = COAT_FACTS[coat].growthMmPerWeek
  const learned = GROUPS.filter((group) => growth[group].pairs > 0)
  const doubted = learned.reduce((sum, group) => sum + growth[group].doubted, 0)
  return (
    <section aria-label="Growth">
      <h2>Growth, mm a week</h2>
      <table className="kv-rows">
        <tbody>
          {learned.map((group) => {
            const { mmPerWeek, sdMmPerWeek, pairs } = growth[group]
            return (
              <tr key={group}>
                <td>{group}</td>
                <td className="kv-small">
                  {pairs} {pairs === 1 ? 'measure' : 'measures'}
                </td>
                <td className="kv-figure">
                  {mmPerWeek.toFixed(1)} <span className="kv-small">± {sdMmPerWeek.toFixed(1)}</span>
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
      <p className="kv-small">
        {learned.length === 0
          ? `Nothing measured yet: ${usual.toFixed(1)}, as ${coat} coats do.`
          : `Other zones: ${usual.toFixed(1)}, as ${coat} coats do.`}
        {doubted > 0 &&
          ` ${doubted} ${doubted === 1 ? 'measure looks' : 'measures look'} like a slip of the pen and hardly counts.`}
      </p>
    </section>
  )
}
