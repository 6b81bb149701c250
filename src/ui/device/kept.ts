import type { VisitEvent } from '@/core/visit'
import { deviceClock } from './clock'
import {
  bookingBench,
  keepBegun,
  keepEvents,
  moveBench,
  readBegun,
  readBench,
  settle,
  visitBench,
  type Aside,
  type Begun,
  type BenchKey,
  type OnDevice,
} from './store'

/** What a device cannot keep stays on the page: its events, and how far the log is known. */
interface OnPage {
  loose: VisitEvent[]
  heard: VisitEvent[]
  no: number
  /** What was begun here, or the visit that it is by now. */
  begun: Begun | number | null
}
const pages = new Map<BenchKey, OnPage>()

function onPage(bench: BenchKey): OnPage {
  const there = pages.get(bench) ?? { loose: [], heard: [], no: 0, begun: null }
  pages.set(bench, there)
  return there
}

/** What a bench has: on the device, and what only this page has. */
export interface BenchKept extends OnDevice {
  /** Ids of events that this device would not keep: they are lost with the page. */
  loose: ReadonlySet<string>
  /** Why this device keeps nothing; null when it does. */
  why: string | null
}

export async function lookAt(bench: BenchKey): Promise<BenchKept> {
  const { loose, heard, no } = onPage(bench)
  const here = { loose: new Set(loose.map(({ id }) => id)) }
  try {
    const kept = await readBench(bench)
    const ids = new Set(kept.waiting.map(({ id }) => id))
    const waiting = [...kept.waiting, ...loose.filter(({ id }) => !ids.has(id))]
    return { ...kept, waiting, log: [...kept.log, ...heard], no: Math.max(kept.no, no), ...here, why: null }
  } catch (error) {
    return { waiting: loose, aside: [], log: heard, no, newest: null, pages: new Map(), ...here, why: notKept(error) }
  }
}

/** Keeps an event before it is shown. @returns why the device could not; it is then on this page only */
export async function keep(
  bench: BenchKey,
  event: VisitEvent,
  asideGone: readonly string[] = [],
): Promise<string | null> {
  try {
    const clock = deviceClock()
    await keepEvents([{ bench, event, steady: clock.steady(), sure: clock.errorMs() < Infinity }], asideGone)
    return null
  } catch (error) {
    const why = notKept(error)
    onPage(bench).loose.push(event)
    return why
  }
}

/** Keeps that a groom was begun here; on this page only, where the device would not. */
export async function keepBegunHere(begun: Begun): Promise<void> {
  await keepBegun(begun).catch((error: unknown) => {
    notKept(error)
    onPage(bookingBench(begun.bookingId)).begun ??= begun
  })
}

/** @returns what was begun here and the server does not know yet, or the visit that it is by now */
export async function begunHere(bench: BenchKey): Promise<Begun | number | null> {
  const kept = await readBegun(bench).catch((error: unknown) => (notKept(error), null))
  return kept ?? onPage(bench).begun
}

/** Everything of a booking's bench is the visit's from now on. @returns why the device could not; nothing has moved then */
export async function moveKept(from: BenchKey, visitId: number): Promise<string | null> {
  const why = await moveBench(from, visitId).then(() => null, notKept)
  const left = onPage(from)
  if (why !== null && left.begun === null) return why
  const visit = onPage(visitBench(visitId))
  visit.loose.push(...left.loose)
  visit.begun = visitId
  pages.set(from, visit)
  return null
}

/** What the server answered for a bench. */
export interface Heard {
  events: readonly VisitEvent[]
  no: number
  taken: readonly string[]
  refused: readonly Aside[]
}

/** Keeps what the server answered; a full device still lets go of what it need not keep any more. */
export async function settleBench(bench: BenchKey, heard: Heard): Promise<void> {
  const page = onPage(bench)
  try {
    await settle(bench, heard)
  } catch (error) {
    notKept(error)
    page.heard = [...new Map([...page.heard, ...heard.events].map((event) => [event.id, event])).values()]
    page.no = Math.max(page.no, heard.no)
    await settle(bench, { ...heard, events: [], no: 0 }).catch(notKept)
  }
  const gone = new Set([...heard.taken, ...heard.refused.map(({ event }) => event.id)])
  page.loose = page.loose.filter(({ id }) => !gone.has(id))
}

/** Why this device could not keep something. @throws what is no fault of the device */
export function notKept(error: unknown): string {
  if (!(error instanceof DOMException)) throw error
  const why = error.name === 'QuotaExceededError' ? 'This device is full' : 'This browser keeps nothing here'
  return `${why}: what you note is on this screen only until it is sent. Leave the page open.`
}
