import { VisitEvent } from '@/core/visit'

/** What this device keeps: its own id, events that wait to be sent, and events that were refused. */
const DEVICE = 'kovit.device'
const outboxKey = (visitId: number) => `kovit.outbox.${visitId}`
const asideKey = (visitId: number) => `kovit.aside.${visitId}`

/** An event that the server refused, with why. */
export interface Aside {
  event: VisitEvent
  why: string
}

/** The id of this device, made once. */
export function deviceId(): string {
  const kept = localStorage.getItem(DEVICE)
  if (kept) return kept
  const made = crypto.randomUUID()
  localStorage.setItem(DEVICE, made)
  return made
}

export const keepOutbox = (visitId: number, events: readonly VisitEvent[]): void =>
  localStorage.setItem(outboxKey(visitId), JSON.stringify(events))

export const keptOutbox = (visitId: number): VisitEvent[] =>
  listAt(outboxKey(visitId)).flatMap((each) => VisitEvent.safeParse(each).data ?? [])

/** Adds to what is kept aside. @returns all of it */
export function keepAside(visitId: number, fresh: readonly Aside[]): Aside[] {
  const all = [...keptAside(visitId), ...fresh]
  localStorage.setItem(asideKey(visitId), JSON.stringify(all))
  return all
}

export const keptAside = (visitId: number): Aside[] =>
  listAt(asideKey(visitId)).flatMap((each) => {
    const { event, why } = each as { event: unknown; why: unknown }
    const parsed = VisitEvent.safeParse(event)
    return parsed.success ? [{ event: parsed.data, why: String(why) }] : []
  })

function listAt(key: string): unknown[] {
  const kept: unknown = JSON.parse(localStorage.getItem(key) ?? '[]')
  return Array.isArray(kept) ? kept : []
}
