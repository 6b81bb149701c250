import { readFileSync } from 'node:fs'
import { request } from 'node:http'
import { join } from 'node:path'
import fc from 'fast-check'
import { logging, type WebDriver } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import type { OutgoingHttpHeaders } from 'node:http'
import { actionsOf, askAt, routesOf, type Answer } from './ask'
import type { Page } from './browser'
import { openFor, type Running } from './kovit'

const HOME = '.kovit-test/door'
const SEED = 16
let kovit: Running
let driver: WebDriver
let page: Page
let dogId = ''
let visitId = ''
let bookingId = ''

openFor(HOME, async (opened) => {
  ;({ kovit, driver, page } = opened)
  const day = await (await fetch(kovit.address)).text()
  const id = (pattern: RegExp) => pattern.exec(day)?.[1] ?? 'missing'
  dogId = id(/\/dogs\/(\d+)/)
  visitId = id(/\/visits\/(\d+)\/bench/)
  bookingId = id(/\/bookings\/(\d+)\/plan/)
})

const ask = (
  method: string,
  path: string,
  headers: OutgoingHttpHeaders = {},
  body?: string | Buffer,
): Promise<Answer> => askAt(kovit.address, method, path, headers, body)
const routes = () => routesOf({ dogId, visitId, bookingId })
const writing = () => routes().filter(({ method }) => method !== 'GET')
const sentenceIn = (text: string): string =>
  (JSON.parse(text) as { problems: { sentence: string }[] }).problems[0]?.sentence ?? ''
const actions = () => actionsOf({ dogId, visitId, bookingId, householdId: '1', ownerId: '1' })

describe('who may come in', () => {
  const EVIL = { host: 'evil.example', origin: 'http://evil.example' }
  it('a name that another site points here reads and writes nothing, on any page or route', async () => {
    const pages = ['/', '/dogs', `/dogs/${dogId}`, '/kit', '/rules', '/insight', '/book', '/set-up']
    for (const { method, path } of [...pages.map((path) => ({ method: 'GET', path })), ...routes()]) {
      const { status, text } = await ask(method, path, EVIL)
      expect([path, status, text.length < 200]).toEqual([path, 421, true])
    }
  })
  it('another site sends nothing and reads nothing', async () => {
    for (const { method, path } of routes()) {
      const origin = await ask(method, path, { origin: 'http://evil.example' })
      const site = await ask(method, path, { 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'no-cors' })
      expect([path, origin.status, site.status]).toEqual([path, 403, 403])
    }
    for (const { id, path } of actions())
      expect((await ask('POST', path, { 'next-action': id, origin: 'http://evil.example' }, '[]')).status).toBe(403)
  })
  it('a link from elsewhere still leads here', async () =>
    expect((await ask('GET', '/', { 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'navigate' })).status).toBe(200))
})

