import type { WebDriver } from 'selenium-webdriver'
import type { Driver as ChromeDriver } from 'selenium-webdriver/chrome'
import { openBrowser } from '../tests/e2e/browser'

const EVENTS = 500
const TAPS = 60
const OFFLINE = { offline: true, latency: 0, download_throughput: -1, upload_throughput: -1 } as never

/** Runs in the page: puts as many notes beside the bench, past the app, as a very long groom has. */
const FILL = `
  const [count, visitId, done] = arguments
  indexedDB.databases().then((all) => {
    const opening = indexedDB.open(all.map(({ name }) => name).find((each) => each.startsWith('kovit ')))
    opening.onsuccess = () => {
      const writing = opening.result.transaction('outbox', 'readwrite')
      for (let nth = 0; nth < count; nth++) {
        const id = crypto.randomUUID()
        const event = { id, kind: 'note', words: 'note ' + nth, stage: null, atMs: Date.now() - count + nth, by: 'Wren' }
        writing.objectStore('outbox').put({ id, bench: 'visit ' + visitId, event, page: '', steady: { ms: 0, era: 0 } })
      }
      writing.oncomplete = () => { opening.result.close(); done() }
    }
  })`

/** Runs in the page: pauses and goes on; ms from the tap until the other word is painted. */
const TAP = `
  const [taps, done] = arguments
  const button = () => document.querySelectorAll('footer button')[3]
  const took = []
  const tap = () => {
    if (took.length === taps) return done(took)
    const [before, from] = [button().innerText, performance.now()]
    const watch = new MutationObserver(() => {
      if (button().innerText === before) return
      watch.disconnect()
      requestAnimationFrame(() => requestAnimationFrame(() => { took.push(performance.now() - from); setTimeout(tap, 50) }))
    })
    watch.observe(document.querySelector('footer'), { subtree: true, childList: true, characterData: true })
    button().click()
  }
  tap()`

async function fill(driver: WebDriver, visitId: string): Promise<void> {
  await driver.executeAsyncScript(FILL, EVENTS, visitId)
  await driver.wait(
    async () => /5\d\d notes wait/.test(String(await driver.executeScript('return document.body.innerText'))),
    30_000,
  )
}

/** Taps on a bench with 500 events that wait, without a network: ms from tap to painted. Nothing of it is sent. */
export async function tapsOnBench(address: string, bench: string): Promise<number[]> {
  const driver = await openBrowser()
  try {
    await driver.manage().setTimeouts({ script: 120_000 })
    await driver.get(address + bench)
    await driver.sleep(2000)
    await (driver as ChromeDriver).setNetworkConditions(OFFLINE)
    await fill(driver, /\d+/.exec(bench)?.[0] ?? '')
    return (await driver.executeAsyncScript<number[]>(TAP, TAPS)).slice(5)
  } finally {
    await driver.quit()
  }
}
