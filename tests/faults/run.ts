import { setTimeout as pause } from 'node:timers/promises'
import { foldVisit, stateOf, type Visit, type VisitEvent } from '@/core/visit'
import { readLines } from '@/data/events'
import { readFolds } from '@/data/folds'
import { appendEvents } from '@/service/visit/appendEvents'
import { closeVisit } from '../data/house'
import { Device } from './device'
import { plainFold, type PlainVisit } from './plainFold'
import { scheduleOf, type DeviceName, type Fault, type Schedule, type Tap } from './schedule'
import type { World } from './world'

/** What one schedule came to. */
export interface Outcome {
  seed: number
  faults: Fault['kind'][]
  taps: number
  inBooks: number
  aside: number
  lost: string[]
  doubled: string[]
  /** Folds that differ, clocks that are off, screens that say something else. */
  wrong: string[]
}

/** One tap as the oracle saw it: what was kept, between which moments. */
interface Seen {
  event: VisitEvent
  device: DeviceName
  fromMs: number
  toMs: number
}

export interface Bench {
  world: World
  devices: Record<DeviceName, Device>
}

export async function openBenches(world: World): Promise<Bench> {
  const [van, tub] = [await Device.open('van'), await Device.open('tub')]
  return { world, devices: { van, tub } }
}

/** Runs one schedule to its end, heals everything, and holds what stands everywhere against what was seen. */
export async function runSchedule(bench: Bench, seed: number): Promise<Outcome> {
  const schedule = scheduleOf(seed)
  const visitId = await bench.world.begin(seed)
  for (const [name, device] of Object.entries(bench.devices)) {
    const off = schedule.faults.find((fault) => fault.kind === 'clock off' && fault.device === name)
    await device.openBench(bench.world.pages.address, visitId)
    await device.shiftClock(off?.min ?? 0)
    if (off) await device.openBench(bench.world.pages.address, visitId)
    await device.learnId()
  }
  const seen = await walk(bench, schedule, visitId)
  await heal(bench, visitId)
  return judge(bench, schedule, visitId, seen)
}

async function walk(bench: Bench, { taps, faults }: Schedule, visitId: number): Promise<Seen[]> {
  const seen = new Map<string, Seen>()
  for (const [step, tap] of taps.entries()) {
    for (const fault of faults) if (fault.from + fault.taps === step) await end(bench, fault)
    for (const fault of faults) if (fault.from === step) await begin(bench, fault, visitId, tap, seen)
    const now = faults.filter(({ from, taps: lasts }) => step >= from && step < from + lasts)
    await tapOnce(bench, tap, now, seen)
  }
  return [...seen.values()]
}

async function tapOnce(bench: Bench, tap: Tap, now: readonly Fault[], seen: Map<string, Seen>): Promise<void> {
  const device = bench.devices[tap.device]
  if (now.some(({ kind, device: on }) => kind === 'two tabs' && on === tap.device)) await device.otherTab()
  const fromMs = Date.now()
  const fresh = await device.tapKept(tap.kind, new Set(seen.keys()))
  for (const event of fresh) seen.set(event.id, { event, device: tap.device, fromMs, toMs: Date.now() })
}

const LATE_MS = 900

async function begin(bench: Bench, fault: Fault, visitId: number, tap: Tap, seen: Map<string, Seen>): Promise<void> {
  const { world, devices } = bench
  const device = devices[fault.device]
  switch (fault.kind) {
    case 'offline':
    case 'long offline':
      return device.network(true)
    case 'answer lost':
      return void (world.pages.trouble = { kind: 'lose-answer' })
    case 'half an answer':
      return void (world.pages.trouble = { kind: 'half-answer' })
    case 'sent twice':
      return void (world.pages.trouble = { kind: 'twice' })
    case 'reordered':
      return void (world.pages.trouble = { kind: 'late', ms: LATE_MS })
    case 'fault 500':
      return void (world.pages.trouble = { kind: 'fault-500' })
    case 'way cut':
      return world.pages.cut()
    case 'tab killed':
      return killTab(bench, fault.device, tap, seen)
    case 'two tabs':
      return device.secondTab()
    case 'clock off':
      return
    case 'clock set back':
      return void (await device.shiftClock(-fault.min))
    case 'server killed':
      return world.killServer()
    case 'database killed':
      return world.killDatabase()
    case 'database killed before its answer':
      return world.way.betweenCommitAndAnswer(() => world.killDatabase())
    case 'both killed':
      world.killServer()
      return world.killDatabase()
    case 'disk full':
      return world.fillDisk()
    case 'newer app':
      world.pages.version++
      return void (await device.lookForNewer())
    case 'closed elsewhere':
      return closeElsewhere(visitId)
  }
}

/** What was written before the tab ended counts as seen: the bench that opens anew shows it. */
async function killTab({ devices }: Bench, name: DeviceName, tap: Tap, seen: Map<string, Seen>): Promise<void> {
  const [device, fromMs] = [devices[name], Date.now()]
  await device.killTab(tap.kind)
  const toMs = Date.now()
  for (const event of await device.fresh(new Set(seen.keys())))
    seen.set(event.id, { event, device: name, fromMs, toMs })
}

