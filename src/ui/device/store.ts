import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import { VisitEvent } from '@/core/visit'

/** An event that the server refused, with why. */
export interface Aside {
  event: VisitEvent
  why: string
}

interface KeptEvent {
  id: string
  visitId: number
  event: VisitEvent
}

interface DeviceSchema extends DBSchema {
  /** Events that wait to be sent, each a row of its own: two tabs never write over each other. */
  outbox: { key: string; value: KeptEvent; indexes: { byVisit: number } }
  /** Events that were refused; only a person takes them away. */
  aside: { key: string; value: KeptEvent & { why: string }; indexes: { byVisit: number } }
}

const DEVICE = 'kovit.device'
let opened: Promise<IDBPDatabase<DeviceSchema>> | null = null

/** What this device keeps. @throws DOMException where the browser keeps nothing, as in some private windows */
function store(): Promise<IDBPDatabase<DeviceSchema>> {
  opened ??= openDB<DeviceSchema>('kovit', 1, {
    upgrade(database) {
      for (const name of ['outbox', 'aside'] as const)
        database.createObjectStore(name, { keyPath: 'id' }).createIndex('byVisit', 'visitId')
    },
  })
  return opened
}

/** The id of this device, made once. */
export function deviceId(): string {
  const kept = localStorage.getItem(DEVICE)
  if (kept) return kept
  const made = crypto.randomUUID()
  localStorage.setItem(DEVICE, made)
  return made
}

/** Asks the browser not to throw away what is kept when room gets short. */
export const askToPersist = (): void => void navigator.storage?.persist?.()

/** Keeps an event until the server has it. @throws DOMException when the device is full or keeps nothing */
export async function keepEvent(visitId: number, event: VisitEvent): Promise<void> {
  await (await store()).put('outbox', { id: event.id, visitId, event })
}

/** What waits, in the order in which it was made, whichever tab made it. */
export async function keptEvents(visitId: number): Promise<VisitEvent[]> {
  const rows = await (await store()).getAllFromIndex('outbox', 'byVisit', visitId)
  return rows.map(({ event }) => VisitEvent.parse(event)).sort((a, b) => a.atMs - b.atMs || (a.id < b.id ? -1 : 1))
}

/** Takes events off the outbox that the server has, and puts those that it refused aside, as one step. */
export async function settle(visitId: number, taken: readonly string[], refused: readonly Aside[]): Promise<void> {
  const transaction = (await store()).transaction(['outbox', 'aside'], 'readwrite')
  const [outbox, aside] = [transaction.objectStore('outbox'), transaction.objectStore('aside')]
  await Promise.all([
    ...taken.map((id) => outbox.delete(id)),
    ...refused.flatMap(({ event, why }) => [aside.put({ id: event.id, visitId, event, why }), outbox.delete(event.id)]),
    transaction.done,
  ])
}

export async function keptAside(visitId: number): Promise<Aside[]> {
  const rows = await (await store()).getAllFromIndex('aside', 'byVisit', visitId)
  return rows.map(({ event, why }) => ({ event: VisitEvent.parse(event), why }))
}

/** A person says so: what was kept aside is no longer needed. */
export async function letAsideGo(id: string): Promise<void> {
  await (await store()).delete('aside', id)
}

/** Moves what an older Kovit kept in another place. It stays there until it is here. */
export async function adoptOlder(visitId: number): Promise<void> {
  const key = `kovit.outbox.${visitId}`
  const kept: unknown = JSON.parse(localStorage.getItem(key) ?? '[]')
  const events = Array.isArray(kept) ? kept.flatMap((each) => VisitEvent.safeParse(each).data ?? []) : []
  for (const event of events) await keepEvent(visitId, event)
  localStorage.removeItem(key)
}
