import { execFileSync } from 'node:child_process'
import { mkdirSync, rmSync } from 'node:fs'
import type { OutgoingHttpHeaders } from 'node:http'
import { join, resolve } from 'node:path'
import { Key, type WebDriver } from 'selenium-webdriver'
import type { Driver as ChromeDriver } from 'selenium-webdriver/chrome'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { RIGHTS, mayDo, type Right } from '@/core/rights'
import { ensurePrograms } from '../../scripts/lib/install.mjs'
import { freePort } from '../../scripts/lib/mariadb.mjs'
import { actionsOf, askAt, pagesOf, routesOf } from './ask'
import { Page, openBrowser } from './browser'
import { endKovit, openFor, startKovit, type Running } from './kovit'
import { ACTIONS, PAGES, ROUTES } from './wanted'

const HOME = '.kovit-test/table'
const NAME = 'kovit.example'
const sharePort = String(await freePort())
let kovit: Running
let driver: WebDriver
let page: Page
const ids: Record<string, string> = {}

openFor(
  HOME,
  async (opened) => {
    ;({ kovit, driver, page } = opened)
    const day = await (await fetch(kovit.address)).text()
    const id = (pattern: RegExp) => pattern.exec(day)?.[1] ?? 'missing'
    Object.assign(ids, {
      dogId: id(/\/dogs\/(\d+)/),
      visitId: id(/\/visits\/(\d+)\/bench/),
      bookingId: id(/\/bookings\/(\d+)\/plan/),
      householdId: '1',
      ownerId: '1',
    })
  },
  [820, 1180],
  { env: { KOVIT_SHARE_PORT: sharePort }, args: [`--share=${NAME}`] },
)

interface Person {
  name: string
  who: Parameters<typeof mayDo>[0]
  headers: OutgoingHttpHeaders
}

const OUTSIDE = { host: NAME, origin: `https://${NAME}`, 'x-kovit-outside': '1' }
const cookiesOf = (set: string[] | undefined) => (set ?? []).map((each) => each.split(';')[0]).join('; ')
const act = (name: string, body: string, headers: OutgoingHttpHeaders = {}) => {
  const action = actionsOf(ids).find((each) => each.name === name)
  const sent = { 'next-action': action?.id, 'content-type': 'text/plain', ...headers }
  return askAt(kovit.address, 'POST', action?.path ?? '/', sent, body)
}
/** Everybody of the demo, each signed in as a browser would be. */
async function people(): Promise<Person[]> {
  const said = [
    { name: 'Wren', who: { owner: true, role: 'groomer' } },
    { name: 'Ansel', who: { owner: false, role: 'groomer' } },
    { name: 'Jory', who: { owner: false, role: 'bather' } },
    { name: 'Linnet', who: { owner: false, role: 'front desk' } },
  ] as const
  return Promise.all(
    said.map(async (each, at) => {
      const { headers } = await act('takeTable', `[{"staffId":${at + 1}}]`)
      return { ...each, headers: { cookie: cookiesOf(headers['set-cookie']) } }
    }),
  )
}

const NOT_THEIRS = 'This is not for'
const SIGN_IN_FIRST = 'Nobody is signed in here.'

