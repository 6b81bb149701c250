import { cpus } from 'node:os'
import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { learnRates, ratesOf } from '@/core/coat'
import { VIEWS, drawView, sideView, type FigureDog } from '@/core/figure'
import { Case, makePlan } from '@/core/plan'
import { readWords } from '@/core/request'
import { VisitEvent, foldVisit } from '@/core/visit'
import { learn, paceOn, type Cells } from '@/core/pace'
import { house, predicted, visit } from '../tests/generated/grooms'
import { seeded } from '../tests/generated/random'
import { weekOfEighty } from './bench-book'
import { atTheTable } from './bench-table'
import { drawerOfMany } from './bench-drawer'
import { fiftyBenches, tenWalk } from './bench-load'
import { chain } from './bench-chain'
import { growthOf } from './bench-growth'
import type { Took } from './bench-machine'
import { databaseMs, pagesOf, pathsOf } from './bench-pages'
import { bundled } from './lib/bundled'
import { firstLoadKb } from '../tests/e2e/firstLoad'
import { tapsOnBench } from './bench-taps'
import { inBrowser } from './bench-browser'
import { GOOD_JUMP, jumpsOf } from './bench-jumps'

/**
 * `npm run bench -- [ADDRESS [load] | drawer | book | table | day | chain | growth]`: how long things take here; with the address of a
 * running Kovit its pages too, or, of a made-up house, what it does for many at once; with `drawer` a house of 5 000 dogs, with
 * `book` a week of five people and 80 bookings, with `table` signing in, with `day` made-up days, with `chain MS MS MB` a
 * thousand houses by what a page, a note and a server were measured to cost, with `growth YOUNG OLD` the pages of two houses.
 */
const RUNS = 200

function time(work: () => unknown): { medianMs: number; p95Ms: number } {
  for (let warm = 0; warm < 20; warm++) work()
  const runs = Array.from({ length: RUNS }, () => {
    const from = performance.now()
    work()
    return performance.now() - from
  })
  return spread(runs)
}

function spread(runs: number[]): { medianMs: number; p95Ms: number } {
  const sorted = [...runs].sort((a, b) => a - b)
  return { medianMs: sorted[Math.floor(sorted.length / 2)] ?? 0, p95Ms: sorted[Math.floor(sorted.length * 0.95)] ?? 0 }
}

function print(what: string, { medianMs, p95Ms }: { medianMs: number; p95Ms: number }, target: string): void {
  process.stdout.write(
    `${what.padEnd(44)} ${medianMs.toFixed(2).padStart(8)} ms ${p95Ms.toFixed(2).padStart(8)} ms at p95   ${target}\n`,
  )
}

/** What others on the machine took part of is told beside what they did not: the first is what came of it, the second is ours. */
function printShared(what: string, took: readonly Took[], target: string): void {
  print(what, spread(took.map(({ ms }) => ms)), target)
  const calm = took.filter((one) => one.calm)
  if (calm.length === 0) process.stdout.write('  none of them with the machine to itself\n')
  else if (calm.length < took.length)
    print(`  ${calm.length} of ${took.length} with the machine to itself`, spread(calm.map(({ ms }) => ms)), '')
}

function manyEvents(count: number): VisitEvent[] {
  const stages = ['arrive', 'brush-out', 'wash', 'dry', 'body', 'legs', 'head'] as const
  return Array.from({ length: count }, (_, at): VisitEvent => {
    const base = { id: randomUUID(), atMs: 1_800_000_000_000 + at * 20_000, by: 'Wren' }
    const stage = stages[Math.floor(at / 80)] ?? 'head'
    return at % 9 === 0
      ? { ...base, kind: 'stage-started', stage }
      : { ...base, kind: 'note', words: `note ${at}`, stage }
  })
}

const allViews = (view: FigureDog) => VIEWS.map((id) => drawView(id, view, () => 20))

const PAST_VISITS = 50
const LONG_WORDS = 'half an inch on the legs, leave the ears, face a touch shorter than last time. '.repeat(50)

