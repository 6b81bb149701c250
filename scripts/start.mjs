// `npm start`: everything from a fresh clone to a page in the browser. Node's built-ins only, so that it runs first.
import { spawn } from 'node:child_process'
import {
  closeSync,
  existsSync,
  mkdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  statfsSync,
  writeFileSync,
} from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import { createInterface } from 'node:readline/promises'
import { fileURLToPath } from 'node:url'
import { ensureBuild } from './lib/build.mjs'
import { checkNode, ensureModules, endRunning, ensurePrograms, run } from './lib/install.mjs'
import { openLog } from './lib/logs.mjs'
import { endProcess, freePort, houseUrl, isAlive, pause, readPid, startMariadb } from './lib/mariadb.mjs'
import { PAGES } from './lib/pages.mjs'
import { openShare, prepareShare } from './lib/share.mjs'
import { Trouble, explain, step } from './lib/steps.mjs'
import { keepRunning } from './lib/watch.mjs'

const root = join(dirname(fileURLToPath(import.meta.url)), '..')
process.chdir(root)
const ownUrl = process.env.KOVIT_DATABASE_URL
/** `npm start` is the demo; `npm start -- --own` is a book of one's own, in another home, and empty. */
const isOwn = process.argv.includes('--own')
const home = resolve(process.env.KOVIT_HOME ?? (isOwn ? '.kovit-own' : '.kovit'))
/** A database that somebody else keeps is never filled unless it is asked for. */
const isDemo = process.argv.includes('--demo') || (!isOwn && !ownUrl)
/** `--share`, or `--share=name`: other screens in the house's network come in, over HTTPS and by a code. */
const shareFlag = process.argv.find((flag) => flag === '--share' || flag.startsWith('--share='))
const FIRST_PORT = 3000
const PORTS = 50
const KEPT_HERE = ['mariadb', 'mariadb.made', 'mariadb.log', 'database.json']
const ROOM_MB = 600
const LISTEN_MS = 5000
const FIRST_LOOK_MS = 5 * 60_000
const LOOK_MS = 30 * 60_000
/** So many times in a row without a hello, five seconds each. */
const MOST_SILENT = 3

let database = null
let pages = null
let share = null
let stopping = false
let claimed = false

async function main() {
  checkNode()
  if (isOwn && process.argv.includes('--demo'))
    throw new Trouble('A book of one’s own holds no demo. Give either --own or --demo.')
  checkRoom()
  await claimHome()
  if (process.argv.includes('--fresh')) await putAside()
  if (!ownUrl) await ensurePrograms({ mariadbd: 'mariadb-server' })
  await ensureModules()
  if (!ownUrl) await step('Starting the database', watchDatabase)
  const url = () => ownUrl ?? houseUrl(home, database.current().port)
  await step('Bringing the tables up to date', () => prepare(url()))
  await ensureBuild()
  const port = await pickPort()
  if (shareFlag) share = await prepareShare(home, shareFlag.split('=')[1])
  await step('Starting the pages', () => watchPages(url, port))
  if (!isDemo) watchBackups(url)
  if (share) await step('Opening the door to the network', async () => void (await openShare(share, port)))
  process.stdout.write(
    `\nKovit is open at http://127.0.0.1:${port}${isDemo ? ' with the demo' : ''}\n${sharedWords()}Ctrl-C stops it.\n`,
  )
}

const sharedWords = () =>
  share ? `Other screens find it at ${share.addresses.join(' or ')}; House, Devices lets them in.\n` : ''

const say = (words) => process.stdout.write(`${new Date().toTimeString().slice(0, 8)} ${words}\n`)
const watched = {
  say,
  isStopping: () => stopping,
  giveUp: (why) => void stop(1, why),
}

/** The database is started again when it ends, on the port that the pages know; one that answers nobody is ended first. */
async function watchDatabase() {
  let port = 0
  const start = async () => {
    const mariadb = await startMariadb(home, port)
    port = mariadb.port
    return mariadb
  }
  database = await keepRunning({ name: 'The database', start, log: join(home, 'mariadb.log'), ...watched })
  let silent = 0
  const listen = async () => {
    silent = database.current().exited?.() === false && !(await database.current().answers()) ? silent + 1 : 0
    if (silent >= MOST_SILENT && !stopping) {
      silent = 0
      say('The database answers nobody; it is ended.')
      database.current().kill()
    }
    setTimeout(() => void listen(), LISTEN_MS).unref()
  }
  setTimeout(() => void listen(), LISTEN_MS).unref()
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
  await endProcess(readPid(join(home, 'web.pid')), PAGES)
}