describe('what who may do', () => {
  it('is said of every action and every route, and of nothing that is not there', () => {
    expect(
      actionsOf()
        .map(({ name }) => name)
        .sort(),
    ).toEqual(Object.keys(ACTIONS).sort())
    expect(
      routesOf(ids)
        .map(({ method, name }) => `${method} ${name}`)
        .sort(),
    ).toEqual(Object.keys(ROUTES).sort())
    const names = pagesOf(ids).map(({ name }) => name)
    for (const name of Object.keys(PAGES)) expect(names).toContain(name)
    expect(
      Object.keys(RIGHTS).filter(
        (right) => !Object.values({ ...ACTIONS, ...ROUTES, ...PAGES }).includes(right as Right),
      ),
    ).toEqual(['figures'])
  })

  it('holds for every action and each of the house', async () => {
    for (const { name: who, who: someone, headers } of await people())
      for (const [name, right] of Object.entries(ACTIONS)) {
        const { status, text } = await act(name, '[null]', headers)
        const barred = right !== 'anybody' && !mayDo(someone, right)
        expect([who, name, status, text.includes(NOT_THEIRS), text.includes(SIGN_IN_FIRST)]).toEqual([
          who,
          name,
          200,
          barred,
          false,
        ])
      }
  })

  it('holds for every route and each of the house', async () => {
    for (const { name: who, who: someone, headers } of await people())
      for (const { method, name, path } of routesOf(ids).filter((each) => each.name !== '/visits/[visitId]/news')) {
        const { status, text } = await askAt(kovit.address, method, path, headers, method === 'GET' ? undefined : 'x')
        const right = ROUTES[`${method} ${name}`] ?? 'anybody'
        const barred = right !== 'anybody' && !mayDo(someone, right)
        expect([who, name, status === 403, text.includes(NOT_THEIRS)]).toEqual([who, name, barred, barred])
      }
  })

  it('holds for every page and each of the house', async () => {
    for (const { name: who, who: someone, headers } of await people())
      for (const { name, path } of pagesOf(ids)) {
        const { status, text } = await askAt(kovit.address, 'GET', path, headers)
        const right = PAGES[name]
        const barred = right !== undefined && !mayDo(someone, right)
        expect([who, name, status < 400, text.includes(NOT_THEIRS)]).toEqual([who, name, true, barred])
      }
  })

  it('lets nobody from the house’s network do anything, nor who shows something old', async () => {
    const old = [{}, { cookie: `__Host-kovit-in-00000000=${'x'.repeat(43)}` }, { cookie: 'kovit-in=; kovit-device=' }]
    for (const cookie of old) {
      const headers = { ...OUTSIDE, ...cookie }
      for (const [name, right] of Object.entries(ACTIONS)) {
        const { text } = await act(name, '[null]', headers)
        expect([name, text.includes(SIGN_IN_FIRST)]).toEqual([name, right !== 'anybody'])
      }
      for (const { method, name, path } of routesOf(ids)) {
        const { status } = await askAt(kovit.address, method, path, headers, method === 'GET' ? undefined : '{}')
        expect([name, status === 401]).toEqual([name, ROUTES[`${method} ${name}`] !== 'anybody'])
      }
      for (const { name, path } of pagesOf(ids)) {
        const { status, text } = await askAt(kovit.address, 'GET', path, headers)
        // A page that is sent bit by bit has its first words out before it knows: then it leads on by itself.
        const leadsOn = status === 307 || (status === 200 && text.includes('/sign-in'))
        expect([name, leadsOn || name === '/sign-in', /Tern Harbour|Quill|Ottoline/.test(text)]).toEqual([
          name,
          true,
          false,
        ])
      }
    }
  })

  it('takes nothing for the book of another house', async () => {
    for (const { method, name, path } of routesOf(ids).filter(({ method }) => method !== 'GET')) {
      const { status } = await askAt(kovit.address, method, path, { 'x-kovit-house': 'another' }, '{}')
      expect([name, status]).toEqual([name, 409])
    }
  })

  it('names nobody in a deed but who is signed in', async () => {
    const [, ansel] = await people()
    const asked = JSON.stringify([{ stage: 'wash', words: 'The left tap runs hot today.', by: 'Wren' }])
    expect((await act('addCaution', asked, ansel?.headers)).text).toContain('"ok":true')
    const rules = (await askAt(kovit.address, 'GET', '/rules', ansel?.headers)).text
    expect(/The left tap runs hot today\.[\s\S]{0,80}Ansel/.test(rules)).toBe(true)
  })
})

