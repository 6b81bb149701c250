import type { VisitEvent } from '@/core/visit'

/** A visit as the plainest reading of its log tells it, to hold the real fold against. */
export interface PlainVisit {
  stages: { stage: string; startMs: number; endMs: number | null; waits: Span[]; pauses: Span[] }[]
  notes: string[]
  cuts: Record<string, number>
  finishedMs: number | null
}
type Span = [fromMs: number, toMs: number | null]

const keyOf = (event: VisitEvent) =>
  [
    event.kind === 'amended' ? '1' : '0',
    String(event.tick?.ms ?? event.atMs).padStart(16, '0'),
    String(event.tick?.n ?? 0).padStart(8, '0'),
    event.device ?? '',
    event.id,
  ].join(' ')
const namedBy = (event: VisitEvent) =>
  event.kind === 'undone' ? event.undoes : event.kind === 'time-set' ? event.of : null

/** Again and again the smallest that names nothing which is still to come. */
export function plainOrder(log: readonly VisitEvent[]): VisitEvent[] {
  let left = [...new Map(log.map((event) => [event.id, event])).values()]
  const out: VisitEvent[] = []
  while (left.length > 0) {
    const ready = left.filter((event) => !left.some(({ id }) => id === namedBy(event)))
    const [next] = (ready.length > 0 ? ready : left).sort((a, b) => (keyOf(a) < keyOf(b) ? -1 : 1))
    out.push(next!)
    left = left.filter((event) => event !== next)
  }
  return out
}

/** What was not taken back, or was taken back by something that was itself taken back. */
function stands(event: VisitEvent, log: readonly VisitEvent[]): boolean {
  if (event.kind === 'consent') return true
  return !log.some((other) => other.kind === 'undone' && other.undoes === event.id && stands(other, log))
}

const MOVES = /^(stage-started|stage-ended|wait-started|wait-ended|paused|resumed|finished)$/

export function plainFold(log: readonly VisitEvent[]): PlainVisit {
  const ordered = plainOrder(log)
  const standing = ordered.filter((event) => stands(event, ordered))
  const visit: PlainVisit = { stages: [], notes: [], cuts: {}, finishedMs: null }
  const clock: Clock = { ms: 0, pausedMs: null }
  for (const event of standing) {
    if (event.kind === 'note') visit.notes.push(event.words)
    if (event.kind === 'zone-cut') visit.cuts[`${event.cut.zone} ${event.cut.side}`] = event.cut.lengthMm
    if (visit.finishedMs !== null || !MOVES.test(event.kind)) continue
    const setTo = standing.findLast((other) => other.kind === 'time-set' && other.of === event.id)
    clock.ms = Math.max(clock.ms, setTo?.kind === 'time-set' ? setTo.toMs : event.atMs)
    move(visit, clock, event)
  }
  return visit
}

interface Clock {
  ms: number
  pausedMs: number | null
}

function move(visit: PlainVisit, clock: Clock, event: VisitEvent): void {
  const last = visit.stages.at(-1)
  const now = last && last.endMs === null ? last : null
  const here = now !== null && 'stage' in event && now.stage === event.stage
  const wait = now?.waits.at(-1)
  const waiting = wait !== undefined && wait[1] === null
  const goOn = () => {
    if (clock.pausedMs !== null) now?.pauses.push([clock.pausedMs, clock.ms])
    clock.pausedMs = null
  }
  const end = () => {
    goOn()
    if (now && waiting) wait[1] = clock.ms
    if (now) now.endMs = clock.ms
  }
  if (event.kind === 'stage-started') {
    end()
    visit.stages.push({ stage: event.stage, startMs: clock.ms, endMs: null, waits: [], pauses: [] })
  }
  if (event.kind === 'stage-ended' && here) end()
  if (event.kind === 'wait-started' && here && !waiting) now.waits.push([clock.ms, null])
  if (event.kind === 'wait-ended' && here && waiting) wait[1] = clock.ms
  if (event.kind === 'paused') clock.pausedMs ??= clock.ms
  if (event.kind === 'resumed') goOn()
  if (event.kind === 'finished') {
    end()
    visit.finishedMs = clock.ms
  }
}
