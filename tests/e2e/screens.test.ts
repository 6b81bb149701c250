import { By, Key, type WebDriver } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import type { Page } from './browser'
import { firstLoadKb } from './firstLoad'
import { openFor, type Opened, type Running } from './kovit'

const HOME = '.kovit-test/screens'
let kovit: Running
let driver: WebDriver
let page: Page
let paths: Record<
  'day' | 'dogs' | 'dog' | 'plan' | 'bench' | 'wrapUp' | 'kit' | 'patterns' | 'card' | 'sheet' | 'trail',
  string
>

openFor(HOME, findPaths, [820, 1180])

/** The pages of the demo, found as a person would: from the day. */
async function findPaths(opened: Opened): Promise<void> {
  ;({ kovit, driver, page } = opened)
  const day = await (await fetch(kovit.address)).text()
  const found = (pattern: RegExp) => pattern.exec(day)?.[0] ?? 'missing'
  paths = {
    day: '/',
    dogs: '/dogs',
    dog: found(/\/dogs\/\d+/),
    plan: found(/\/bookings\/\d+\/plan/),
    bench: found(/\/visits\/\d+\/bench/),
    wrapUp: found(/\/visits\/\d+\/wrap-up/),
    kit: '/kit',
    patterns: '/patterns',
    card: '/dogs/7/card',
    sheet: '/dogs/7/card/print',
    trail: '/rules/trail',
  }
}

const open = (path: string) => driver.get(kovit.address + path)

describe('a first look', () => {
  it('brings a day under 300 kB of script, and a bench under 350', async () => {
    expect(await firstLoadKb(kovit.address, paths.day)).toBeLessThan(300)
    expect(await firstLoadKb(kovit.address, paths.bench)).toBeLessThan(350)
  })
})

describe('the bench on a tablet', () => {
  it('has targets of 56 px and more, and text of 18 px and more', async () => {
    await open(paths.bench)
    const targets = (await driver.executeScript(
      "return [...document.querySelectorAll('footer button')].map((each) => each.getBoundingClientRect().height)",
    )) as number[]
    expect(Math.min(...targets)).toBeGreaterThanOrEqual(56)
    const small = (await driver.executeScript(
      "return [...document.querySelectorAll('main p, main button, main h1, main a')].filter((each) => each.innerText && each.getBoundingClientRect().width > 2 && parseFloat(getComputedStyle(each).fontSize) < 18).map((each) => each.innerText)",
    )) as string[]
    expect(small).toEqual([])
  })

  it('fits its width: nothing is cut off at the side', async () => {
    const [wide, room] = (await driver.executeScript(
      'return [document.documentElement.scrollWidth, window.innerWidth]',
    )) as [number, number]
    expect(wide).toBeLessThanOrEqual(room)
  })

  it('keeps Undo leftmost and the main action full width', async () => {
    const boxes = (await driver.executeScript(
      "return [...document.querySelectorAll('footer button')].map((each) => [each.innerText, each.getBoundingClientRect().left, each.getBoundingClientRect().width])",
    )) as [string, number, number][]
    expect(boxes[0]?.[0]).toBe('Undo')
    expect(Math.min(...boxes.map(([, left]) => left))).toBe(boxes[0]?.[1])
    expect(boxes.at(-1)?.[2]).toBeGreaterThan(700)
  })
})

describe('every page', () => {
  it('has one heading of the first rank, a main part, a language and a title', async () => {
    for (const path of Object.values(paths)) {
      await open(path)
      await page.until(async () => (await driver.findElements(By.css('h1'))).length > 0)
      const [headings, mains, language, title] = (await driver.executeScript(
        "return [document.querySelectorAll('h1').length, document.querySelectorAll('main').length, document.documentElement.lang, document.title]",
      )) as [number, number, string, string]
      expect([path, headings, mains, language]).toEqual([path, 1, 1, 'en'])
      expect(title).toMatch(/Kovit$/)
    }
  })

  it('names every button, link, field and picture', async () => {
    for (const path of Object.values(paths)) {
      await open(path)
      const nameless = (await driver.executeScript(
        "return [...document.querySelectorAll('button, a, svg[role=img], svg[role=group], textarea')].filter((each) => !(each.innerText || '').trim() && !each.getAttribute('aria-label') && !each.closest('label') && !each.labels?.length && !each.getAttribute('aria-hidden') && each.getAttribute('type') !== 'hidden').map((each) => each.outerHTML.slice(0, 120))",
      )) as string[]
      expect([path, nameless]).toEqual([path, []])
    }
  })

  it('carries sane headers and asks nobody else for anything', async () => {
    const { headers } = await fetch(kovit.address)
    expect(headers.get('content-security-policy')).toContain("frame-ancestors 'none'")
    expect(headers.get('x-content-type-options')).toBe('nosniff')
    expect(headers.get('x-powered-by')).toBeNull()
    await open(paths.plan)
    const asked = (await driver.executeScript(
      "return performance.getEntriesByType('resource').map(({ name }) => new URL(name).origin)",
    )) as string[]
    expect(new Set(asked)).toEqual(new Set([kovit.address]))
  })
})