describe('the demo', () => {
  const stands = (name: string) => page.find(`//button[contains(@aria-label, '${name}, at the table')]`)
  const change = async (from: string, to: string) => {
    await page.click(`//button[contains(@aria-label, '${from}, at the table')]`)
    await page.click(`//dialog//button[.//b[.='${to}']]`)
    await stands(to)
  }
  it('opens without a passphrase as a named person, and says so', async () => {
    await driver.get(kovit.address)
    await page.sees('as Wren')
    await page.sees('Demo')
  })
  it('changes hands in two taps, on the bench and without leaving the dog; what is noted then is theirs', async () => {
    const bench = `${kovit.address}/visits/${ids.visitId}/bench`
    await driver.get(bench)
    const action = await page.mainAction()
    await change('Wren', 'Jory')
    expect([await driver.getCurrentUrl(), await page.mainAction()]).toEqual([bench, action])
    await page.key('n')
    await page.type('//textarea', 'the left ear is warm')
    await page.press('Keep the note')
    await page.sees('the left ear is warm')
    await page.until(async () => {
      await driver.get(bench.replace('bench', 'log'))
      return (await page.text()).includes('the left ear is warm')
    })
    expect(await page.text()).toMatch(/Jory[\s\S]{0,200}the left ear is warm|the left ear is warm[\s\S]{0,200}Jory/)
  })
  it('offers nobody what they may not do', async () => {
    await driver.get(`${kovit.address}/rules`)
    await page.sees('What who may do here')
    expect(await page.text()).not.toContain('Add person')
    await driver.get(`${kovit.address}/dogs`)
    await page.sees('Quill')
    expect(await page.text()).not.toContain('Take in a dog')
    await change('Jory', 'Linnet')
    await driver.get(`${kovit.address}/visits/${ids.visitId}/bench`)
    await page.sees('This is not for the front desk')
    await change('Linnet', 'Wren')
    await page.find('//footer//button')
    await driver.get(`${kovit.address}/rules`)
    await page.sees('Add person')
  })
})

