import { readFileSync } from 'node:fs'
import { setTimeout as pause } from 'node:timers/promises'
import { happened } from '../data/house'
import { ensureBuild } from '../../scripts/lib/build.mjs'
import { chanceOf } from './schedule'
import { World } from './world'

/** `npm run soak`: fifty benches for two minutes, each on a dog of its own, and what it costs the server. */
const BENCHES = 50
const LASTS_MS = 120_000
/** A tap every two seconds is more than any groomer taps. */
const TAP_MS = 2000
const MOST_P95_MS = 200
/** More memory at the end than in the first half, %, counts as growing. */
const FLAT = 15

const rssMb = (pid: number): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024
const quantile = (of: readonly number[], q: number): number =>
  [...of].sort((a, b) => a - b)[Math.min(of.length - 1, Math.floor(of.length * q))] ?? 0

async function bench(
  address: string,
  visitId: number,
  untilMs: number,
  took: number[],
  faults: string[],
): Promise<void> {
  const chance = chanceOf(visitId)
  const news = new AbortController()
  const line = await fetch(`${address}/visits/${visitId}/news`, { signal: news.signal })
  void line.text().catch(() => '')
  let since = 0
  await pause(chance() * TAP_MS)
  for (let tap = 0; Date.now() < untilMs; tap++) {
    const event = { ...happened(0, { kind: 'note', words: `note ${tap}`, stage: null }), atMs: Date.now() }
    const from = performance.now()
    const answer = await fetch(`${address}/visits/${visitId}/events`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', Origin: address },
      body: JSON.stringify({ events: [event], since }),
    }).catch((error: unknown) => String(error))
    took.push(performance.now() - from)
    if (typeof answer === 'string' || !answer.ok) {
      faults.push(typeof answer === 'string' ? answer : String(answer.status))
      continue
    }
    const { value } = (await answer.json()) as { value: { no: number; answers: { taken: string }[]; events: object[] } }
    since = value.no
    if (value.answers[0]?.taken !== 'taken' || value.events.length !== 1)
      faults.push(JSON.stringify(value).slice(0, 200))
    await pause(TAP_MS * (0.5 + chance()))
  }
  news.abort()
}

async function main(): Promise<void> {
  await ensureBuild()
  const world = await World.open('.kovit-test/soak')
  const visits: number[] = []
  for (let nth = 0; nth < BENCHES; nth++) visits.push(await world.begin(nth))
  const [took, faults, memory]: [number[], string[], number[]] = [[], [], []]
  const untilMs = Date.now() + LASTS_MS
  const timer = setInterval(() => memory.push(rssMb(world.webPid)), 2000)
  await Promise.all(visits.map((visitId) => bench(world.webAddress, visitId, untilMs, took, faults)))
  clearInterval(timer)
  await world.stop()
  const half = Math.floor(memory.length / 2)
  const [early, late] = [quantile(memory.slice(half / 2, half), 0.5), quantile(memory.slice(half), 0.5)]
  const p95 = quantile(took, 0.95)
  process.stdout.write(
    `${BENCHES} benches, ${LASTS_MS / 1000} s: ${took.length} syncs, ${faults.length} faults; ` +
      `p50 ${quantile(took, 0.5).toFixed(0)} ms, p95 ${p95.toFixed(0)} ms, most ${quantile(took, 1).toFixed(0)} ms; ` +
      `memory of the server ${early.toFixed(0)} MB, in the second half ${late.toFixed(0)} MB\n`,
  )
  for (const fault of new Set(faults)) process.stdout.write(`${fault}\n`)
  process.exitCode = faults.length === 0 && p95 < MOST_P95_MS && late < early * (1 + FLAT / 100) ? 0 : 1
}

void main()