async function end({ world, devices }: Bench, fault: Fault): Promise<void> {
  const device = devices[fault.device]
  if (fault.kind === 'offline' || fault.kind === 'long offline') await device.network(false)
  if (fault.kind === 'two tabs') await device.oneTab()
  if (fault.kind === 'disk full') world.freeDisk()
  if ((/killed/.test(fault.kind) && fault.kind !== 'tab killed') || fault.kind === 'disk full') await world.mend()
  const onTheWay: Fault['kind'][] = ['answer lost', 'half an answer', 'sent twice', 'reordered', 'fault 500', 'way cut']
  if (onTheWay.includes(fault.kind)) world.pages.trouble = { kind: 'none' }
}

/** Another screen finishes the visit and wraps it up. */
async function closeElsewhere(visitId: number): Promise<void> {
  const nowMs = Date.now()
  const finished = { id: crypto.randomUUID(), kind: 'finished' as const, atMs: nowMs, by: 'Wren', device: 'desk' }
  // Where the database is away just now the visit is simply not closed.
  const sent = await appendEvents(visitId, [finished], nowMs).catch(() => null)
  if (sent?.ok) await closeVisit(visitId, null, nowMs).catch(() => null)
}

const HEAL_MS = 90_000

/** Everything works again; both devices have what the books have, and nothing of theirs waits. */
async function heal({ world, devices }: Bench, visitId: number): Promise<void> {
  world.freeDisk()
  world.way.disarm()
  world.pages.trouble = { kind: 'none' }
  await world.mend()
  const both = Object.values(devices)
  for (const device of both) {
    await device.network(false)
    await device.oneTab()
  }
  const until = Date.now() + HEAL_MS
  while (Date.now() < until) {
    const books = (await readLines(visitId)).length
    const rows = await Promise.all(both.map((device) => device.rows()))
    if (rows.every(({ outbox, log }) => outbox.length === 0 && log.length === books)) return
    await pause(200)
  }
}

/** What an oracle can be off: the tap's own length, and the time an answer takes, by which the skew is measured. */
const OFF_MS = 1000

async function judge({ devices }: Bench, schedule: Schedule, visitId: number, seen: readonly Seen[]): Promise<Outcome> {
  const lines = await readLines(visitId)
  const books = lines.flatMap(({ read }) => (read.ok ? [read.value] : []))
  const van = await devices.van.rows()
  const tub = await devices.tub.rows()
  const aside = [...van.aside, ...tub.aside]
  const count = (id: string) => [...books, ...aside].filter((event) => event.id === id).length
  const known = new Set([...books.map(({ id }) => id), ...aside.map(({ id }) => id)])
  const waits = [...van.outbox, ...tub.outbox]
  const lost = seen.filter(({ event }) => !known.has(event.id)).map(({ event }) => `${event.kind} ${event.id}`)
  const doubled = [...known].filter((id) => count(id) > 1)
  const wrong: string[] = []
  if (waits.length > 0) wrong.push(`${waits.length} still wait`)
  const truth = plainFold(books)
  const stored = (await readFolds([visitId])).get(visitId)
  const folds: [string, Visit | undefined][] = [
    ['the server', foldVisit(books)],
    ['the fold beside the log', stored && stateOf(stored.kept)],
    ['the van', foldVisit(van.log)],
    ['the tub', foldVisit(tub.log)],
  ]
  for (const [whose, visit] of folds)
    if (visit === undefined || JSON.stringify(plainOf(visit)) !== JSON.stringify(truth))
      wrong.push(`${whose}: another fold`)
  for (const [name, device] of Object.entries(devices)) {
    const { stage, line } = await device.shown()
    const last = truth.stages.at(-1)
    const expected = last && last.endMs === null ? last.stage : 'none'
    if (stage !== expected) wrong.push(`${name} shows ${stage}, not ${expected}`)
    const own = name === 'van' ? van.aside.length : tub.aside.length
    const said = own > 0 ? `Kept aside: ${own}` : 'All sent'
    if (line !== said) wrong.push(`${name} says "${line}", not "${said}"`)
  }
  const byId = new Map(books.map((event) => [event.id, event]))
  for (const { event, device, fromMs, toMs } of seen) {
    const atMs = byId.get(event.id)?.atMs
    if (atMs !== undefined && (atMs < fromMs - OFF_MS || atMs > toMs + OFF_MS))
      wrong.push(`${event.kind} of the ${device} is ${Math.round((atMs - fromMs) / 1000)} s off`)
  }
  return {
    seed: schedule.seed,
    faults: schedule.faults.map(({ kind }) => kind),
    taps: seen.length,
    inBooks: books.length,
    aside: aside.length,
    lost,
    doubled,
    wrong,
  }
}

function plainOf({ stages, notes, cuts, finishedMs }: Visit): PlainVisit {
  const spans = (list: readonly { fromMs: number; toMs: number | null }[]) =>
    list.map(({ fromMs, toMs }): [number, number | null] => [fromMs, toMs])
  return {
    stages: stages.map(({ stage, startMs, endMs, waits, pauses }) => ({
      stage,
      startMs,
      endMs,
      waits: spans(waits),
      pauses: spans(pauses),
    })),
    notes: notes.map(({ words }) => words),
    cuts: Object.fromEntries(cuts.map(({ zone, side, lengthMm }) => [`${zone} ${side}`, lengthMm])),
    finishedMs,
  }
}