/** The case with its growth learned from fifty visits of four measures each. */
function withHistory(quill: Case): Case {
  const groups = ['body', 'legs', 'head', 'feet'] as const
  const pairs = Array.from({ length: (PAST_VISITS - 1) * groups.length }, (_, at) => ({
    group: groups[at % groups.length] as (typeof groups)[number],
    leftMm: 10,
    foundMm: 27 + (at % 5),
    weeks: 6,
  }))
  return { ...quill, dog: { ...quill.dog, growthMmPerWeek: ratesOf(learnRates(quill.dog.coat, pairs)) } }
}

async function pages(address: string): Promise<void> {
  process.stdout.write(`the database answers in ${await databaseMs(address)} ms\n`)
  for (const { what, took, kb, queries, queriesMs, mostMs, mostKb } of await pagesOf(address))
    printShared(
      what,
      took,
      `under ${mostMs} ms; ${kb.toFixed(0)} kB, under ${mostKb}; ${queries.toFixed(0)} queries, ${queriesMs.toFixed(0)} ms`,
    )
}

function manyHouses([pageMs = 80, noteMs = 20, memoryMb = 800]: number[]): void {
  for (const line of chain({ pageMs, noteMs, memoryMb })) process.stdout.write(`${line}\n`)
}

/** What a page costs more in a house with a long past. */
async function growth(houses: readonly string[]): Promise<void> {
  const [young, old] = houses.map((address) => address.replace(/\/$/, ''))
  if (!young || !old) throw new Error('Name two running houses: npm run bench -- growth YOUNG OLD')
  for (const { what, ...took } of await growthOf([young, old])) {
    const [youngMs, oldMs] = [spread(took.young).medianMs, spread(took.old).medianMs]
    const figures = [youngMs, oldMs].map((ms) => `${ms.toFixed(0).padStart(5)} ms`).join(' ')
    process.stdout.write(`${what.padEnd(24)} ${figures}, ${(oldMs / youngMs).toFixed(2)} times (to reach: 1.3)\n`)
  }
}

/** Many at once: fifty benches, and ten who walk the app. */
async function load(address: string): Promise<void> {
  for (const [grooms, words] of [
    [2, 'two grooms'],
    [Infinity, 'all grooms of today'],
  ] as const)
    printShared(`a note of one of fifty benches, ${words}`, await fiftyBenches(address, grooms), 'under 200 ms at p95')
  const { took, memoryMb } = await tenWalk(
    address,
    (await pathsOf(address)).map(({ path }) => path),
  )
  printShared(`a page of ten who walk, ${took.length} pages`, took, 'under 250 ms at p95')
  process.stdout.write(`memory of the server meanwhile, MB: ${memoryMb.map((mb) => mb.toFixed(0)).join(', ')}\n`)
}

const MANY_VISITS = 100_000

/** The model of minutes after as many visits as a large chain has: one more groom learned, one dog's pace told; and how its promises held. */
function minutesLearned(): void {
  const next = seeded(7)
  const made = house(next)
  const cells: Cells = new Map()
  const from = performance.now()
  for (let n = 0; n < MANY_VISITS; n++)
    learn(cells, visit(made, next, { dog: n % made.dogs.length, day: 16_000 + Math.floor(n / 27) }).groom)
  process.stdout.write(
    `${MANY_VISITS} generated visits learned one by one in ${((performance.now() - from) / 1000).toFixed(0)} s, ${cells.size} effects kept\n`,
  )
  const { groom } = visit(made, next, { dog: 3, day: 19_704 })
  print(
    'one more visit learned',
    time(() => learn(cells, groom)),
    'well under 1 s',
  )
  print(
    'the pace of one dog told',
    time(() => paceOn(cells, groom, groom.day)),
    '',
  )
  const held = Array.from({ length: 10 }, () => ({ kept: 0, count: 0 }))
  for (let n = 0; n < 5000; n++) {
    const now = visit(made, next, { dog: n % made.dogs.length, day: 19_704 })
    const sum = predicted(cells, now.groom)
    const tenth = n % 10
    const cell = held[tenth] as (typeof held)[0]
    cell.count++
    cell.kept += now.totalMin <= sum.percentileMin((tenth + 0.5) / 10) ? 1 : 0
  }
  process.stdout.write(
    `promises, said and held, %: ${held.map(({ kept, count }, tenth) => `${tenth * 10 + 5}: ${((100 * kept) / count).toFixed(0)}`).join(', ')}\n`,
  )
}

