import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import { z } from 'zod'
import { VisitEvent, type Tick, newestTick } from '@/core/visit'
import { Case } from '@/core/plan'
import { remembered, type SteadyTime } from './clock'

/** A bench on this device: of a visit, or of a booking whose visit the server has not begun yet. */
export type BenchKey = `visit ${number}` | `booking ${number}`
export const visitBench = (visitId: number): BenchKey => `visit ${visitId}`
export const bookingBench = (bookingId: number): BenchKey => `booking ${bookingId}`
export const visitOf = (bench: BenchKey): number | null =>
  bench.startsWith('visit ') ? Number(bench.slice('visit '.length)) : null

/** An event that the server refused, with why. */
export interface Aside {
  event: VisitEvent
  why: string
}

interface KeptRow {
  id: string
  bench: BenchKey
  /** As written; read through its schema, so that a row of another Kovit breaks nothing. */
  event: unknown
}
interface WaitingRow extends KeptRow {
  /** The steady clock of the page that wrote it, so that its time can be put right when the server is heard. */
  page: string
  steady: SteadyTime
  /** That page had heard the server: the time is as right as it will be. */
  sure: boolean
}
export interface KeptPhoto {
  id: string
  bench: BenchKey
  jpeg: Blob
  refused: string | null
}
/** A groom that was begun without a network. */
const Begun = z.strictObject({ bench: z.string(), bookingId: z.number(), planned: Case, startedMs: z.number() })
export type Begun = z.infer<typeof Begun>
/** What a booking's bench leaves behind when its visit is known: who still writes or reads there is led on. */
const Moved = z.strictObject({ bench: z.string(), visitId: z.number(), movedMs: z.number() })
type Moved = z.infer<typeof Moved>

interface DeviceSchema extends DBSchema {
  /** Events that wait to be sent, each a row of its own: two tabs never write over each other. */
  outbox: { key: string; value: WaitingRow; indexes: { byBench: BenchKey } }
  /** Events that were refused; only a person takes them away. */
  aside: { key: string; value: KeptRow & { why: string }; indexes: { byBench: BenchKey } }
  /** Events that the server has: what a bench opens with when there is no network. */
  log: { key: string; value: KeptRow; indexes: { byBench: BenchKey } }
  /** The server's number up to which the log of a bench is here. */
  marks: { key: BenchKey; value: { bench: BenchKey; no: number; keptMs: number } }
  begun: { key: string; value: Begun | Moved }
  photos: { key: string; value: KeptPhoto; indexes: { byBench: BenchKey } }
}
type Device = IDBPDatabase<DeviceSchema>

const VERSION = 1
const BY_BENCH = ['outbox', 'aside', 'log', 'photos'] as const
/** On disk before it is painted: a tablet that falls into the tub has it still. */
const SURE = { durability: 'strict' } as const

let house: string | null = null
let opened: Promise<Device> | null = null

/** What is kept is kept for one house: another one, as a demo made anew, has other visits under the same numbers. */
export function chooseHouse(key: string): void {
  if (typeof indexedDB === 'undefined' || house === key) return
  close()
  house = key
}

export const chosenHouse = (): string => house ?? ''

/** What this device keeps. @throws DOMException where the browser keeps nothing, as in some private windows */
function store(): Promise<Device> {
  opened ??= openDB<DeviceSchema>(`kovit ${chosenHouse()}`, VERSION, {
    upgrade(database) {
      for (const name of BY_BENCH) database.createObjectStore(name, { keyPath: 'id' }).createIndex('byBench', 'bench')
      database.createObjectStore('marks', { keyPath: 'bench' })
      database.createObjectStore('begun', { keyPath: 'bench' })
    },
    // A newer page in another tab needs another shape: this one lets go and opens again when it is asked.
    blocking: () => close(),
    terminated: () => close(),
  }).catch((error: unknown) => {
    opened = null
    throw error
  })
  return opened
}

function close(): void {
  void opened?.then((database) => database.close())
  opened = null
}

const DEVICE = 'kovit.device'
let device: string | null = null

/** The id of this device, made once; of this page, where the browser keeps nothing. */
export function deviceId(): string {
  device ??= remembered.getItem(DEVICE) ?? crypto.randomUUID()
  remembered.setItem(DEVICE, device)
  return device
}

/** Asks the browser not to throw away what is kept when room gets short. */
export const askToPersist = (): void => void navigator.storage?.persist?.()

/** The page that writes: what its steady clock said means something to itself alone. */
export const PAGE = typeof crypto === 'undefined' ? '' : crypto.randomUUID()

type BegunRead = { get: (bench: string) => Promise<unknown> }

/** Where a bench is kept: a booking's whose visit is known is kept as the visit's, in the same step as whatever is done. */
async function placeOf(begun: BegunRead, bench: BenchKey): Promise<BenchKey> {
  if (visitOf(bench) !== null) return bench
  const moved = Moved.safeParse(await begun.get(bench)).data
  return moved ? visitBench(moved.visitId) : bench
}

