import { makePlan, type Case, type Plan } from '@/core/plan'
import { AtHand } from '@/data/atHand'

/** The plans of some full days, about 100 kB each. */
const made = new AtHand<Plan>(120)

/** The plan of a case. The same case has the same plan: a page that is asked again does not make it again. */
export function planFor(planned: Case): Plan {
  const key = JSON.stringify(planned)
  return made.get(key) ?? made.keep(key, makePlan(planned))
}
