import type { BenchCut, VisitEvent } from './events'
import type { Visit } from './state'

type Recorded = Extract<
  VisitEvent,
  {
    kind:
      | 'note'
      | 'late-note'
      | 'zone-cut'
      | 'amended'
      | 'cautions-seen'
      | 'behaviour'
      | 'weighed'
      | 'measured'
      | 'matted'
      | 'facial-on'
      | 'slot-set'
      | 'caught-up'
      | 'owner-told'
      | 'finding'
      | 'consent'
  }
>

/** What an event adds to the record of a visit; none of these moves its clock. */
export function recorded(visit: Visit, event: Recorded): Visit {
  switch (event.kind) {
    case 'note': {
      const { id, words, stage, atMs, by } = event
      return { ...visit, notes: [...visit.notes, { id, words, stage, atMs, by }] }
    }
    case 'late-note': {
      const { id, words, atMs, by } = event
      return { ...visit, notes: [...visit.notes, { id, words, stage: null, atMs, by }] }
    }
    case 'zone-cut':
      return { ...visit, cuts: [...visit.cuts.filter((cut) => !isCovered(cut, event.cut)), event.cut] }
    case 'amended': {
      const { cut, why, atMs, by } = event
      return { ...visit, amended: [...visit.amended, { cut, why, atMs, by }] }
    }
    case 'cautions-seen':
      return { ...visit, seen: [...new Set([...visit.seen, ...event.cautions])] }
    case 'behaviour':
      return {
        ...visit,
        behaviour: { ...visit.behaviour, [event.trigger]: { grade: event.grade, worked: event.worked } },
      }
    case 'weighed':
      return { ...visit, weightKg: event.weightKg }
    case 'measured':
      return { ...visit, measuredMm: { ...visit.measuredMm, [event.zone]: event.lengthMm } }
    case 'matted':
      return { ...visit, mats: { ...visit.mats, [event.zone]: event.grade } }
    case 'facial-on':
      return { ...visit, facialMs: event.atMs }
    case 'slot-set':
      return { ...visit, slotStartMs: event.startMs }
    case 'caught-up':
      return { ...visit, caughtUp: [...new Set([...visit.caughtUp, event.option])] }
    case 'owner-told': {
      const { words, atMs, by } = event
      return { ...visit, told: [...visit.told, { words, atMs, by }] }
    }
    case 'finding':
      return { ...visit, findings: [...visit.findings, { ...event.finding, atMs: event.atMs, by: event.by }] }
    case 'consent': {
      const { consent, shown, signed, atMs } = event
      return { ...visit, consents: [...visit.consents, { consent, shown, signed, atMs }] }
    }
    default:
      return unreachable(event)
  }
}

/** Whether a cut has no side of its own left beside a later one: both sides cover each. */
const isCovered = (earlier: BenchCut, later: BenchCut): boolean =>
  earlier.zone === later.zone && (earlier.side === later.side || later.side === null)

function unreachable(event: never): never {
  throw new Error(`Unknown event ${JSON.stringify(event)}`)
}
