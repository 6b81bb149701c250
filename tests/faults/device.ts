import { By, type WebDriver } from 'selenium-webdriver'
import type { Driver as ChromeDriver } from 'selenium-webdriver/chrome'
import { VisitEvent } from '@/core/visit'
import { openBrowser } from '../e2e/browser'
import type { TapKind } from './schedule'

/** What lies in the browser's own database for one bench. */
export interface OnDevice {
  outbox: VisitEvent[]
  log: VisitEvent[]
  aside: VisitEvent[]
}
interface Rows {
  outbox: unknown[]
  log: unknown[]
  aside: unknown[]
}

/** Read past the app: the rows themselves. */
const READ = `
const [bench, done] = arguments
indexedDB.databases().then((all) => {
  const name = all.map(({ name }) => name).find((each) => each.startsWith('kovit '))
  if (!name) return done({ outbox: [], log: [], aside: [] })
  const asked = indexedDB.open(name)
  asked.onerror = () => done({ outbox: [], log: [], aside: [] })
  asked.onsuccess = () => {
    const database = asked.result
    if (!database.objectStoreNames.contains('outbox')) { database.close(); return done({ outbox: [], log: [], aside: [] }) }
    const reading = database.transaction(['outbox', 'log', 'aside'])
    const rows = {}
    for (const store of ['outbox', 'log', 'aside']) {
      const got = reading.objectStore(store).index('byBench').getAll(bench)
      got.onsuccess = () => (rows[store] = got.result.map(({ event }) => event))
    }
    reading.oncomplete = () => { database.close(); done(rows) }
  }
})`

/** A device whose clock can be moved: what it shows is the real time and a shift. */
const CLOCK = `(() => {
  const RealDate = Date
  const shift = () => { try { return Number(localStorage.getItem('faults.shift') || 0) } catch { return 0 } }
  window.Date = class extends RealDate {
    constructor(...of) { if (of.length === 0) super(RealDate.now() + shift()); else super(...of) }
    static now() { return RealDate.now() + shift() }
  }
})()`

const pause = (ms: number) => new Promise((done) => setTimeout(done, ms))
const KEPT_MS = 6000

/** A browser of its own: one device. */
export class Device {
  private constructor(
    readonly name: string,
    private readonly driver: WebDriver,
  ) {}
  private bench = ''
  private visitId = 0

  static async open(name: string): Promise<Device> {
    const device = new Device(name, await openBrowser(1280, 900))
    await device.driver.manage().setTimeouts({ script: 20_000, pageLoad: 45_000 })
    await device.dress()
    return device
  }

