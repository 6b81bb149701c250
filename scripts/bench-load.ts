import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { setTimeout as pause } from 'node:timers/promises'
import { z } from 'zod'
import { seeded } from '../tests/generated/random'
import { figureAt } from './bench-figures'
import { tookOf, type Took } from './bench-machine'
import { bytesOf } from './bench-pages'

const BENCHES = 50
const WAVES = 20
const WALKERS = 10
const WALK_MS = 5 * 60_000
/** Between two waves, ms. */
const REST_MS = 1000
/** Somebody who walks looks at a page from so long to so long, ms. */
const LOOK_MS = [2000, 8000] as const
const LOOKS_MS = 30_000

const Answered = z.object({
  ok: z.literal(true),
  value: z.object({ no: z.number(), answers: z.array(z.object({ taken: z.string() })) }),
})
const Begun = z.object({ ok: z.literal(true), value: z.object({ visitId: z.number() }) })

const sent = (address: string, path: string, body: unknown): Promise<Response> =>
  fetch(address + path, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', Origin: address },
    body: JSON.stringify(body),
  })

/** Grooms of today that are under way: begun where nobody has. Only in a house that is made up. */
async function benchesOf(address: string): Promise<string[]> {
  const day = await (await fetch(address)).text()
  if (!day.includes('>Demo<')) throw new Error('This house is somebody’s own: no notes are written into it.')
  const there = [...new Set(day.match(/\/visits\/\d+/g))]
  const bookings = [...new Set(day.match(/\/bookings\/\d+/g))]
  const planned: unknown = JSON.parse(readFileSync('tests/cases/quill.json', 'utf8'))
  const begun = bookings.map(async (booking) => {
    const answer = await sent(address, `${booking}/begin`, { planned, startedMs: Date.now() })
    return `/visits/${Begun.parse(await answer.json()).value.visitId}`
  })
  return [...there, ...(await Promise.all(begun))]
}

/** Fifty benches on so many grooms that each send a note at the same moment, twenty times: ms until each has its answer. */
export async function fiftyBenches(address: string, grooms: number): Promise<Took[]> {
  const visits = (await benchesOf(address)).slice(0, grooms)
  const took: Took[] = []
  // As a bench does, each asks for what it does not know yet.
  const known = new Array<number>(BENCHES).fill(0)
  for (let wave = 0; wave < WAVES; wave++) {
    const notes = Array.from({ length: BENCHES }, async (_, at) => {
      const words = `wave ${wave}, bench ${at}`
      const event = { id: randomUUID(), kind: 'note', words, stage: null, atMs: Date.now(), by: 'Wren' }
      const one = await tookOf(async () => {
        const path = `${visits[at % visits.length]}/events`
        const answer = await sent(address, path, { events: [event], since: known[at] })
        const { no, answers } = Answered.parse(await answer.json()).value
        known[at] = no
        if (answers[0]?.taken !== 'taken') throw new Error(`A note was ${answers[0]?.taken}.`)
      })
      // The first time each reads the whole log.
      if (wave > 0) took.push(one)
    })
    await Promise.all(notes)
    await pause(REST_MS)
  }
  return took
}

/** Ten people who walk the app for five minutes, each on a way of their own: ms a page, and the server's memory meanwhile, MB. */
export async function tenWalk(
  address: string,
  paths: readonly string[],
): Promise<{ took: Took[]; memoryMb: number[] }> {
  const took: Took[] = []
  const memoryMb: number[] = []
  const untilMs = performance.now() + WALK_MS
  const walk = async (first: number) => {
    const next = seeded(first)
    for (let step = first; performance.now() < untilMs; step += 3) {
      took.push(await tookOf(() => bytesOf(() => fetch(address + (paths[step % paths.length] ?? '/')))))
      await pause(LOOK_MS[0] + next() * (LOOK_MS[1] - LOOK_MS[0]))
    }
  }
  const look = async () => {
    for (; performance.now() < untilMs; await pause(LOOKS_MS))
      memoryMb.push((await figureAt(address, 'kovit_process_resident_memory_bytes')) / 1e6)
  }
  await Promise.all([look(), ...Array.from({ length: WALKERS }, (_, at) => walk(at))])
  return { took, memoryMb }
}