/** Keeps events until the server has them, all or none. @throws DOMException when the device is full or keeps nothing */
export async function keepEvents(
  events: readonly { bench: BenchKey; event: VisitEvent; steady: SteadyTime; sure: boolean }[],
  asideGone: readonly string[] = [],
): Promise<void> {
  const transaction = (await store()).transaction(['outbox', 'aside', 'begun'], 'readwrite', SURE)
  const begun = transaction.objectStore('begun')
  const places = await Promise.all(events.map(({ bench }) => placeOf(begun, bench)))
  await Promise.all([
    ...events.map(({ bench, event, steady, sure }, at) =>
      transaction
        .objectStore('outbox')
        .put({ id: event.id, bench: places[at] ?? bench, event, page: PAGE, steady, sure }),
    ),
    ...asideGone.map((id) => transaction.objectStore('aside').delete(id)),
    transaction.done,
  ])
}

/** What a bench has on this device. */
export interface OnDevice {
  /** In the order in which it was made, whichever tab made it. */
  waiting: VisitEvent[]
  aside: Aside[]
  log: VisitEvent[]
  /** The server's number up to which `log` goes; 0 when there is none. */
  no: number
  newest: Tick | null
  /** The page of each waiting event whose time is not sure yet. */
  pages: ReadonlyMap<string, string>
}

/** Events that were read before: what is in one never changes, but for its time. */
const readBefore = new Map<string, VisitEvent>()

function readRow(stored: unknown): VisitEvent | null {
  const { id, atMs } = (stored ?? {}) as { id?: unknown; atMs?: unknown }
  const key = `${String(id)} ${String(atMs)}`
  const event = readBefore.get(key) ?? VisitEvent.safeParse(stored).data
  if (event) readBefore.set(key, event)
  return event ?? null
}

const readable = (rows: readonly { event: unknown }[]): VisitEvent[] =>
  rows.flatMap(({ event }) => readRow(event) ?? [])

export async function readBench(asked: BenchKey): Promise<OnDevice> {
  const transaction = (await store()).transaction(['outbox', 'aside', 'log', 'marks', 'begun'])
  const bench = await placeOf(transaction.objectStore('begun'), asked)
  const [outbox, put, known, mark] = await Promise.all([
    transaction.objectStore('outbox').index('byBench').getAll(bench),
    transaction.objectStore('aside').index('byBench').getAll(bench),
    transaction.objectStore('log').index('byBench').getAll(bench),
    transaction.objectStore('marks').get(bench),
  ])
  const [waiting, log] = [readable(outbox), readable(known)]
  waiting.sort((a, b) => (a.tick?.ms ?? a.atMs) - (b.tick?.ms ?? b.atMs) || (a.tick?.n ?? 0) - (b.tick?.n ?? 0))
  const aside = put.flatMap(({ event, why }) => readable([{ event }]).map((each) => ({ event: each, why })))
  const pages = new Map(outbox.flatMap(({ id, page, sure }) => (sure ? [] : [[id, page]])))
  return { waiting, aside, log, no: mark?.no ?? 0, newest: newestTick([...waiting, ...log]), pages }
}

/** What the server answered, as one step: what it has moves from the outbox to the log, what it refused is put aside. */
export async function settle(
  bench: BenchKey,
  heard: { events: readonly VisitEvent[]; no: number; taken: readonly string[]; refused: readonly Aside[] },
): Promise<void> {
  const transaction = (await store()).transaction(['outbox', 'aside', 'log', 'marks'], 'readwrite', SURE)
  const [outbox, aside, log] = [
    transaction.objectStore('outbox'),
    transaction.objectStore('aside'),
    transaction.objectStore('log'),
  ]
  // What was taken and did not come back by number is known from an earlier answer; it stays in the log all the same.
  // The server's word on an event stands: its time may have been put right here after it was sent.
  const rows = await Promise.all(heard.taken.map((id) => outbox.get(id)))
  const there = await Promise.all(heard.taken.map((id) => log.getKey(id)))
  const back = new Set([...heard.events.map(({ id }) => id), ...there])
  const mark = await transaction.objectStore('marks').get(bench)
  const no = Math.max(mark?.no ?? 0, heard.no)
  await Promise.all([
    ...rows.flatMap((row) => (row && !back.has(row.id) ? [log.put({ id: row.id, bench, event: row.event })] : [])),
    ...heard.events.map((event) => log.put({ id: event.id, bench, event })),
    ...heard.taken.map((id) => outbox.delete(id)),
    ...heard.refused.flatMap(({ event, why }) => [
      aside.put({ id: event.id, bench, event, why }),
      outbox.delete(event.id),
    ]),
    transaction.objectStore('marks').put({ bench, no, keptMs: Date.now() }),
    transaction.done,
  ])
}

