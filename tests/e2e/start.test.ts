import { execSync } from 'node:child_process'
import { readFileSync, rmSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:http'
import { afterAll, expect, it } from 'vitest'
import { startKovit, stopKovit, type Running } from './kovit'

const HOME = '.kovit-test/start'
let running: Running | undefined

afterAll(() => stopKovit(running))
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
    const headers = { 'Content-Type': 'application/json' }
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
