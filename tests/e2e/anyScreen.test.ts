import { readFileSync } from 'node:fs'
import type { WebDriver } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import { pagesOf, roadDayOf } from './ask'
import type { Page } from './browser'
import { SIZES, axeFaults, measure, openAlive, sizeTo, type Size } from './hand/measure'
import { openFor } from './kovit'

/** What a finger needs: 44 px as WCAG 2.2, 2.5.5 has it; at the bench, in gloves, 60 (the house's own rule). */
const DESK = { targetPx: 44, textPx: 12, still: false }
const BENCH = { targetPx: 60, textPx: 18, still: false }
const NAMES = ['dogId', 'bookingId', 'visitId', 'householdId', 'ownerId']

let driver: WebDriver
let page: Page
let house: string
let ids: Record<string, string>

const HOME = '.kovit-test/any-screen'
openFor(HOME, async (opened) => {
  ;({ driver, page } = opened)
  house = opened.kovit.address
  const day = await (await fetch(house)).text()
  const first = (pattern: RegExp) => pattern.exec(day)?.[1] ?? 'missing'
  ids = {
    dogId: first(/\/dogs\/(\d+)/),
    bookingId: first(/\/bookings\/(\d+)\/plan/),
    visitId: first(/\/visits\/(\d+)\/wrap-up/),
    householdId: '1',
    ownerId: '1',
    bench: first(/\/visits\/(\d+)\/bench/),
    roadDay: await roadDayOf(house),
  }
})

const isBench = (name: string) => name.endsWith('/bench')
const pathOf = (name: string) => name.replace(/\[(\w+)\]/g, (_, id: string) => ids[id] ?? 'missing')
const leastFor = (name: string, size: Size) => (isBench(name) ? { ...BENCH, still: size !== 'phone' } : DESK)

/** Every page of the app by its file, so that a new one is looked at as well, the bench of a dog that is on it, and the other ways to look at a day. */
const PAGES = [
  ...pagesOf(Object.fromEntries(NAMES.map((id) => [id, `[${id}]`]))).map(({ name }) => name),
  '/visits/[bench]/bench',
  '/?by=hands',
  '/?by=rehearse',
  '/?by=road&day=[roadDay]',
  // Nothing is booked there, and there is no such page.
  '/?day=2020-01-05',
  '/no-such-page',
]

describe.each(Object.keys(SIZES) as Size[])('on a %s', (size) => {
  it.each(PAGES)('%s is for an eye and a finger', async (name) => {
    await sizeTo(driver, size)
    await openAlive(driver, house + pathOf(name))
    expect(await measure(driver, leastFor(name, size))).toEqual([])
    if (size !== 'tablet') expect(await axeFaults(driver)).toEqual([])
  })

  it.each<[string, string, () => Promise<void>]>([
    ['the keys', '/', () => page.key('?')],
    ['what is found', '/', () => page.key('/')],
    ['who is at the table', '/', () => page.click("//button[contains(@aria-label, 'at the table')]")],
    ['a booking', '/book', () => page.click('//li[@data-day]//button[@data-life]')],
    ['a free stretch', '/book', () => page.click("//li[@data-day]//button[contains(., 'free')]")],
    [
      'a piece of the day',
      '/?by=hands',
      () => page.click("//section[@aria-label='The day by hands']//button[not(@disabled)]"),
    ],
    ['a visit to book', '/dogs/[dogId]', () => page.press('Book a visit')],
    ['a note at the bench', '/visits/[bench]/bench', () => page.press('Note')],
    ['a finding at the bench', '/visits/[bench]/bench', () => page.press('Finding')],
    ['a zone at the bench', '/visits/[bench]/bench', () => page.click("(//main//*[name()='g'][@role='button'])[1]")],
  ])('%s, over the page, too', async (_, name, open) => {
    await sizeTo(driver, size)
    await openAlive(driver, house + pathOf(name))
    await open()
    await page.until(() =>
      driver.executeScript<boolean>(
        `return [...document.querySelectorAll('[role=dialog], dialog[open], [class*=panel]')].some((each) =>
          each.checkVisibility({ opacityProperty: true }) && each.getBoundingClientRect().height > 40)`,
      ),
    )
    expect(await measure(driver, { ...leastFor(name, size), still: false })).toEqual([])
  })
})

it('a free stretch of the book keeps its name and the width of a finger, be it the shortest', async () => {
  await sizeTo(driver, 'tablet')
  await openAlive(driver, `${house}/book`)
  const shortened = await driver.executeScript<number>(
    `const free = [...document.querySelectorAll('li[data-day] button')].filter((each) => each.textContent.includes(' free'))
     free.forEach((each) => (each.style.width = '39px'))
     return free.length`,
  )
  expect(shortened).toBeGreaterThan(0)
  expect(await measure(driver, DESK)).toEqual([])
  expect(await axeFaults(driver)).toEqual([])
})

it('every stage of a groom is seen in one look on a desk and a tablet, and reads well on a phone', async () => {
  await sizeTo(driver, 'desk')
  await driver.get(house)
  await page.press('Nettle')
  await page.press('Start on the bench')
  await page.sees('Start Arrive')
  const faults: string[] = []
  for (let words = await page.mainAction(); words !== 'Wrap up'; words = await page.mainAction()) {
    for (const size of Object.keys(SIZES) as Size[]) {
      await sizeTo(driver, size)
      const found = await measure(driver, leastFor('/bench', size))
      faults.push(...found.map((each) => `${words}, ${size}: ${each}`))
    }
    if (!words.startsWith('Sending')) await page.pressMain()
    await page.until(async () => (await page.mainAction()) !== words)
  }
  expect(faults).toEqual([])
})

it.each(['/', '/book', '/dogs', '/kit', '/rules', '/bookings/[bookingId]/plan', '/visits/[bench]/bench'])(
  '%s at twice its size on a desk',
  async (name) => {
    await sizeTo(driver, 'desk', 2)
    await openAlive(driver, house + pathOf(name))
    expect(await measure(driver, leastFor(name, 'phone'))).toEqual([])
  },
)

it('nothing that these pages asked for was answered with a fault', () => {
  const faults = readFileSync(`${HOME}/web.log`, 'utf8')
    .split('\n')
    .filter((line) => line.startsWith('⨯'))
  // A page that is left while it sends ends its own question.
  expect(faults.filter((line) => line !== '⨯ Error: aborted')).toEqual([])
})
