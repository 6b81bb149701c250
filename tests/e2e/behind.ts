import { By } from 'selenium-webdriver'
import type { Driver as ChromeDriver } from 'selenium-webdriver/chrome'
import { afterAll } from 'vitest'
import { PageProxy } from '../faults/proxy'
import { openFor, type Opened } from './kovit'

/** A page behind a way that can fail, and what its honest line says. */
export interface Behind extends Opened {
  proxy: PageProxy
  /** The network goes and comes: for the page by the driver, and for the service worker, which the driver does not reach, on the way. */
  network: (offline: boolean) => Promise<void>
  /** Until the honest line says this. */
  says: (words: string | RegExp) => Promise<void>
}

/** As openFor, with a proxy in front of the pages. */
export function openBehind(home: string, tell: (behind: Behind) => void): void {
  let proxy: PageProxy
  openFor(home, async (opened) => {
    const { kovit, driver, page } = opened
    proxy = await PageProxy.start(() => Number(new URL(kovit.address).port))
    const line = async () => (await driver.findElement(By.css('[role=status]'))).getText()
    tell({
      ...opened,
      proxy,
      network: async (offline) => {
        if (offline) proxy.cut()
        else proxy.trouble = { kind: 'none' }
        const as = { offline, latency: 0, download_throughput: -1, upload_throughput: -1 }
        await (driver as ChromeDriver).setNetworkConditions(as as never)
      },
      says: (words) =>
        page.until(
          async () => (typeof words === 'string' ? (await line()).includes(words) : words.test(await line())),
          `not said: ${words}`,
        ),
    })
  })
  afterAll(() => proxy.stop())
}