/**
 * Puts right the times of what this page noted before it had heard the server, as far back as its clock did not jump:
 * whether that was a sleep or a hand on the clock is not known.
 */
export async function putTimesRight(skewMs: number, { era }: SteadyTime): Promise<void> {
  const outbox = (await store()).transaction('outbox', 'readwrite', SURE).store
  for (const row of await outbox.getAll()) {
    const event = VisitEvent.safeParse(row.event).data
    if (row.page !== PAGE || row.steady.era !== era || !event) continue
    await outbox.put({ ...row, event: { ...event, atMs: Math.round(row.steady.ms + skewMs), skewMs }, sure: true })
  }
}

/** A person says so: what was kept aside is no longer needed. */
export const letAsideGo = async (id: string): Promise<void> => (await store()).delete('aside', id)

/** Benches with something that waits, and how much of everything: for pages that are no bench. */
export async function countKept(): Promise<{ waiting: Map<BenchKey, number>; aside: Map<BenchKey, number> }> {
  const database = await store()
  const counted = (rows: readonly { bench: BenchKey }[]) =>
    rows.reduce((all, { bench }) => all.set(bench, (all.get(bench) ?? 0) + 1), new Map<BenchKey, number>())
  const [outbox, photos, aside] = await Promise.all([
    database.getAll('outbox'),
    database.getAll('photos'),
    database.getAll('aside'),
  ])
  return {
    waiting: counted([...outbox, ...photos.filter(({ refused }) => refused === null)]),
    aside: counted([...aside, ...photos.filter(({ refused }) => refused !== null)]),
  }
}

/** Keeps that a groom was begun here, and by what; what is there already stays. */
export async function keepBegun(begun: Begun): Promise<void> {
  const transaction = (await store()).transaction('begun', 'readwrite', SURE)
  if ((await transaction.store.get(begun.bench)) === undefined) await transaction.store.put(begun)
  await transaction.done
}

/** @returns what was begun here and is not known to the server yet, or the visit that it is by now */
export async function readBegun(bench: BenchKey): Promise<Begun | number | null> {
  const kept = await (await store()).get('begun', bench)
  return Begun.safeParse(kept).data ?? Moved.safeParse(kept).data?.visitId ?? null
}

/** The server has begun the visit of a booking: everything kept for it is the visit's from now on, as one step. */
export async function moveBench(from: BenchKey, visitId: number): Promise<void> {
  const transaction = (await store()).transaction([...BY_BENCH, 'begun', 'marks'], 'readwrite', SURE)
  for (const name of BY_BENCH) {
    const kept = transaction.objectStore(name)
    for (const row of await kept.index('byBench').getAll(from))
      await kept.put({ ...row, bench: visitBench(visitId) } as never)
  }
  await transaction.objectStore('begun').put({ bench: from, visitId, movedMs: Date.now() })
  await transaction.done
}

/** @throws DOMException when the device is full or keeps nothing */
export async function keepPhoto(photo: KeptPhoto): Promise<void> {
  const transaction = (await store()).transaction(['photos', 'begun'], 'readwrite', SURE)
  const bench = await placeOf(transaction.objectStore('begun'), photo.bench)
  await Promise.all([transaction.objectStore('photos').put({ ...photo, bench }), transaction.done])
}
export async function readPhotos(bench: BenchKey): Promise<KeptPhoto[]> {
  const database = await store()
  // In two steps: a note that is being kept does not wait for pictures.
  const place = await placeOf(database.transaction('begun').store, bench)
  return database.getAllFromIndex('photos', 'byBench', place)
}
export const readPhoto = async (id: string): Promise<KeptPhoto | undefined> => (await store()).get('photos', id)
/** Takes a picture off this device: one that was sent, or given up by a person. */
export const letPhotoGo = async (id: string): Promise<void> => (await store()).delete('photos', id)

/** Forgets the logs, and where benches went, that were not looked at for this long; nothing that waits or was refused. */
const FORGET_LOG_MS = 14 * 24 * 3_600_000
export async function forgetOldLogs(nowMs: number): Promise<void> {
  const transaction = (await store()).transaction(['log', 'marks', 'begun'], 'readwrite')
  for (const row of await transaction.objectStore('begun').getAll())
    if ('movedMs' in row && nowMs - row.movedMs >= FORGET_LOG_MS)
      await transaction.objectStore('begun').delete(row.bench)
  for (const { bench, keptMs } of await transaction.objectStore('marks').getAll()) {
    if (nowMs - keptMs < FORGET_LOG_MS) continue
    for (const id of await transaction.objectStore('log').index('byBench').getAllKeys(bench))
      await transaction.objectStore('log').delete(id)
    await transaction.objectStore('marks').delete(bench)
  }
  await transaction.done
}
