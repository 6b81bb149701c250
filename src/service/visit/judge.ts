import type { VisitEvent } from '@/core/visit'
import type { VisitLife } from '@/data/visits'
import { believed } from './believed'

/** What became of one event that was sent. */
export type Taken = { id: string; taken: 'taken' | 'known' } | { id: string; taken: 'refused'; why: string }

/** How a visit stands when events are sent to it. */
export interface Standing {
  visit: VisitLife
  isFinished: boolean
  /** Which of the ids that were sent are taken, and by which visit. */
  known: ReadonlyMap<string, number>
  /** What happened; of an open visit nobody asks for it. */
  log: readonly VisitEvent[]
}

/** Each event taken or refused by itself: the answers, and those that are new. */
export function judge(
  events: readonly VisitEvent[],
  { visit, isFinished, known, log }: Standing,
  nowMs: number,
): { answers: Taken[]; fresh: VisitEvent[] } {
  const fresh: VisitEvent[] = []
  const answers = events.map((event): Taken => {
    const { id } = event
    if (known.get(id) === visit.id || fresh.some((each) => each.id === id)) return { id, taken: 'known' }
    const why = known.has(id)
      ? 'An event of another visit was sent here.'
      : whyNot(event, visit, isFinished, [...log, ...fresh])
    if (why !== null) return { id, taken: 'refused', why }
    fresh.push(believed(event, visit, nowMs, fresh.length))
    return { id, taken: 'taken' }
  })
  return { answers, fresh }
}

/** Why an event cannot be taken in as the log stands; null when it can. */
function whyNot(
  event: VisitEvent,
  { closedMs }: VisitLife,
  isFinished: boolean,
  log: readonly VisitEvent[],
): string | null {
  if (event.kind === 'late-note') return null
  if (closedMs === null) {
    if (event.kind === 'amended') return 'This visit is still open: correct the zone on the bench.'
    return event.kind === 'finished' && isFinished
      ? 'This visit is finished already; it was finished on another screen.'
      : null
  }
  if (event.kind === 'amended' || undoesAmendment(event, log)) return null
  return 'This visit was wrapped up on another screen. Only what was cut can be put right now, as an amendment.'
}

/** Whether an event takes back an amendment, or takes such a taking back: what was before the close stays as it was. */
function undoesAmendment(event: VisitEvent, log: readonly VisitEvent[]): boolean {
  if (event.kind !== 'undone') return false
  const undone = log.find(({ id }) => id === event.undoes)
  if (undone === undefined) return false
  // Each is looked at once: two that name each other lead nowhere.
  return (
    undone.kind === 'amended' ||
    undoesAmendment(
      undone,
      log.filter(({ id }) => id !== undone.id),
    )
  )
}
