import { readFileSync } from 'node:fs'
import type { WebDriver } from 'selenium-webdriver'
import type { Driver as ChromeDriver } from 'selenium-webdriver/chrome'
import { weakLines } from './contrast'
import * as inPage from './inPage'
import type { Least, Line } from './inPage'

export const SIZES = { phone: [390, 844], tablet: [820, 1180], desk: [1280, 800] } as const
export type Size = keyof typeof SIZES

const IN_PAGE = Object.values(inPage).map(String).join('\n')
const MOST_LOOKS = 40
/** A drawing that has stayed narrower than it says over so many looks is squeezed for good. */
const STILL_LOOKS = 5
/** Which drawings are not as wide as they say they are, and how wide. */
const MISFITS = `return [...document.querySelectorAll('svg[width]')].map((each, at) => {
  const { width } = each.getBoundingClientRect()
  return width === 0 || Math.abs(width - each.width.baseVal.value) < 1.5 ? '' : at + ' ' + width + '; '
}).join('')`
const ALIVE_MS = 60_000
const AXE = readFileSync('node_modules/axe-core/axe.min.js', 'utf8')

/** Makes the window one of the three, as a device does: the page itself is that large. */
export async function sizeTo(driver: WebDriver, size: Size, zoom = 1): Promise<void> {
  const [width, height] = SIZES[size]
  await resize(driver, Math.round(width / zoom), Math.round(height / zoom))
}

/** What is wrong with the page that is open, to an eye and a finger; empty when nothing is. */
export async function measure(driver: WebDriver, least: Least): Promise<string[]> {
  const faults = await stays(driver, () => driver.executeScript(`${IN_PAGE}\nreturn faultsHere(arguments[0])`, least))
  return [...faults, ...(await asHighAsItIs(driver, () => stays(driver, () => weak(driver))))]
}

/** A drawing is drawn anew after its place has changed: what looks wrong is looked at again until it stays so. */
async function stays(driver: WebDriver, look: () => Promise<string[]>): Promise<string[]> {
  let found = await look()
  for (let looked = 1; found.length > 0 && looked < MOST_LOOKS; looked++) {
    await driver.sleep(300)
    found = await look()
  }
  return found
}

async function weak(driver: WebDriver): Promise<string[]> {
  const lines = await driver.executeScript<Line[]>(`${IN_PAGE}\nreturn linesHere()`)
  return [...new Set(await weakLines(await picture(driver), lines))]
}

/** Does something on a screen that shows the whole page at once, so that nothing lies under what is fixed to its edge. */
export async function asHighAsItIs<T>(driver: WebDriver, look: () => Promise<T>): Promise<T> {
  const [width = 0, height = 0, pageHeight = 0] = await driver.executeScript<number[]>(
    'return [innerWidth, innerHeight, document.documentElement.scrollHeight]',
  )
  await resize(driver, width, Math.max(height, pageHeight))
  const seen = await look()
  await resize(driver, width, height)
  return seen
}

/**
 * What axe-core finds against WCAG 2.2 A and AA, and its best practice. A name that tells more than the words seen, such
 * as a callout's millimetres for mm, begins with a word of them: who says that word to the machine is understood (2.5.3).
 * How far a finger reaches is asked of the page itself (`targetFaults`): the checker goes by boxes, also of
 * what is clipped away.
 */
export async function axeFaults(driver: WebDriver): Promise<string[]> {
  await driver.executeScript(`${AXE}\nwindow.axe = axe`)
  return driver.executeAsyncScript<string[]>(`const done = arguments[0]
    const TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']
    const seen = (named) => (named.innerText || named.textContent || '').toLowerCase()
    const beginsSeen = (named) => seen(named).includes((named.getAttribute('aria-label') || '').toLowerCase().split(/[ ,.]/)[0])
    axe.run(document, { runOnly: TAGS, rules: { 'target-size': { enabled: false } } }).then(
      ({ violations }) => done(violations.flatMap(({ id, nodes }) => nodes.filter(({ target }) => id !== 'label-content-name-mismatch' || !beginsSeen(document.querySelector(target[0]))).map(({ target, failureSummary }) => id + ': ' + target.join(' ') + ' ' + (failureSummary || '').split('\\n')[1]))),
      (thrown) => done([String(thrown)]))`)
}

/** What the screen shows, as a picture. */
export async function picture(driver: WebDriver): Promise<Buffer> {
  const taken = (await command(driver, 'Page.captureScreenshot', {})) as { data: string }
  return Buffer.from(taken.data, 'base64')
}

const resize = (driver: WebDriver, width: number, height: number) =>
  command(driver, 'Emulation.setDeviceMetricsOverride', { width, height, deviceScaleFactor: 1, mobile: false })

const command = (driver: WebDriver, name: string, params: object): Promise<unknown> =>
  (driver as ChromeDriver).sendAndGetDevToolsCommand(name, params)

/** Opens a page and waits until it answers to a hand: React has taken over what the server drew. */
export async function openAlive(driver: WebDriver, address: string): Promise<void> {
  await driver.get(address)
  await driver.wait(
    () =>
      driver.executeScript<boolean>(
        `const first = document.querySelector('main button, main a, main input')
        return document.fonts.status === 'loaded' && (!first || Object.keys(first).some((key) => key.startsWith('__react')))`,
      ),
    ALIVE_MS,
    `${address} does not come alive`,
  )
  await driver.executeAsyncScript('requestAnimationFrame(() => requestAnimationFrame(arguments[0]))')
  await settled(driver)
}

/** A drawing learns how wide its place is a moment later. One that never does is a fault that the measure finds. */
async function settled(driver: WebDriver): Promise<void> {
  let [before, still] = ['', 0]
  for (let looked = 0; looked < MOST_LOOKS && still < STILL_LOOKS; looked++) {
    const misfits = await driver.executeScript<string>(MISFITS)
    if (misfits === '') return
    still = misfits === before ? still + 1 : 0
    before = misfits
    await driver.sleep(300)
  }
}
