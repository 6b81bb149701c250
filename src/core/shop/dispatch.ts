import { noOffer, offerFor, take, type Choice } from './offer'
import { turnsOf, type Turns } from './serial'
import { NONE, type Floor, type Job, type Task } from './shop'
import { State } from './state'

/** Less is more urgent. */
export type Priority = (floor: Floor, job: number, task: number) => number

/** Priority rules to begin a search with: B. Giffler and G. L. Thompson (1960); R. Haupt (1989), OR Spektrum 11. */
export const PRIORITIES: readonly [Priority, ...Priority[]] = [
  // Least slack to its promise.
  ({ shop, tasks, tailMin }, job, task) =>
    (shop.jobs[job] as Job).untilMin - (tasks[task] as Task).minutes - (tailMin[task] as number),
  // Most work remaining.
  ({ tasks, tailMin }, _, task) => -((tasks[task] as Task).minutes + (tailMin[task] as number)),
  // First promised, first come.
  ({ shop }, job) => (shop.jobs[job] as Job).untilMin,
  ({ shop }, job) => (shop.jobs[job] as Job).fromMin,
]

/** Turns in which, of all that could begin first, the most urgent does. */
export function dispatched(floor: Floor, priority: Priority): Turns {
  const state = new State(floor)
  const order: number[] = []
  const choice: Choice = { worker: NONE, whole: NONE, second: NONE, unit: NONE, notBeforeMin: 0 }
  const jobs = floor.shop.jobs.map((_, job) => job)
  const [offer, best] = [noOffer(), noOffer()]
  for (;;) {
    let next = NONE
    let nextUrgency = Infinity
    for (const job of jobs) {
      const task = (floor.first[job] as number) + (state.next[job] as number)
      if (task >= (floor.first[job + 1] as number) || !offerFor(state, job, choice, offer)) continue
      const urgency = priority(floor, job, task)
      const sooner = next === NONE || offer.startMin < best.startMin
      if (!sooner && (offer.startMin > best.startMin || urgency >= nextUrgency)) continue
      Object.assign(best, offer)
      next = job
      nextUrgency = urgency
    }
    if (next === NONE) break
    take(state, next, best)
    order.push(next)
  }
  return turnsOf(floor, filledUp(floor, state, order))
}

/** What could not be placed for want of room takes its turn at the end. */
function filledUp(floor: Floor, state: State, order: number[]): number[] {
  floor.shop.jobs.forEach(({ tasks }, job) => {
    for (let left = tasks.length - (state.next[job] as number); left > 0; left--) order.push(job)
  })
  return order
}
