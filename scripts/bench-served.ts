import { spawn } from 'node:child_process'
import { setTimeout as pause } from 'node:timers/promises'
import type { Database } from '@/data/connection'
import { openHouse, openToAnybody } from '../tests/data/house'
import { ensureBuild } from './lib/build.mjs'
import { freePort } from './lib/mariadb.mjs'
import { PAGES } from './lib/pages.mjs'

const RUNS = 100

export interface Asked {
  what: string
  took: number[]
  /** The largest answer, kB as it is sent without compression. */
  kb: number
}

/** Fills a throwaway database, serves it, and asks; both end with it. */
export async function served<T>(
  home: string,
  fill: (database: Database) => Promise<void>,
  ask: (address: string, database: Database) => Promise<T>,
): Promise<T> {
  await ensureBuild()
  const { server, database } = await openHouse(home)
  await fill(database)
  await openToAnybody(database)
  const port = String(await freePort())
  const env = { ...process.env, KOVIT_DATABASE_URL: server.url, NODE_ENV: 'production' as const }
  const web = spawn(process.execPath, [PAGES, port], { env, stdio: 'ignore' })
  const address = `http://127.0.0.1:${port}`
  const isUp = () =>
    fetch(`${address}/health`).then(
      ({ ok }) => ok,
      () => false,
    )
  try {
    while (!(await isUp())) await pause(100)
    return await ask(address, database)
  } finally {
    await database.sequelize.close()
    web.kill()
    await server.stop()
  }
}

const WARM = 5

/** Asks a hundred times, after a few to warm up. */
export async function ask(what: string, call: (run: number) => Promise<Response>): Promise<Asked> {
  const took: number[] = []
  let kb = 0
  for (let run = -WARM; run < RUNS; run++) {
    const from = performance.now()
    const body = await (await call(Math.abs(run))).arrayBuffer()
    if (run >= 0) took.push(performance.now() - from)
    kb = Math.max(kb, body.byteLength / 1000)
  }
  return { what, took, kb }
}