  private dress(): Promise<unknown> {
    return (this.driver as ChromeDriver).sendAndGetDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
      source: CLOCK,
    })
  }

  async openBench(address: string, visitId: number): Promise<void> {
    this.bench = `${address}/visits/${visitId}/bench`
    this.visitId = visitId
    await this.load()
  }

  /** Until the bench stands there: from the server, or as it is kept. */
  private async load(): Promise<void> {
    let why = ''
    for (let tries = 0; tries < 40; tries++) {
      await this.driver.get(this.bench).catch((error: Error) => (why = error.message))
      const isThere = (await this.driver.getCurrentUrl()) === this.bench
      if (isThere && (await this.driver.findElements(By.css('main[data-stage]'))).length > 0) return
      await pause(500)
    }
    throw new Error(`${this.name}: the bench does not open: ${why}`)
  }

  quit(): Promise<void> {
    return this.driver.quit()
  }

  async network(offline: boolean): Promise<void> {
    const as = { offline, latency: 0, download_throughput: -1, upload_throughput: -1 }
    await (this.driver as ChromeDriver).setNetworkConditions(as as never)
  }

  shiftClock(min: number): Promise<unknown> {
    return this.driver.executeScript(`localStorage.setItem('faults.shift', arguments[0])`, min * 60_000)
  }

  async rows(): Promise<OnDevice> {
    const rows = await this.driver.executeAsyncScript<Rows>(READ, `visit ${this.visitId}`)
    const read = (list: unknown[] = []) => list.map((each) => VisitEvent.parse(each))
    return { outbox: read(rows.outbox), log: read(rows.log), aside: read(rows.aside) }
  }

  /** @returns whether there was something to tap */
  async tap(kind: TapKind): Promise<boolean> {
    const press = (find: string) =>
      this.driver.executeScript<boolean>(
        `const button = (() => { ${find} })(); if (!button || button.disabled) return false; button.click(); return true`,
      )
    const footer = (nth: number) => `return document.querySelectorAll('footer button')[${nth}]`
    if (kind === 'undo') return press(footer(0))
    if (kind === 'pause') return press(footer(3))
    if (kind === 'note') {
      // Opening the notes writes nothing: where a fault takes the page away before they are open, nothing was tapped.
      if (!(await press(footer(1)))) return false
      const until = Date.now() + KEPT_MS
      while (Date.now() < until) {
        if (await press(`return document.querySelector('[role=dialog] button')`)) return true
        await pause(15)
      }
      return false
    }
    const main = await this.driver.executeScript<string>(
      `return document.querySelector('footer button:last-child').innerText`,
    )
    return /^Wrap up|^Sending/.test(main) ? false : press(footer(4))
  }

  /** Taps and waits until it is kept. @returns the new events; none where there was nothing to tap or the device could not keep it */
  async tapKept(kind: TapKind, seen: ReadonlySet<string>): Promise<VisitEvent[]> {
    if (!(await this.tap(kind))) return []
    const until = Date.now() + KEPT_MS
    while (Date.now() < until) {
      const fresh = await this.fresh(seen)
      if (fresh.length > 0) return fresh
      await pause(15)
    }
    return []
  }

  /** Events of this device that were not seen before. */
  async fresh(seen: ReadonlySet<string>): Promise<VisitEvent[]> {
    const { outbox, log, aside } = await this.rows()
    const fresh = [...outbox, ...log, ...aside].filter(({ id, device }) => !seen.has(id) && device === this.id)
    return [...new Map(fresh.map((event) => [event.id, event])).values()]
  }

  private known = ''
  get id(): string {
    return this.known
  }
  async learnId(): Promise<void> {
    const read = () => this.driver.executeScript<string | null>(`return localStorage.getItem('kovit.device')`)
    await this.driver.wait(async () => (this.known = (await read()) ?? '') !== '', KEPT_MS)
  }

  /** Taps and ends the tab at once, in the middle of the write or of the sending; then the bench is opened anew. */
  async killTab(kind: TapKind): Promise<void> {
    const old = await this.driver.getWindowHandle()
    await this.driver.switchTo().newWindow('tab')
    const fresh = await this.driver.getWindowHandle()
    await this.driver.switchTo().window(old)
    await this.tap(kind).catch(() => false)
    await this.driver.close()
    await this.driver.switchTo().window(fresh)
    await this.dress()
    await this.load()
  }

  /** A second tab of the same bench; taps go to the newest. */
  async secondTab(): Promise<void> {
    await this.driver.switchTo().newWindow('tab')
    await this.dress()
    await this.load()
  }

  /** Goes on in the other tab. */
  async otherTab(): Promise<void> {
    const handles = await this.driver.getAllWindowHandles()
    const here = await this.driver.getWindowHandle()
    const other = handles.find((each) => each !== here)
    if (other) await this.driver.switchTo().window(other)
  }

  async oneTab(): Promise<void> {
    const here = await this.driver.getWindowHandle()
    for (const handle of await this.driver.getAllWindowHandles()) {
      if (handle === here) continue
      await this.driver.switchTo().window(handle)
      await this.driver.close()
    }
    await this.driver.switchTo().window(here)
  }

  /** Has the browser look for a newer app, as it does now and then by itself. */
  lookForNewer(): Promise<unknown> {
    return this.driver.executeAsyncScript(
      `const done = arguments[0]; navigator.serviceWorker.getRegistration().then((there) => there && there.update()).then(() => done(), () => done())`,
    )
  }

  /** What the screen says: the stage, and the honest line. */
  shown(): Promise<{ stage: string | null; line: string }> {
    return this.driver.executeScript(
      `return { stage: document.querySelector('main').dataset.stage, line: document.querySelector('[role=status]').innerText }`,
    )
  }
}
