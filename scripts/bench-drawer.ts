import { spawn } from 'node:child_process'
import { setTimeout as pause } from 'node:timers/promises'
import { openHouse } from '../tests/data/house'
import { fillDrawer, manyDogs } from '../tests/generated/dogs'
import { ensureBuild } from './lib/build.mjs'
import { freePort } from './lib/mariadb.mjs'

const DOGS = 5000
const RUNS = 100
const SEARCHES = ['quill', 'qwill marsh', 'lagotto', '0173', 'brandreht', 'pu', 'søren', 'mochi penhale']

export interface Asked {
  what: string
  took: number[]
  /** The largest answer, kB as it is sent without compression. */
  kb: number
}

/** Dogs and the palette over a drawer of 5 000 dogs, on a throwaway database and a server of its own. */
export async function drawerOfMany(): Promise<Asked[]> {
  await ensureBuild()
  const { server, database } = await openHouse('.kovit-test/bench-drawer')
  await fillDrawer(database, manyDogs(DOGS), Date.now())
  await database.sequelize.close()
  const port = String(await freePort())
  const env = { ...process.env, KOVIT_DATABASE_URL: server.url, NODE_ENV: 'production' as const }
  const web = spawn(process.execPath, ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', port], {
    env,
    stdio: 'ignore',
  })
  const address = `http://127.0.0.1:${port}`
  const isUp = () =>
    fetch(`${address}/health`).then(
      ({ ok }) => ok,
      () => false,
    )
  try {
    while (!(await isUp())) await pause(100)
    const post = (path: string, body: object) =>
      fetch(address + path, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(body),
      })
    const search = (path: string) => (run: number) => post(path, { text: SEARCHES[run % SEARCHES.length] })
    return [
      await ask('Dogs, the page, of 5 000', () => fetch(`${address}/dogs`)),
      await ask('Dogs, those overdue', () => post('/dogs/list', { filter: 'overdue', sort: 'due' })),
      await ask('Dogs, a search', search('/dogs/list')),
      await ask('the palette', search('/find')),
    ]
  } finally {
    web.kill()
    await server.stop()
  }
}

const WARM = 5

async function ask(what: string, call: (run: number) => Promise<Response>): Promise<Asked> {
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
