import { spawn, type ChildProcess } from 'node:child_process'
import { rmSync } from 'node:fs'
import { Builder, By, until, type WebDriver, type WebElement } from 'selenium-webdriver'
import { Options, ServiceBuilder } from 'selenium-webdriver/chrome'
import { afterAll, beforeAll } from 'vitest'

const READY_MS = 170_000
const FIND_MS = 15_000

export interface Running {
  address: string
  words: () => string
  child: ChildProcess
  ended: Promise<number | null>
}

/** Starts Kovit the way a groomer does, on a home and port of its own; resolves when it says where it is open. */
export function startKovit(home: string, env: Record<string, string> = {}, args: string[] = []): Promise<Running> {
  const child = spawn(process.execPath, ['scripts/start.mjs', ...args], {
    env: { ...process.env, KOVIT_HOME: home, KOVIT_DATABASE_URL: undefined, NODE_ENV: 'production', ...env },
  })
  let said = ''
  const ended = new Promise<number | null>((done) => child.on('exit', done))
  return new Promise((ready, failed) => {
    const timer = setTimeout(() => failed(new Error(`Kovit did not start in time:\n${said}`)), READY_MS)
    const hear = (data: Buffer) => {
      said += String(data)
      const address = /open at (http:\S+)/.exec(said)?.[1]
      if (!address) return
      clearTimeout(timer)
      ready({ address, child, ended, words: () => said })
    }
    child.stdout?.on('data', hear)
    child.stderr?.on('data', hear)
    void ended.then((code) => failed(new Error(`Kovit ended with ${code}:\n${said}`)))
  })
}

export async function stopKovit(running: Running | undefined): Promise<number | null> {
  running?.child.kill('SIGTERM')
  return running ? running.ended : null
}

/** A real browser with nothing kept from before. */
export function openBrowser(width = 1280, height = 900): Promise<WebDriver> {
  const options = new Options()
  options.setChromeBinaryPath('/usr/bin/chromium')
  options.addArguments('--headless', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync', `--window-size=${width},${height}`) // prettier-ignore
  return new Builder().forBrowser('chrome').setChromeOptions(options).setChromeService(new ServiceBuilder('/usr/bin/chromedriver')).build() // prettier-ignore
}

/** Words of a page as a person finds them. */
export class Page {
  constructor(readonly driver: WebDriver) {}

  find(xpath: string): Promise<WebElement> {
    return Promise.resolve(this.driver.wait(until.elementLocated(By.xpath(xpath)), FIND_MS, `not found: ${xpath}`))
  }
  /** Presses a button or link by its words as soon as it takes a press. */
  async press(name: string): Promise<void> {
    const quoted = name.includes("'") ? `"${name}"` : `'${name}'`
    const pressed = async () => {
      const element = await this.find(`//*[self::button or self::a][normalize-space(.)=${quoted}]`)
      await this.driver.executeScript('arguments[0].scrollIntoView({block: "center"})', element)
      return element.click().then(
        () => true,
        () => false,
      )
    }
    await this.driver.wait(pressed, FIND_MS, `cannot press ${name}`)
  }
  async sees(text: string): Promise<void> {
    const shows = async () => (await this.text()).includes(text)
    await this.driver.wait(shows, FIND_MS).catch(async () => {
      throw new Error(`"${text}" is not on the page:\n${(await this.text()).slice(0, 1500)}`)
    })
  }
  async text(): Promise<string> {
    return String(await this.driver.executeScript('return document.body.innerText'))
  }
  key(keys: string): Promise<void> {
    return this.driver.actions().sendKeys(keys).perform()
  }
  /** The card on the plan: zone, tool and length of every row. */
  async card(): Promise<Map<string, { tool: string; lengthMm: number; changed: boolean }>> {
    const rows = (await this.driver.executeScript(
      `return [...document.querySelectorAll('tr[data-zone]')].map((row) => [row.dataset.zone, row.cells[1].innerText.trim(), Number(row.querySelector('[data-length]').dataset.length), row.dataset.changed === 'true'])`,
    )) as [string, string, number, boolean][]
    return new Map(rows.map(([zone, tool, lengthMm, changed]) => [zone, { tool, lengthMm, changed }]))
  }
}

export interface Opened {
  kovit: Running
  driver: WebDriver
  page: Page
}

/** Starts Kovit on a fresh home with a browser before the tests of a file, and ends both after them. */
export function openFor(
  home: string,
  tell: (opened: Opened) => unknown,
  size: readonly [number, number] = [1280, 900],
): void {
  let opened: Partial<Opened> = {}
  beforeAll(async () => {
    rmSync(home, { recursive: true, force: true })
    const kovit = await startKovit(home)
    opened = { kovit }
    const driver = await openBrowser(...size)
    opened = { kovit, driver }
    await tell({ kovit, driver, page: new Page(driver) })
  })
  afterAll(async () => {
    await opened.driver?.quit()
    await stopKovit(opened.kovit)
  })
}
