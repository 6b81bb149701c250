import { spawn, type ChildProcess } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { freePort, houseUrl } from '../../scripts/lib/mariadb.mjs'
import { PAGES } from '../../scripts/lib/pages.mjs'
import { endKovit, startDemo, type Running } from './kovit'

const HOME = '.kovit-test/two-servers'
/** A busy machine may take this long. */
const UNTIL_MS = 120_000
let first: Running
let second: { address: string; child: ChildProcess }

const until = async (holds: () => Promise<boolean>, words: string) => {
  for (const from = Date.now(); !(await holds());) {
    if (Date.now() - from > UNTIL_MS) throw new Error(`Not seen: ${words}`)
    await new Promise((done) => setTimeout(done, 100))
  }
}
const ready = (address: string) =>
  fetch(`${address}/health`).then(
    async (answer) => ((await answer.json()) as { ready: boolean }).ready,
    () => false,
  )

beforeAll(async () => {
  first = await startDemo(HOME)
  const url = houseUrl(HOME, Number(readFileSync(`${HOME}/mariadb.port`, 'utf8')))
  const port = String(await freePort())
  const child = spawn(process.execPath, [PAGES, port], {
    env: { ...process.env, KOVIT_DATABASE_URL: url, KOVIT_METRICS_KEY: 'a key', NODE_ENV: 'production' },
    stdio: 'ignore',
  })
  second = { address: `http://127.0.0.1:${port}`, child }
  await until(() => ready(second.address), 'the second server')
})
afterAll(async () => {
  second.child.kill()
  await endKovit(first, HOME)
})

/** The first groom that is under way. */
const visit = async () => /\/visits\/\d+/.exec(await (await fetch(first.address)).text())?.[0] ?? ''
async function note(address: string, words: string): Promise<unknown> {
  const events = [{ kind: 'note', words, stage: null, id: crypto.randomUUID(), atMs: Date.now(), by: 'Wren' }]
  const headers = { 'Content-Type': 'application/json', Origin: address }
  const answer = await fetch(`${address}${await visit()}/events`, {
    method: 'POST',
    headers,
    body: JSON.stringify({ events }),
  })
  return ((await answer.json()) as { value: { answers: { taken: string }[] } }).value.answers[0]?.taken
}
const log = async (address: string) => (await fetch(`${address}${await visit()}/log`)).text()

it('what one server takes in is news on a screen of the other', async () => {
  const line = await fetch(`${first.address}${await visit()}/news`)
  const reader = line.body?.getReader()
  let heard = ''
  const listen = async (): Promise<void> => {
    const part = await reader?.read()
    if (!part || part.done) return
    heard += Buffer.from(part.value).toString()
    return listen()
  }
  void listen().catch(() => {})
  const news = () => heard.split('event: news').length - 1
  // One as it begins to listen, and one when it has looked what the visit stands at.
  await until(async () => news() === 2, 'the first words')
  expect(await note(second.address, 'seen by the second')).toBe('taken')
  await until(async () => news() === 3, 'news of the other server')
  await reader?.cancel()
})

it('each tells its own figures, to whoever has the key where there is one', async () => {
  const figures = (address: string, key = '') => fetch(`${address}/metrics`, { headers: { Authorization: key } })
  expect((await figures(second.address)).status).toBe(403)
  const text = await (await figures(second.address, 'Bearer a key')).text()
  expect(text).toContain('kovit_events_total{taken="taken"} 1')
  expect(text).toMatch(/kovit_request_seconds_count\{method="POST",route="\/visits\/:id\/events",status="200"\} 1/)
  expect(text).toMatch(/kovit_query_seconds_count [1-9]/)
  expect(text).toMatch(/kovit_pool_connections\{state="open"\} \d/)
  const own = await (await figures(first.address)).text()
  expect(own).not.toContain('kovit_events_total{taken="taken"}')
  for (const told of ['Quill', 'Marsh', 'Wren']) expect(own + text).not.toContain(told)
})

it('with one of them killed the other goes on with all that both took in', async () => {
  expect(await note(first.address, 'of the first')).toBe('taken')
  second.child.kill('SIGKILL')
  expect(await note(first.address, 'after the end of the second')).toBe('taken')
  const told = await log(first.address)
  for (const words of ['seen by the second', 'of the first', 'after the end of the second'])
    expect(told).toContain(words)
  expect(await fetch(`${first.address}/health/alive`).then((answer) => answer.text())).toBe('alive')
})