async function drawer(): Promise<void> {
  for (const { what, took, kb } of await drawerOfMany())
    print(what, spread(took), `under 150 ms; at most ${kb.toFixed(0)} kB, under 150`)
}

async function table(): Promise<void> {
  for (const { what, took } of await atTheTable()) print(what, spread(took), 'under 300 ms')
}

const FRAME_MS = 1000 / 60

async function book(): Promise<void> {
  const { pages: asked, frames } = await weekOfEighty()
  for (const { what, took, kb } of asked) print(what, spread(took), kb > 0 ? `under 150 ms; ${kb.toFixed(0)} kB` : '')
  print(
    'a frame while a dog is carried over it',
    spread(frames),
    `under ${FRAME_MS.toFixed(1)} ms, ${frames.length} frames`,
  )
}

async function jumps(address: string): Promise<void> {
  const found = (await jumpsOf(address)).sort((a, b) => b.jump - a.jump)
  const far = found.filter(({ jump }) => jump >= GOOD_JUMP).length
  process.stdout.write(`${found.length} looks at pages that open, ${far} jump by ${GOOD_JUMP} or more; the farthest:\n`)
  for (const { what, size, jump } of found.slice(0, 5)) process.stdout.write(`  ${what}, ${size}: ${jump.toFixed(3)}\n`)
}

async function main(): Promise<void> {
  const [address, what] = process.argv.slice(2)
  if (address && what === 'load') return load(address.replace(/\/$/, ''))
  if (address === 'growth') return growth(process.argv.slice(3))
  if (address === 'chain') return manyHouses(process.argv.slice(3).map(Number))
  process.stdout.write(`${cpus().length} × ${cpus()[0]?.model ?? 'unknown'}, Node ${process.versions.node}\n`)
  const quill = Case.parse(JSON.parse(readFileSync('tests/cases/quill.json', 'utf8')))
  const log = manyEvents(500)
  const view = { build: 'square', coat: 'curly', heightCm: 52, lengthCm: 52 } as const
  print(
    'plan of one dog',
    time(() => makePlan(quill)),
    'under 10 ms',
  )
  print(
    'plan of one dog with 50 past visits',
    time(() => makePlan(withHistory(quill))),
    'under 10 ms',
  )
  print(
    '4 000 characters of words read',
    time(() => readWords(LONG_WORDS)),
    'under 20 ms',
  )
  print(
    'fold of 500 events',
    time(() => foldVisit(log)),
    'under 5 ms',
  )
  print(
    'side view of one dog',
    time(() => sideView(view, () => 20)),
    '',
  )
  print(
    'all views of one dog',
    time(() => allViews(view)),
    'under 16 ms',
  )
  minutesLearned()
  if (!address) return
  if (address === 'day') {
    const { daysOnTheBench } = await bundled<typeof import('./bench-day')>('scripts/bench-day.ts')
    return daysOnTheBench((line) => process.stdout.write(`${line}\n`))
  }
  if (address === 'drawer') return drawer()
  if (address === 'book') return book()
  if (address === 'table') return table()
  const home = address.replace(/\/$/, '')
  await pages(home)
  // One that comes today: the coat of one that stays away has grown all it will.
  const file = (await pathsOf(home)).find(({ what }) => what === 'a dog’s file')?.path
  const { drawn, draw } = await inBrowser(home, file ?? '/dogs/1')
  print('the dog is drawn a week on, in the browser', spread(drawn), 'under 8 ms')
  print('all views of one dog, in the browser', spread(draw), 'under 16 ms')
  await jumps(home)
  const bench = /\/visits\/\d+\/bench/.exec(await (await fetch(home)).text())?.[0]
  if (!bench) return
  const kb = await firstLoadKb(home, bench)
  process.stdout.write(
    `scripts that a bench loads at first, compressed: ${kb.toFixed(0)} kB (to reach: under 350 kB)\n`,
  )
  print('tap to painted, 500 events, no network', spread(await tapsOnBench(home, bench)), 'under 100 ms')
}

void main()