describe('another screen of the house', () => {
  let tablet: WebDriver
  let there: Page
  beforeAll(async () => {
    await ensurePrograms({ certutil: 'libnss3-tools' })
    // The tablet trusts the certificate of the house, as its page says to do: nothing else is done to let it in.
    const home = resolve(HOME, 'tablet')
    const store = join(home, '.pki/nssdb')
    mkdirSync(store, { recursive: true })
    const certutil = (...args: string[]) => execFileSync('certutil', ['-d', `sql:${store}`, ...args])
    certutil('-N', '--empty-password')
    certutil('-A', '-t', 'C,,', '-n', 'kovit', '-i', join(HOME, 'house.crt'))
    tablet = await openBrowser(820, 1180, {
      args: [`--host-resolver-rules=MAP ${NAME} 127.0.0.1`],
      env: { HOME: home },
    })
    there = new Page(tablet)
  })
  afterAll(() => tablet?.quit())
  const away = (offline: boolean) => {
    const as = { offline, latency: 0, download_throughput: -1, upload_throughput: -1 }
    return (tablet as ChromeDriver).setNetworkConditions(as as never)
  }

  it('is shown the way by text and picture, and given a code', async () => {
    await driver.get(`${kovit.address}/rules/devices`)
    await page.sees(`https://${NAME}:${sharePort}`)
    await page.find(`//*[@role='img'][contains(@aria-label, 'https://${NAME}:${sharePort}')]`)
    await page.type("//input[@placeholder='tub tablet']", 'tub tablet')
    await page.click("//button[normalize-space(.)='Let a device in']")
    await page.sees('Type it on tub tablet.')
  })
  it('comes in by that code alone, and is asked who is at its table', async () => {
    await tablet.get(`https://${NAME}:${sharePort}/`)
    await there.sees('A new device')
    expect(await there.text()).not.toContain('Tern Harbour')
    await there.type('//input', '1234 5678')
    await there.press('Let this device in')
    await there.sees('This code lets nobody in')
    const code = /\d{4} \d{4}/.exec(await page.text())?.[0] ?? ''
    await there.type('//input', Key.chord(Key.CONTROL, 'a'), code)
    await there.press('Let this device in')
    await there.sees('Who is at the table?')
    await there.click("//button[.//b[.='Jory']]")
    await there.sees('as Jory')
    await page.sees('tub tablet')
  })
  it('has all that the bench needs: ids, the camera, the service worker', async () => {
    const has = await tablet.executeAsyncScript(
      `const done = arguments[0]
       navigator.serviceWorker.ready.then(
         ({ active }) => done([isSecureContext, crypto.randomUUID().length, 'getUserMedia' in navigator.mediaDevices, active !== null]),
         (error) => done(String(error)))`,
    )
    expect(has).toEqual([true, 36, true, true])
    await tablet.get(`https://${NAME}:${sharePort}/visits/${ids.visitId}/bench`)
    await there.key('n')
    await there.type('//textarea', 'noted on the tablet')
    await there.press('Keep the note')
    await there.sees('noted on the tablet')
    await there.sees('All sent')
  })
  it('is out as soon as it is turned off, and what it then notes is kept on it', async () => {
    // It hears of it as soon as it asks: what is noted before that is noted without a network here.
    await away(true)
    await driver.get(`${kovit.address}/rules/devices`)
    await page.press('Turn off')
    await page.sees('turned off')
    await there.key('n')
    await there.type('//textarea', 'noted after that')
    await there.press('Keep the note')
    await there.sees('noted after that')
    await away(false)
    await there.sees('Who is at the table?')
    await there.sees('1 note waits')
    const bench = await tablet.getCurrentUrl()
    await tablet.get(bench)
    await there.sees('A new device')
    // What is kept for a time without a network is the bench, and not the way to sign in.
    const kept = await tablet.executeAsyncScript(
      `const [url, done] = arguments
       caches.match(url).then(async (page) => done(page && [page.status, (await page.text()).includes('Quill')]), (error) => done(String(error)))`,
      bench,
    )
    expect(kept).toEqual([200, true])
  })
})