/** `--fresh`: the house that is kept here is put aside, never deleted, and the demo is made anew. A person says so first. */
async function putAside() {
  if (ownUrl)
    throw new Trouble(
      '--fresh begins a new house, so it works only on the database that Kovit keeps itself. Unset KOVIT_DATABASE_URL.',
    )
  const kept = KEPT_HERE.filter((name) => existsSync(join(home, name)))
  if (kept.length === 0) return
  const aside = join(home, `aside-${new Date().toISOString().slice(0, 19).replaceAll(':', '')}`)
  if (
    !process.argv.includes('--yes') &&
    !(await agrees(`The house kept in ${home} is put aside in ${aside}, and a new one begun. Go on?`))
  )
    throw new Trouble('Nothing was changed. Say yes, or give --yes besides --fresh, to begin a new house.')
  await endProcess(readPid(join(home, 'mariadb.pid')), join(home, 'mariadb'))
  await step('Putting the old house aside', async () => {
    mkdirSync(aside, { mode: 0o700 })
    for (const name of kept) renameSync(join(home, name), join(aside, name))
    return aside
  })
}

async function agrees(question) {
  if (!process.stdin.isTTY) return false
  const asking = createInterface({ input: process.stdin, output: process.stdout })
  const answer = await asking.question(`${question} [y/N] `)
  asking.close()
  return /^y(es)?$/i.test(answer.trim())
}

async function prepare(url) {
  const args = ['--import', 'tsx', 'scripts/database.ts', ...(isDemo ? ['--demo'] : []), ...(isOwn ? ['--own'] : [])]
  const said = await run(process.execPath, args, {
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

/** A backup a day, by itself: a little after the start, then looked at now and then; a house that sleeps at night has it in the morning. */
function watchBackups(url) {
  const look = async () => {
    const env = { ...process.env, KOVIT_HOME: home, KOVIT_DATABASE_URL: url() }
    await run(process.execPath, ['--import', 'tsx', 'scripts/backup.ts', '--due'], { env }).catch(
      (error) => stopping || say(`No backup was made: ${error.message}`),
    )
    setTimeout(() => void look(), LOOK_MS).unref()
  }
  setTimeout(() => void look(), FIRST_LOOK_MS).unref()
}

async function watchPages(url, port) {
  const log = join(home, 'web.log')
  pages = await keepRunning({ name: 'The server of the pages', start: () => serve(url(), port, log), log, ...watched })
}

/** Room for what a page leaves behind before it is cleared away, MB: with 16 a tenth of the work was clearing. Measured. */
const YOUNG_MB = 64

async function serve(url, port, logFile) {
  const args = [`--max-semi-space-size=${YOUNG_MB}`, PAGES, String(port)]
  const env = {
    ...process.env,
    KOVIT_NAMES: '',
    KOVIT_SHARED_AT: '',
    KOVIT_CERTIFICATE: '',
    ...share?.env,
    KOVIT_DATABASE_URL: url,
    KOVIT_HOME: home,
    KOVIT_OWN_DATABASE: ownUrl ? '' : 'yes',
    NODE_ENV: 'production',
    NEXT_TELEMETRY_DISABLED: '1',
  }
  const log = openLog(logFile)
  const child = spawn(process.execPath, args, { stdio: ['ignore', log, log], env, detached: true })
  closeSync(log)
  writeFileSync(join(home, 'web.pid'), String(child.pid))
  let hasEnded = false
  const ended = new Promise((done) => child.on('exit', done)).then(() => (hasEnded = true))
  for (let tries = 0; tries < 600 && !hasEnded; tries++) {
    if (await answers(port)) return { pid: child.pid, ended }
    await pause(100)
  }
  await endProcess(child.pid, PAGES)
  throw new Trouble(`The pages did not come up; the whole log is ${logFile}.\n${lastWords(logFile)}`)
}

const lastWords = (file) => readFileSync(file, 'utf8').slice(-2000)

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
  endRunning()
  await endProcess(pages?.current().pid, PAGES)
  await database?.current().stop?.()
  if (claimed) for (const name of ['start.pid', 'web.pid']) rmSync(join(home, name), { force: true })
  process.exit(code)
}

for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
  process.on(signal, () => void stop(0, 'Stopping the pages and the database.'))

/**
 * Started by npm, it ends with npm, also where that one was killed and could not hand the signal on. Between the two stands
 * a shell of npm's, on most machines: then its parent is watched too.
 */
const parentOf = (pid) => {
  const file = `/proc/${pid}/stat`
  return existsSync(file) ? readFileSync(file, 'utf8').split(') ').at(-1).split(' ')[1] : ''
}
const isNpmsShell = (pid) => isAlive(pid, 'scripts/start.mjs')
const above = () => [process.ppid, isNpmsShell(process.ppid) ? parentOf(process.ppid) : ''].join()
if (process.env.npm_lifecycle_event === 'start') {
  const line = above()
  setInterval(() => {
    if (above() !== line) void stop(0, 'npm has ended: stopping the pages and the database.')
  }, 1000).unref()
}

main().catch(async (error) => {
  explain(error)
  await stop(1, 'Kovit did not start.')
})