describe('what is sent', () => {
  const webRss = () => {
    const pid = readFileSync(join(HOME, 'web.pid'), 'utf8').trim()
    return Number(/VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]) / 1000
  }
  /** Sends bytes without saying how many. @returns the status, or null where the line was closed before the end */
  const pour = (path: string, megabytes: number) =>
    new Promise<number | null>((done) => {
      const asking = request(kovit.address + path, { method: 'PUT', headers: { origin: kovit.address } }, (answer) => {
        answer.resume()
        done(answer.statusCode ?? 0)
      })
      asking.on('error', () => done(null))
      const part = Buffer.alloc(1_000_000, 0xff)
      const send = (left: number): void => {
        if (left === 0 || asking.destroyed) asking.end()
        else if (asking.write(part)) setImmediate(send, left - 1)
        else asking.once('drain', () => send(left - 1))
      }
      send(megabytes)
    })

  it('is refused by its length, or while it comes, and never fills the memory', async () => {
    const photo = `/visits/${visitId}/photos/00000000-0000-4000-8000-0000000000ab`
    expect((await ask('PUT', photo, { 'content-length': 3_000_001 }, Buffer.alloc(3_000_001))).status).toBe(413)
    const before = webRss()
    expect([413, null]).toContain(await pour(photo, 300))
    expect(webRss() - before).toBeLessThan(150)
    expect((await ask('GET', photo)).status).toBe(404)
  })

  it('of twenty thousand unknown keys is answered in short', async () => {
    const keys = Object.fromEntries(Array.from({ length: 20_000 }, (_, at) => [`${'k'.repeat(40)}${at}`, at]))
    for (const { method, path } of writing()) {
      const { text } = await ask(method, path, {}, JSON.stringify(keys))
      expect(text.length).toBeLessThan(10_000)
    }
  })

  const bodies = () => {
    const json = fc.jsonValue({ maxDepth: 4 }).map((value) => JSON.stringify(value))
    const known = fc.constantFrom(
      'events',
      'since',
      'planned',
      'startedMs',
      'dogId',
      'words',
      'id',
      '__proto__',
      'constructor',
    )
    const near = fc.dictionary(known, fc.jsonValue({ maxDepth: 2 })).map((value) => JSON.stringify(value))
    const proto = fc.constantFrom(
      '{"__proto__":{"ok":true}}',
      '{"constructor":{"prototype":{"ok":true}}}',
      '[[[[[[]]]]]]',
    )
    const event = fc
      .dictionary(fc.constantFrom('id', 'kind', 'atMs', 'by', 'tick', 'stage', 'undoes'), fc.jsonValue({ maxDepth: 1 }))
      .map((value) => JSON.stringify({ events: [{ id: 'x', ...value }], since: 0 }))
    const bytes = fc.uint8Array({ maxLength: 400 }).map((value) => Buffer.from(value))
    const deep = fc.nat(3000).map((depth) => '['.repeat(depth) + ']'.repeat(depth))
    const any = fc.oneof<fc.Arbitrary<string | Buffer>[]>(json, near, proto, event, bytes, deep, fc.string())
    return fc.sample(any, { numRuns: 400, seed: SEED })
  }
  const shown = async () => {
    const sent = { method: 'POST', headers: { Origin: kovit.address }, body: JSON.stringify({ events: [], since: 0 }) }
    const log = (await (await fetch(`${kovit.address}/visits/${visitId}/events`, sent)).json()) as { value: object }
    // Neither page tells the time: what stands there differs only where something was kept.
    const [dogs, trail] = await Promise.all(['/dogs', '/rules/trail'].map((path) => ask('GET', path)))
    const rows = (answer?: Answer) => (answer?.text.match(/<(tr|li)\b[\s\S]*?<\/\1>/g) ?? []).join('')
    expect(rows(trail).length).toBeGreaterThan(500)
    return JSON.stringify([{ ...log.value, nowMs: 0 }, rows(dogs), rows(trail)])
  }

  it('and is none of what a route takes gets a sentence, and changes nothing', async () => {
    const before = await shown()
    for (const { method, path } of writing())
      for (const body of bodies()) {
        const { status, text } = await ask(method, path, { 'content-type': 'application/json' }, body)
        expect(status, `${path} ${body.toString()}`).toBeLessThan(500)
        if (status >= 400) expect(sentenceIn(text), `${path} ${body.toString()}`).toMatch(/\w.*\.$/)
      }
    expect(await shown()).toBe(before)
  })
  it('to an action is refused with a sentence, never a fault', async () => {
    const some = bodies().filter((body): body is string => typeof body === 'string')
    for (const [at, { id, path, name }] of actions().entries())
      for (const body of some.slice(at * 3, at * 3 + 12)) {
        const headers = { 'next-action': id, 'content-type': 'text/plain;charset=UTF-8' }
        const { status, text } = await ask('POST', path, headers, `[${body}]`)
        expect([name, body, status < 500, text.length < 200_000]).toEqual([name, body, true, true])
      }
  })
})

describe('what a bench sends', () => {
  it('is answered before the framework, as carefully; what is odd goes on to the framework', async () => {
    const path = `/visits/${visitId}/events`
    const json = { 'content-type': 'application/json' }
    const { status, headers, text } = await ask('POST', path, json, '{"events":[]}')
    expect([status, JSON.parse(text)]).toMatchObject([200, { ok: true, value: { answers: [] } }])
    expect(headers).toMatchObject({
      'x-content-type-options': 'nosniff',
      'content-security-policy': "default-src 'none'; frame-ancestors 'none'",
      'cache-control': 'no-store',
      'content-length': String(Buffer.byteLength(text)),
    })
    // The framework says of every answer what it depends on.
    expect(headers['vary']).toBeUndefined()
    expect((await ask('POST', path, json, '{"events":')).status).toBe(400)
    expect((await ask('POST', '/visits/999999999/events', json, '{"events":[]}')).status).toBe(404)
    const other = await ask('POST', path, { ...json, 'x-kovit-house': 'another' }, '{"events":[]}')
    expect([other.status, sentenceIn(other.text)]).toEqual([409, expect.stringContaining('another house')])
    expect((await ask('POST', `${path}?since=1`, json, '{"events":[]}')).headers['vary']).toBeDefined()
  })
})

describe('what a page may run', () => {
  it('carries another number in every answer, and no script without it', async () => {
    const policies = [await ask('GET', '/'), await ask('GET', '/')].map(
      ({ headers }) =>
        String(headers['content-security-policy'])
          .split('; ')
          .find((each) => each.startsWith('script-src')) ?? '',
    )
    for (const policy of policies) expect(policy).toMatch(/^script-src 'self' 'nonce-\S+'$/)
    expect(new Set(policies).size).toBe(2)
  })
  it('keeps none of the app’s own pages from working', async () => {
    const paths = ['/', '/dogs', `/dogs/${dogId}`, `/bookings/${bookingId}/plan`, `/visits/${visitId}/bench`]
    for (const path of [...paths, '/book', '/kit', '/patterns', '/rules', '/insight', '/nothing-here']) {
      await driver.get(kovit.address + path)
      await page.until(async () => (await page.text()).length > 50)
    }
    const said = await driver.manage().logs().get(logging.Type.BROWSER)
    expect(said.map(({ message }) => message).filter((each) => /Content Security Policy|violates/.test(each))).toEqual(
      [],
    )
  })
})
