import { z } from 'zod'
import { figureAt } from './bench-figures'
import { tookOf, type Took } from './bench-machine'

const RUNS = 30
const WARM = 3
/** Pages are answered within this and are no larger. */
const MOST = { ms: 150, kb: 300 }
const INSIGHT_MS = 200

export interface PageAsked {
  what: string
  took: Took[]
  kb: number
  /** Questions to the database for one fetch, and how long it waited for them in all; they wait beside each other. */
  queries: number
  queriesMs: number
  mostMs: number
  mostKb: number
}

/**
 * The pages of a running house, with the numbers of a dog, a booking and a visit that are there.
 * @param chosen another day than today, and another dog than the first of the list
 */
export async function pathsOf(
  address: string,
  chosen: { day?: string | undefined; dog?: string | undefined } = {},
): Promise<{ what: string; path: string; mostMs: number }[]> {
  const on = chosen.day ? `day=${chosen.day}` : ''
  const day = await textOf(`${address}/?${on}`)
  const dog = chosen.dog ?? /\/dogs\/\d+/.exec(await textOf(`${address}/dogs`))?.[0]
  const file = dog ? await textOf(address + dog) : ''
  const booking = /\/bookings\/\d+\/plan/.exec(day + file)?.[0]
  const visit = /\/visits\/\d+/.exec(day + file)?.[0]
  const pages: [string, string | undefined, number?][] = [
    ['Day', `/?${on}`],
    ['Day, by hands', `/?by=hands&${on}`],
    ['Book', '/book'],
    ['Dogs', '/dogs'],
    ['Dogs, overdue', '/dogs?filter=overdue&sort=due'],
    ['a dog’s file', dog],
    ['its card', dog && `${dog}/card`],
    ['its measures', dog && `${dog}/measures`],
    ['its hand-over', dog && `${dog}/hand-over`],
    ['a plan', booking],
    ['a bench', visit && `${visit}/bench`],
    ['a wrap-up', visit && `${visit}/wrap-up`],
    ['an owner’s page', visit && `${visit}/owner-page`],
    ['a log', visit && `${visit}/log`],
    ['Kit', '/kit'],
    ['Patterns', '/patterns'],
    ['Insight, a year', '/insight', INSIGHT_MS],
    ['Insight, all years', '/insight?span=all', INSIGHT_MS],
    ['Waiting', '/book/waiting'],
    ['Repeats', '/book/repeats'],
    ['Messages', '/book/outbox'],
    ['House', '/rules'],
    ['Trail', '/rules/trail'],
  ]
  return pages.flatMap(([what, path, mostMs = MOST.ms]) => (path === undefined ? [] : [{ what, path, mostMs }]))
}

/** Every page of a running house, and what is asked of it besides. */
export async function pagesOf(address: string): Promise<PageAsked[]> {
  const asked: PageAsked[] = []
  for (const { what, path, mostMs } of await pathsOf(address))
    asked.push({ what, ...(await timed(address, () => fetch(address + path))), mostMs, mostKb: MOST.kb })
  for (const text of ['quill', 'qwill marsh', '0163 1000'])
    asked.push({
      what: `search “${text}”`,
      ...(await timed(address, () => find(address, text))),
      mostMs: MOST.ms,
      mostKb: MOST.kb,
    })
  return asked
}

export const textOf = async (address: string): Promise<string> => (await fetch(address)).text()
const find = (address: string, text: string) =>
  fetch(`${address}/find`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', Origin: address },
    body: JSON.stringify({ text }),
  })

/** The length of a whole answer. @throws when it is none that can be timed */
export async function bytesOf(ask: () => Promise<Response>): Promise<number> {
  const answer = await ask()
  if (!answer.ok) throw new Error(`${answer.url} answers ${answer.status}: it cannot be timed.`)
  return (await answer.arrayBuffer()).byteLength
}

async function timed(
  address: string,
  ask: () => Promise<Response>,
): Promise<Pick<PageAsked, 'took' | 'kb' | 'queries' | 'queriesMs'>> {
  const took: Took[] = []
  let bytes = 0
  const before = await askedOfDatabase(address)
  for (let run = -WARM; run < RUNS; run++) {
    const one = await tookOf(async () => (bytes = Math.max(bytes, await bytesOf(ask))))
    if (run >= 0) took.push(one)
  }
  const after = await askedOfDatabase(address)
  return {
    took,
    kb: bytes / 1000,
    queries: (after.queries - before.queries) / (WARM + RUNS),
    queriesMs: (1000 * (after.seconds - before.seconds)) / (WARM + RUNS),
  }
}

const askedOfDatabase = async (address: string) => ({
  queries: await figureAt(address, 'kovit_query_seconds_count'),
  seconds: await figureAt(address, 'kovit_query_seconds_sum'),
})

const Health = z.object({ databaseMs: z.number() })
/** What the house's database takes to answer at all, ms. */
export const databaseMs = async (address: string): Promise<number> =>
  Health.parse(await (await fetch(`${address}/health`)).json()).databaseMs
