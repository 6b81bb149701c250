import type { Tick, VisitEvent } from './events'

/** Where an event stands in its log. */
export const tickOf = ({ tick, atMs }: VisitEvent): Tick => tick ?? { ms: atMs, n: 0 }

/**
 * The moment of the next event on a device.
 * @param nowMs the house's time as the device knows it
 * @param newest the latest tick the device has seen, its own or another's; null at first
 * @example nextTick(1000, { ms: 1500, n: 2 }) // { ms: 1500, n: 3 }
 */
export function nextTick(nowMs: number, newest: Tick | null): Tick {
  return newest === null || nowMs > newest.ms ? { ms: nowMs, n: 0 } : { ms: newest.ms, n: newest.n + 1 }
}

export const laterTick = (a: Tick | null, b: Tick): Tick => (a === null || compareTicks(a, b) < 0 ? b : a)

export const newestTick = (log: readonly VisitEvent[]): Tick | null =>
  log.reduce<Tick | null>((newest, event) => laterTick(newest, tickOf(event)), null)

const compareTicks = (a: Tick, b: Tick): number => a.ms - b.ms || a.n - b.n
const compareText = (a: string, b: string): number => (a === b ? 0 : a < b ? -1 : 1)

/** When, on which device and what: no two events have the same of all three. */
export interface Stamp {
  tick: Tick
  device?: string | undefined
  id: string
}

export const stampOf = (event: VisitEvent): Stamp => ({
  tick: tickOf(event),
  ...(event.device ? { device: event.device } : {}),
  id: event.id,
})

/** By logical clock; what happened at the same tick on two devices stands by device, then by id. */
export const compareStamps = (a: Stamp, b: Stamp): number =>
  compareTicks(a.tick, b.tick) || compareText(a.device ?? '', b.device ?? '') || compareText(a.id, b.id)

const compareEvents = (a: VisitEvent, b: VisitEvent): number =>
  Number(a.kind === 'amended') - Number(b.kind === 'amended') || compareStamps(stampOf(a), stampOf(b))

/** The event that this one is about, and so can never stand before. */
export function causeOf(event: VisitEvent): string | null {
  if (event.kind === 'undone') return event.undoes
  return event.kind === 'time-set' ? event.of : null
}

/**
 * A log in its one order, each event once, whatever the order it came in: by logical clock, amendments after what was there
 * at the close, and causes before effects: an undo follows what it takes back, whatever its stamp.
 */
export function orderedLog(log: readonly VisitEvent[]): VisitEvent[] {
  const once = new Map(log.map((event) => [event.id, event]))
  const sorted = [...once.values()].sort(compareEvents)
  const effects = new Map<string, VisitEvent[]>()
  const out = new Map<string, VisitEvent>()
  const place = (event: VisitEvent) => {
    const ready = [event]
    for (let next = ready.shift(); next; next = ready.shift()) {
      if (out.has(next.id)) continue
      out.set(next.id, next)
      const freed = effects.get(next.id)
      if (freed) ready.push(...freed)
      if (freed) ready.sort(compareEvents)
    }
  }
  for (const event of sorted) {
    const cause = causeOf(event)
    if (cause === null || !once.has(cause) || out.has(cause)) place(event)
    else effects.set(cause, [...(effects.get(cause) ?? []), event])
  }
  // Two that name each other have no cause that stands; they follow as they are.
  for (const event of sorted) place(event)
  return [...out.values()]
}
