// `npm start`: everything from a fresh clone to a page in the browser. Node's built-ins only, so that it runs first.
import { spawn } from 'node:child_process'
import { existsSync, mkdirSync, rmSync, statSync, statfsSync, writeFileSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'
import { ensureBuild } from './lib/build.mjs'
import { checkNode, ensureModules, ensurePrograms, run } from './lib/install.mjs'
import { endProcess, freePort, isAlive, pause, readPid, startMariadb } from './lib/mariadb.mjs'
import { Trouble, explain, step } from './lib/steps.mjs'

const root = join(dirname(fileURLToPath(import.meta.url)), '..')
process.chdir(root)
const home = resolve(process.env.KOVIT_HOME ?? '.kovit')
const ownUrl = process.env.KOVIT_DATABASE_URL
const FIRST_PORT = 3000
const PORTS = 50
const ROOM_MB = 600

let database = null
let web = null
let stopping = false
let claimed = false

async function main() {
  checkNode()
  checkRoom()
  await claimHome()
  if (process.argv.includes('--fresh')) await forget()
  if (!ownUrl) await ensurePrograms({ mariadbd: 'mariadb-server' })
  await ensureModules()
  if (!ownUrl) await step('Starting the database', async () => void (database = await startMariadb(home)))
  const url = ownUrl ?? database.url
  await step('Bringing the tables up to date', () => prepare(url))
  await ensureBuild()
  const port = await pickPort()
  await step('Starting the pages', () => serve(url, port))
  process.stdout.write(`\nKovit is open at http://127.0.0.1:${port}\nCtrl-C stops it.\n`)
}

function checkRoom() {
  const { bavail, bsize } = statfsSync('.')
  const roomMb = Math.floor((bavail * bsize) / 1e6)
  if (roomMb < ROOM_MB)
    throw new Trouble(
      `The disk has only ${roomMb} MB left; Kovit needs about ${ROOM_MB}. Free some space and start again.`,
    )
}

/** One start at a time: a second one names the first; what a hard stop left behind is ended. */
async function claimHome() {
  if (existsSync(home) && !statSync(home).isDirectory())
    throw new Trouble(`${home} is a file, but Kovit keeps its data in a folder of that name. Move the file away.`)
  mkdirSync(home, { recursive: true, mode: 0o700 })
  const other = readPid(join(home, 'start.pid'))
  if (other && other !== process.pid && isAlive(other, 'start.mjs'))
    throw new Trouble(`Kovit runs already (process ${other}). Stop it there with Ctrl-C first.`)
  writeFileSync(join(home, 'start.pid'), String(process.pid))
  claimed = true
  await endProcess(readPid(join(home, 'web.pid')), 'next')
}

/** `--fresh`: the demo is made anew. Only Kovit's own database is ever thrown away. */
async function forget() {
  if (ownUrl)
    throw new Trouble(
      '--fresh throws a database away, so it works only on the one that Kovit keeps itself. Unset KOVIT_DATABASE_URL.',
    )
  await endProcess(readPid(join(home, 'mariadb.pid')), join(home, 'mariadb'))
  await step('Putting the old demo away', async () => {
    for (const name of ['mariadb', 'mariadb.made', 'mariadb.log', 'database.json'])
      rmSync(join(home, name), { recursive: true, force: true })
  })
}

async function prepare(url) {
  const said = await run(process.execPath, ['--import', 'tsx', 'scripts/database.ts'], {
    env: { ...process.env, KOVIT_DATABASE_URL: url },
  })
  return said.trim()
}

async function pickPort() {
  const wanted = process.env.KOVIT_PORT
  if (wanted !== undefined) {
    const port = await freePort(Number(wanted))
    if (port === null) throw new Trouble(`Port ${wanted} is in use. Set KOVIT_PORT to another one, or leave it out.`)
    return port
  }
  for (let port = FIRST_PORT; port < FIRST_PORT + PORTS; port++) if ((await freePort(port)) !== null) return port
  throw new Trouble(`Ports ${FIRST_PORT} to ${FIRST_PORT + PORTS - 1} are all in use. Set KOVIT_PORT to a free one.`)
}

async function serve(url, port) {
  const args = ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(port)]
  const env = { ...process.env, KOVIT_DATABASE_URL: url, NODE_ENV: 'production', NEXT_TELEMETRY_DISABLED: '1' }
  let words = ''
  web = spawn(process.execPath, args, { stdio: ['ignore', 'pipe', 'pipe'], env, detached: true })
  writeFileSync(join(home, 'web.pid'), String(web.pid))
  web.stdout.on('data', (data) => (words += data))
  web.stderr.on('data', (data) => {
    words += data
    process.stderr.write(data)
  })
  web.on('exit', () => {
    if (!stopping) void stop(1, 'The pages stopped by themselves.')
  })
  for (let tries = 0; tries < 600; tries++) {
    if (await answers(port)) return
    await pause(100)
  }
  throw new Trouble(`The pages did not come up within a minute:\n${words.slice(-2000)}`)
}

const answers = (port) =>
  fetch(`http://127.0.0.1:${port}/health`).then(
    (response) => response.ok,
    () => false,
  )

/** Stops the pages, then the database, so that nothing is cut off half-written. */
async function stop(code, why) {
  if (stopping) return
  stopping = true
  process.stdout.write(`\n${why}\n`)
  await endProcess(web?.pid, 'next')
  await database?.stop()
  if (claimed) for (const name of ['start.pid', 'web.pid']) rmSync(join(home, name), { force: true })
  process.exit(code)
}

for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
  process.on(signal, () => void stop(0, 'Stopping the pages and the database.'))

main().catch(async (error) => {
  explain(error)
  await stop(1, 'Kovit did not start.')
})