describe('a book of one’s own', () => {
  const OWN = '.kovit-test/table-own'
  const PASSPHRASE = 'gulls over the ropewalk'
  let own: Running
  const labelled = (label: string) => `//label[starts-with(normalize-space(.), '${label}')]//input`
  const pin = async (figures: string) => {
    for (const figure of figures) await page.click(`//div[@aria-label='Figures']//button[.='${figure}']`)
  }
  beforeAll(async () => {
    rmSync(OWN, { recursive: true, force: true })
    own = await startKovit(OWN, {}, ['--own'])
  })
  afterAll(() => endKovit(own, OWN))

  it('lets nobody in before the house is somebody’s, and then nobody without a passphrase', async () => {
    await driver.get(own.address)
    await page.type(labelled('Name of the house'), 'Slip and Shear')
    await page.type(labelled('Your name'), 'Wren')
    await page.type(labelled('A passphrase'), PASSPHRASE)
    await page.press('Open the book')
    await page.until(async () => (await driver.getCurrentUrl()).endsWith('step=opening'))
    await driver.get(`${own.address}/you`)
    await page.press('Sign out')
    await page.sees('Who is at the table?')
    await driver.get(`${own.address}/dogs`)
    await page.type(labelled('Name'), 'Wren')
    await page.type(labelled('Passphrase'), 'gulls over the harbour')
    await page.press('Sign in')
    await page.sees('do not belong together')
    await page.type(labelled('Passphrase'), Key.chord(Key.CONTROL, 'a'), PASSPHRASE)
    await page.press('Sign in')
    await page.until(async () => (await driver.getCurrentUrl()) === `${own.address}/dogs`)
  })
  it('makes this screen a device, on which people change by four figures', async () => {
    await driver.get(`${own.address}/you`)
    await page.type(labelled('Your passphrase of now'), PASSPHRASE)
    await page.type(labelled('A PIN'), '8352')
    await page.press('Keep')
    await page.sees('Kept.')
    await driver.get(`${own.address}/rules/devices`)
    await page.type("//input[@placeholder='tub tablet']", 'window table')
    await page.press('It is this very screen')
    await page.sees('this one')
    await driver.get(`${own.address}/rules`)
    await page.type("//input[@aria-label='Name of who is new']", 'Jory', Key.ENTER)
    await page.click("//p[b='Jory']//button[.='Change']")
    await page.press('Give Jory a code')
    await page.sees('Jory presses their name')
    const code = /\d{4} \d{4}/.exec(await page.text())?.[0] ?? ''
    await page.click("//button[contains(@aria-label, 'Wren, at the table')]")
    await page.click("//dialog//button[.//b[.='Jory']]")
    await page.type('//dialog' + labelled('Code'), code)
    await page.type('//dialog' + labelled('Your PIN'), '1234')
    await page.press('Keep and go on')
    await page.sees('That one is tried first.')
    await page.type('//dialog' + labelled('Your PIN'), Key.chord(Key.CONTROL, 'a'), '9061')
    await page.press('Keep and go on')
    await page.find("//button[contains(@aria-label, 'Jory, at the table')]")
  })
  it('asks for the figures of who was away, and not of who was there a moment ago', async () => {
    await page.click("//button[contains(@aria-label, 'Jory, at the table')]")
    await page.click("//dialog//button[.//b[.='Wren']]")
    await page.find("//button[contains(@aria-label, 'Wren, at the table')]")
    await page.click("//button[contains(@aria-label, 'Wren, at the table')]")
    await page.press('Sign Wren out')
    await page.until(async () => (await driver.getCurrentUrl()).endsWith('/sign-in'))
    await page.click("//button[.//b[.='Wren']]")
    await pin('1470')
    await page.sees('These are not the four figures.')
    await pin('8352')
    await page.find("//button[contains(@aria-label, 'Wren, at the table')]")
  })
  it('asks again after a rest, over the page as it stands', async () => {
    await driver.get(`${own.address}/rules`)
    await page.type("//input[@aria-label='Name of who is new']", 'Perrin')
    // The page's clock jumps ahead, as if nobody had touched it for an hour and a bit.
    await driver.executeScript('const now = Date.now; Date.now = () => now() + 61 * 60_000')
    await page.sees('Say who goes on.')
    await page.key(Key.ESCAPE)
    // Nothing opens over a table that is locked.
    await page.key('/')
    await page.key(Key.chord(Key.CONTROL, 'k'))
    expect(
      await driver.executeScript("return [...document.querySelectorAll('dialog')].map((each) => each.ariaLabel)"),
    ).toEqual(['Who is at the table?'])
    await page.click("//dialog//button[.//b[.='Wren']]")
    await page.until(async () => !(await page.text()).includes('Say who goes on.'))
    expect(await page.valueOf("//input[@aria-label='Name of who is new']")).toBe('Perrin')
  })
  it('gives a forgotten passphrase anew at the machine, and ends what was signed in', async () => {
    const said = execFileSync(process.execPath, ['scripts/passphrase.mjs', 'Wren'], {
      env: { ...process.env, KOVIT_HOME: OWN },
      encoding: 'utf8',
    })
    const words = /\n {2}(\S+ \S+ \S+ \S+ \S+)\n/.exec(said)?.[1] ?? ''
    await driver.get(`${own.address}/rules`)
    await page.press('Sign in with a passphrase')
    await page.type(labelled('Name'), 'Wren')
    await page.type(labelled('Passphrase'), words)
    await page.press('Sign in')
    await page.sees('The house')
  })
})
