import type { CardEntry } from '../request'
import type { PlannedStage } from '../plan'
import type { ZoneId } from '../zones'
import { stoppedBy } from './fold'
import type { Visit } from './state'

/** One zone as planned and as cut. */
export interface ZoneOutcome {
  planned: CardEntry
  /** One entry, or left and right when they differ. */
  cut: CardEntry[]
  how: 'as planned' | 'changed' | 'not reached'
}

/**
 * What was really cut: a zone of a stage that was done is cut as planned unless the bench says otherwise;
 * a zone whose stage was never done, or was cut short by a stop, keeps the coat it had.
 * @param presentMm the coat before the groom
 */
export function outcomes(
  card: readonly CardEntry[],
  stages: readonly PlannedStage[],
  visit: Visit,
  presentMm: ReadonlyMap<ZoneId, number>,
): ZoneOutcome[] {
  const stopMs = stoppedBy(visit)?.atMs ?? Infinity
  const done = new Set(visit.stages.filter(({ endMs }) => endMs !== null && endMs <= stopMs).map(({ stage }) => stage))
  return card.map((planned): ZoneOutcome => {
    const changed = changesAt(planned, visit)
    if (changed !== null) return { planned, cut: changed, how: 'changed' }
    const stage = stages.find(({ zones }) => zones.includes(planned.zone))
    if (stage === undefined || done.has(stage.id)) return { planned, cut: [planned], how: 'as planned' }
    return { planned, cut: [keptCoat(planned, presentMm.get(planned.zone) ?? planned.lengthMm)], how: 'not reached' }
  })
}

const keptCoat = (planned: CardEntry, lengthMm: number): CardEntry => ({
  ...planned,
  method: 'leave',
  blade: null,
  comb: null,
  lay: null,
  lengthMm,
  why: 'Not reached on the day.',
})

function changesAt(planned: CardEntry, visit: Visit): CardEntry[] | null {
  const cuts = visit.cuts.filter(({ zone }) => zone === planned.zone)
  if (cuts.length === 0) return null
  const whole = cuts.find(({ side }) => side === null)
  const entry = (cut: (typeof cuts)[number], side: CardEntry['side']): CardEntry => ({
    ...planned,
    ...cut,
    side,
    why: 'Changed on the bench.',
  })
  const left = cuts.find(({ side }) => side === 'left')
  const right = cuts.find(({ side }) => side === 'right')
  if (!left && !right) return whole ? [entry(whole, null)] : null
  const otherwise: CardEntry = whole ? entry(whole, null) : planned
  return [
    left ? entry(left, 'left') : { ...otherwise, side: 'left' },
    right ? entry(right, 'right') : { ...otherwise, side: 'right' },
  ]
}

/** The card as cut. */
export const cutCard = (results: readonly ZoneOutcome[]): CardEntry[] => results.flatMap(({ cut }) => cut)