describe('finding one’s way', () => {
  it('a day without dogs says so and leads on', async () => {
    await open('/?day=2020-01-01')
    await page.sees('Nothing was booked on this day')
    await page.press('Today')
    await page.sees('in the house')
    await open('/?day=2099-01-01')
    await page.sees('Nothing is booked on this day')
    await page.press('Book a dog')
    await page.until(async () => (await driver.getCurrentUrl()).endsWith('/dogs'))
  })
  it('a day that does not exist is today', async () => {
    await open('/?day=2027-02-30')
    await page.sees('2 home, 2 in the house, 2 to come')
  })
  it('books a visit with the slot that the dog’s own plan asks for', async () => {
    await open(paths.dog)
    await page.press('Book a visit')
    await page.bookAndPlan()
    await page.sees('to be done by')
    expect(Number(/(\d+) %\s+to be done by/.exec(await page.text())?.[1])).toBeGreaterThanOrEqual(85)
  })
  it('says so when the times that fit do not come; a time of one’s own can be booked all the same', async () => {
    await open(paths.dog)
    await driver.executeScript(
      `const ask = window.fetch
      window.fetch = (to, ...rest) => String(to).includes('/book/times') ? Promise.reject(new TypeError('gone')) : ask(to, ...rest)`,
    )
    await page.press('Book a visit')
    await page.sees('The house does not answer now')
    const main = await page.find("//button[normalize-space(.)='Book and plan']")
    expect(await main.isEnabled()).toBe(true)
    await page.press('Not now')
  })
  it('says whom the groomer has at that time already, and books it all the same when asked again', async () => {
    // When Wren has Hobnob today: the time that is proposed would be a free one.
    await open('/book')
    const hobnob = () =>
      driver.executeScript<[string, string] | null>(
        `const slot = document.querySelector('button[data-life][aria-label^=Hobnob]')
        return slot && [slot.closest('[data-line]').dataset.line, slot.getAttribute('aria-label')]`,
      )
    await page.until(async () => (await hobnob()) !== null)
    const [line, label] = (await hobnob()) ?? ['', '']
    const [day, staffId] = line.split(' ')
    await open(`/dogs/8?book=${day}T${/, (\d\d:\d\d) to/.exec(label)?.[1]}&with=${staffId}`)
    await page.press('Book and plan')
    await page.sees('Choose another time, or book it anyway.')
    expect(await page.text()).toMatch(/Wren has .*\w+ from \d\d:\d\d to \d\d:\d\d.* then; this groom takes \d+ min\./)
    await page.press('Book it anyway')
    await page.sees('Plan for Clover')
  })
  it('the weeks slider grows the coat: the figure and the outline change, and it says what comes', async () => {
    await open(paths.dog)
    const seen = () =>
      driver.executeScript(
        "const map = document.querySelector('svg[role=group]'); return [map.textContent, map.querySelector('path[id$=shape]').getAttribute('d')]",
      ) as Promise<[string, string]>
    const [figures, outline] = await seen()
    await driver.executeScript("document.querySelector('input[type=range]').focus()")
    for (let week = 0; week < 4; week++) await page.key(Key.ARROW_RIGHT)
    await page.sees('In 4 weeks')
    await page.until(async () => (await seen())[1] !== outline)
    const [later, grown] = await seen()
    expect(later).not.toBe(figures)
    expect(grown).not.toBe(outline)
    await page.sees('the visor reaches the eye')
  })

  it('looks at the dog from every side; each view draws another outline', async () => {
    const outline = () =>
      driver.executeScript(
        "return document.querySelector('svg[role=group] path[id$=shape]').getAttribute('d')",
      ) as Promise<string>
    const seen = new Set<string>()
    for (const view of ['Front', 'Rear', 'Above', 'Face', 'Side']) {
      await page.press(view)
      await page.until(async () => !seen.has(await outline()))
      seen.add(await outline())
    }
    expect(seen.size).toBe(5)
  })
})
