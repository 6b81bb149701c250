import type { Driver as ChromeDriver } from 'selenium-webdriver/chrome'
import { openBrowser } from '../tests/e2e/browser'
import { SIZES, sizeTo, type Size } from '../tests/e2e/hand/measure'
import { pathsOf } from './bench-pages'

/** A page whose jumps add up to less is good. Source: published (web.dev, Cumulative Layout Shift). */
export const GOOD_JUMP = 0.1
/** So long after it was asked for a page has settled, ms. */
const SETTLED_MS = 2500

/** Runs before the page's own scripts: adds up how far its parts jump without being touched. */
const ADD_UP = `window.jumps = 0
  new PerformanceObserver((list) => {
    for (const jump of list.getEntries()) if (!jump.hadRecentInput) window.jumps += jump.value
  }).observe({ type: 'layout-shift', buffered: true })`

/** How far the parts of each page jump while it opens, on a desk, a tablet and a phone: the share of the screen times the way. */
export async function jumpsOf(address: string): Promise<{ what: string; size: Size; jump: number }[]> {
  const pages = await pathsOf(address)
  const driver = await openBrowser()
  try {
    await (driver as ChromeDriver).sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', { source: ADD_UP })
    const jumps = []
    for (const size of Object.keys(SIZES) as Size[]) {
      await sizeTo(driver, size)
      for (const { what, path } of pages) {
        await driver.get(address + path)
        await driver.sleep(SETTLED_MS)
        jumps.push({ what, size, jump: await driver.executeScript<number>('return window.jumps') })
      }
    }
    return jumps
  } finally {
    await driver.quit()
  }
}
