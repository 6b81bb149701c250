import type { BladeId } from '../lengths'
import type { PlannedStage } from '../stages'
import type { CardEntry } from '../request'
import { doneByStage } from './minutes'
import type { Visit } from './state'

/**
 * Minutes each blade worked in one visit: a stage's hands-on minutes shared out over the zones cut there.
 * A comb's blade counts as well. A rough pass that names no zone is nobody's.
 */
export function bladeMinutes(
  stages: readonly PlannedStage[],
  cut: readonly CardEntry[],
  visit: Visit,
): Map<BladeId, number> {
  const done = doneByStage(visit, visit.finishedMs ?? 0)
  const minutes = new Map<BladeId, number>()
  for (const { id, zones } of stages) {
    const entries = cut.filter(({ zone, method }) => zones.includes(zone) && method !== 'leave')
    const shareMin = (done.get(id)?.handsMin ?? 0) / Math.max(1, entries.length)
    for (const { blade } of entries) if (blade !== null) minutes.set(blade, (minutes.get(blade) ?? 0) + shareMin)
  }
  return new Map([...minutes].filter(([, min]) => min > 0))
}
