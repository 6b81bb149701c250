import { Builder, By, until, type WebDriver, type WebElement } from 'selenium-webdriver'
import { Options, ServiceBuilder } from 'selenium-webdriver/chrome'

const FIND_MS = 15_000

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
