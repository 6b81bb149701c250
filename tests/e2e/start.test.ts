import { execSync, spawn } from 'node:child_process'
import { existsSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:http'
import { afterAll, describe, expect, it } from 'vitest'
import { endKovit, startKovit, stopKovit, type Running } from './kovit'

const HOME = '.kovit-test/start'
/** A busy machine may take this long to start everything again. */
const UNTIL_MS = 180_000
/** Tables are made by then, and the demo is not. */
const INTO_THE_DEMO_MS = 8000
let running: Running | undefined

afterAll(() => endKovit(running, HOME))
rmSync(HOME, { recursive: true, force: true })

const firstBench = async (address: string) =>
  /\/visits\/\d+\/bench/.exec(await (await fetch(address)).text())?.[0] ?? ''

it('makes database and demo, says what each step took, and keeps the data over a clean stop', async () => {
  running = await startKovit(HOME)
  expect(running.words()).toMatch(/Starting the database … [\d.]+ s/)
  expect(running.words()).toMatch(/18 demo dogs with \d+ past visits, [\d.]+ s/)
  expect(await stopKovit(running)).toBe(0)
  running = await startKovit(HOME)
  expect(running.words()).toContain('data kept')
})

it('a second start at the same time says that Kovit runs already, and does not disturb it', async () => {
  await expect(startKovit(HOME)).rejects.toThrow(/Kovit runs already/)
  expect((await fetch(`${running?.address}/health`)).status).toBe(200)
})

it('kill -9 of everything loses no answered event, and the next start works', async () => {
  const address = running?.address ?? ''
  const visit = (await firstBench(address)).replace('/bench', '/events')
  const event = {
    kind: 'note',
    words: 'before the cut',
    stage: null,
    id: crypto.randomUUID(),
    atMs: Date.now(),
    by: 'Wren',
  }
  const send = async (to: string, events: object[]) => {
    const headers = { 'Content-Type': 'application/json', Origin: to }
    const answer = await fetch(to + visit, { method: 'POST', headers, body: JSON.stringify({ events }) })
    return (await answer.json()) as { value: { answers: object[]; events: { id: string }[] } }
  }
  expect((await send(address, [event])).value.answers).toEqual([{ id: event.id, taken: 'taken' }])
  const pids = ['start.pid', 'web.pid', 'mariadb.pid'].map((name) => readFileSync(`${HOME}/${name}`, 'utf8').trim())
  execSync(`kill -9 ${pids.join(' ')}`)
  running = await startKovit(HOME)
  const log = await send(running.address, [])
  expect(log.value.events.map(({ id }) => id)).toContain(event.id)
})

it('kill -9 of the start alone leaves nothing in the way of the next one', async () => {
  running?.child.kill('SIGKILL')
  await running?.ended
  running = await startKovit(HOME)
  expect((await fetch(`${running.address}/health`)).status).toBe(200)
  await stopKovit(running)
  running = undefined
})

const pidOf = (name: string) => Number(readFileSync(`${HOME}/${name}.pid`, 'utf8'))
const lives = (pid: number) => existsSync(`/proc/${pid}`) && !readFileSync(`/proc/${pid}/stat`, 'utf8').includes(') Z ')
const until = async (holds: () => Promise<boolean> | boolean, words: string) => {
  for (const from = Date.now(); !(await holds());) {
    if (Date.now() - from > UNTIL_MS) throw new Error(`Not seen: ${words}`)
    await new Promise((done) => setTimeout(done, 100))
  }
}
const healthy = (address: string) =>
  fetch(`${address}/health`).then(
    ({ ok }) => ok,
    () => false,
  )

describe('the start keeps watch', () => {
  it.each([
    ['mariadb', 'The database'],
    ['web', 'The server of the pages'],
  ])('%s killed -9 is started again by itself, with a word on the terminal', async (name, said) => {
    running ??= await startKovit(HOME)
    const { address, words } = running
    const before = pidOf(name)
    process.kill(before, 'SIGKILL')
    await until(() => words().includes(`${said} ended by itself; it is started again in 0.5 s.`), 'the word')
    await until(async () => words().includes(`${said} runs again.`) && (await healthy(address)), 'health')
    expect(pidOf(name)).not.toBe(before)
  })

  it.each(['SIGTERM', 'SIGKILL'] as const)('%s to npm ends all of it', async (signal) => {
    await stopKovit(running)
    running = undefined
    const env = { ...process.env, KOVIT_HOME: HOME, KOVIT_DATABASE_URL: undefined, NODE_ENV: 'production' as const }
    const npm = spawn('npm', ['start'], { env })
    let said = ''
    npm.stdout.on('data', (data) => (said += String(data)))
    await until(() => /open at http/.test(said), 'open at')
    const pids = ['start', 'web', 'mariadb'].map(pidOf)
    npm.kill(signal)
    await until(() => !pids.some(lives), `the end of ${pids.join()}`)
  })

  it('a start that is stopped while the demo is made makes it whole the next time', async () => {
    const half = '.kovit-test/half'
    rmSync(half, { recursive: true, force: true })
    const cut = startKovit(half).catch((error: Error) => error.message)
    await until(() => existsSync(`${half}/mariadb.made`), 'the database')
    await new Promise((done) => setTimeout(done, INTO_THE_DEMO_MS))
    process.kill(Number(readFileSync(`${half}/start.pid`, 'utf8')), 'SIGTERM')
    expect(await cut).toContain('Stopping')
    const whole = await startKovit(half)
    expect(whole.words()).toMatch(/18 demo dogs with \d+ past visits/)
    await endKovit(whole, half)
  })

  it('--fresh asks; said yes to, it puts the old house aside', async () => {
    await expect(startKovit(HOME, {}, ['--fresh'])).rejects.toThrow('Nothing was changed. Say yes, or give --yes')
    const fresh = await startKovit(HOME, {}, ['--fresh', '--yes'])
    const aside = readdirSync(HOME).find((name) => name.startsWith('aside-'))
    expect(readdirSync(`${HOME}/${aside}`)).toEqual(expect.arrayContaining(['database.json', 'mariadb']))
    expect(fresh.words()).toMatch(/18 demo dogs/)
    rmSync(`${HOME}/${aside}`, { recursive: true })
    await stopKovit(fresh)
  })
})

it('a port that is in use is named', async () => {
  const server = createServer().listen(0, '127.0.0.1')
  await new Promise((done) => server.once('listening', done))
  const address = server.address()
  const port = String(typeof address === 'object' ? address?.port : '')
  await expect(startKovit(HOME, { KOVIT_PORT: port })).rejects.toThrow(`Port ${port} is in use.`)
  server.close()
})

it('a damaged password file is one sentence, and what to do', async () => {
  const kept = readFileSync(`${HOME}/database.json`, 'utf8')
  writeFileSync(`${HOME}/database.json`, '{"user":')
  await expect(startKovit(HOME)).rejects.toThrow(/database.json is damaged. Delete this one file and start again/)
  writeFileSync(`${HOME}/database.json`, kept)
})
