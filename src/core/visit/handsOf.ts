import type { StageId } from '../stages'
import type { VisitEvent } from './events'
import { liveEvents } from './fold'

/** Who had the hands on each stage: who began it last. Stages whose beginning names nobody are left out. */
export function handsOf(log: readonly VisitEvent[]): Map<StageId, number> {
  const hands = new Map<StageId, number>()
  for (const event of liveEvents(log))
    if (event.kind === 'stage-started' && event.byId !== undefined) hands.set(event.stage, event.byId)
  return hands
}
