import { isSameCut } from '../lengths'
import { coatOn, gateFacts, type Case, type CoatOn } from '../plan'
import type { CardEntry } from '../request'
import { safeCut } from '../safety'
import { isPaired, perSide, sidesOf, type BothSides, type Side, type ZoneId } from '../zones'
import type { BenchCut } from './events'
import { stoppedBy } from './fold'
import type { Standing } from './standing'
import type { Visit } from './state'

/** One zone as planned and as cut: one entry each, or left and right where they differ. */
export interface ZoneOutcome {
  zone: ZoneId
  planned: CardEntry[]
  cut: CardEntry[]
  how: 'as planned' | 'changed' | 'not reached'
}

/**
 * What was really cut: a zone of a stage that was done is cut as planned unless the bench, or an amendment after the
 * close, says otherwise; a zone whose stage was never done, or was cut short by a stop, keeps the coat it had.
 */
export function outcomes({ case: known, plan }: Standing, visit: Visit): ZoneOutcome[] {
  const stopMs = stoppedBy(visit)?.atMs ?? Infinity
  const done = new Set(visit.stages.filter(({ endMs }) => endMs !== null && endMs <= stopMs).map(({ stage }) => stage))
  const presentOn = coatOn(known)
  const changes = [
    ...visit.cuts.map((cut) => ({ cut, why: 'Changed on the bench.' })),
    ...visit.amended.map(({ cut, why }) => ({ cut, why: `Amended: ${why}` })),
  ]
  return [...sidesOf(plan.card)].map(([zone, planned]): ZoneOutcome => {
    const entries = plan.card.filter((entry) => entry.zone === zone)
    const stage = plan.stages.find(({ zones }) => zones.includes(zone))
    const reached = stage === undefined || done.has(stage.id)
    const otherwise = reached ? planned : keptCoat(planned, presentOn)
    const here = changes.filter(({ cut }) => cut.zone === zone)
    const cut = here.reduce((now, change) => changed(now, change, known, presentOn), otherwise)
    const how = here.length > 0 ? 'changed' : reached ? 'as planned' : 'not reached'
    return { zone, planned: entries, cut: how === 'as planned' ? entries : entriesOf(zone, cut), how }
  })
}

/** The card as cut. */
export const cutCard = (results: readonly ZoneOutcome[]): CardEntry[] => results.flatMap(({ cut }) => cut)

function keptCoat(planned: BothSides<CardEntry>, presentOn: CoatOn): BothSides<CardEntry> {
  const kept = (side: Side): CardEntry => ({
    ...planned[side],
    method: 'leave',
    blade: null,
    comb: null,
    lay: null,
    lengthMm: presentOn(planned[side].zone, side),
    why: 'Not reached on the day.',
  })
  return { left: kept('left'), right: kept('right') }
}

/** What the hand used stands, even where the gate would have asked for another cut; then the reason says so. */
function changed(
  now: BothSides<CardEntry>,
  { cut, why }: { cut: BenchCut; why: string },
  known: Case,
  presentOn: CoatOn,
): BothSides<CardEntry> {
  const at = (side: Side): CardEntry => {
    if (cut.side !== null && cut.side !== side) return now[side]
    const asked = { zone: cut.zone, side, cut, presentMm: presentOn(cut.zone, side), explicit: true }
    const passed = safeCut(asked, gateFacts(known))
    return { ...now[side], ...cut, side, why: passed.why === null ? why : `${why} Against the caution: ${passed.why}` }
  }
  return { left: at('left'), right: at('right') }
}

function entriesOf(zone: ZoneId, both: BothSides<CardEntry>): CardEntry[] {
  if (!isPaired(zone)) return [{ ...both.left, side: null }]
  return perSide(both, isSameCut).map(({ side, value }) => ({ ...value, side }))
}
