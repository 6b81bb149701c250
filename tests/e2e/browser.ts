import { Builder, By, error, until, type WebDriver, type WebElement } from 'selenium-webdriver'
import { Options, ServiceBuilder, type Driver as ChromeDriver } from 'selenium-webdriver/chrome'

/** A busy machine may take this long to draw a page; nothing in the tests waits for less. */
const FIND_MS = 60_000

/** A real browser with nothing kept from before. */
export function openBrowser(
  width = 1280,
  height = 900,
  { args = [], env = {} }: { args?: string[]; env?: Record<string, string> } = {},
): Promise<WebDriver> {
  const options = new Options()
  options.setChromeBinaryPath('/usr/bin/chromium')
  options.addArguments(
    '--headless',
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    `--window-size=${width},${height}`,
    ...args,
  )
  return new Builder()
    .forBrowser('chrome')
    .setChromeOptions(options)
    .setChromeService(
      new ServiceBuilder('/usr/bin/chromedriver').setEnvironment({
        ...(process.env as Record<string, string>),
        ...env,
      }),
    )
    .build()
}

/** What a browser answers of an object in a page and of what listens to it. */
interface Asked {
  result?: { objectId?: string }
  listeners?: { type: string }[]
}

/** Words of a page as a person finds them. */
export class Page {
  constructor(readonly driver: WebDriver) {}

  find(xpath: string): Promise<WebElement> {
    return Promise.resolve(this.driver.wait(until.elementLocated(By.xpath(xpath)), FIND_MS, `not found: ${xpath}`))
  }
  /** Waits until something holds; an element drawn anew between finding and reading it is only not there yet. */
  async until(holds: () => Promise<boolean>, orSays?: string): Promise<void> {
    const settled = () =>
      holds().catch((thrown: unknown) => {
        if (thrown instanceof error.StaleElementReferenceError) return false
        throw thrown
      })
    await this.driver.wait(settled, FIND_MS, orSays)
  }
  /** A page is drawn before it hears: a link leads on by itself, a button that is pressed too soon does nothing. */
  private hears(element: WebElement): Promise<boolean> {
    return this.driver.executeScript<boolean>(
      'return arguments[0].closest("a") !== null || Object.keys(arguments[0]).some((key) => key.startsWith("__react"))',
      element,
    )
  }
  /** Clicks as soon as it takes a click. */
  async click(xpath: string): Promise<void> {
    const clicked = async () => {
      const element = await this.find(xpath)
      if (!(await element.isEnabled()) || !(await this.hears(element))) return false
      await this.driver.executeScript('arguments[0].scrollIntoView({block: "center"})', element)
      return element.click().then(
        () => true,
        () => false,
      )
    }
    await this.until(clicked, `cannot click ${xpath}`)
  }
  /** Presses a button or link by its words. */
  press(name: string): Promise<void> {
    const quoted = name.includes("'") ? `"${name}"` : `'${name}'`
    return this.click(`//*[self::button or self::a][normalize-space(.)=${quoted}]`)
  }
  /** Types into a field; one drawn anew in between is found again. */
  async type(xpath: string, ...keys: string[]): Promise<void> {
    await this.until(async () => {
      await (await this.find(xpath)).sendKeys(...keys)
      return true
    }, `cannot type into ${xpath}`)
  }
  /** Gives the page a file, as soon as it hears. */
  async giveFile(path: string): Promise<void> {
    const input = "//input[@type='file']"
    await this.until(async () => this.hears(await this.find(input)))
    await (await this.find(input)).sendKeys(path)
  }
  async valueOf(xpath: string): Promise<string> {
    return String(await (await this.find(xpath)).getAttribute('value'))
  }
  /** Books at the time that is proposed, also where the groomer has another dog. */
  async bookAndPlan(): Promise<void> {
    await this.press('Book and plan')
    await this.until(async () => /Plan for|book it anyway/.test(await this.text()))
    if ((await this.text()).includes('book it anyway')) await this.press('Book it anyway')
    await this.sees('Plan for')
  }
  /** Opens the plan of a dog's next groom as a person finds it. @returns its address */
  async planOf(house: string, dog: string): Promise<string> {
    await this.driver.get(`${house}/dogs`)
    const file = await this.find(`//a[.//b[text()='${dog}']]`)
    await this.driver.get(String(await file.getAttribute('href')))
    await this.press('Plan this groom')
    await this.sees(`Plan for ${dog}`)
    return this.driver.getCurrentUrl()
  }
  /** What the bench's main action says. */
  async mainAction(): Promise<string> {
    return String(
      await this.driver.executeScript("return document.querySelector('footer button:last-child')?.innerText ?? ''"),
    )
  }
  /** Waits until the main action says this: it follows what is noted. */
  mainActionIs(words: string): Promise<void> {
    return this.until(async () => (await this.mainAction()) === words, `the main action is not "${words}"`)
  }
  pressMain(): Promise<void> {
    return this.click('(//footer//button)[last()]')
  }
  async sees(text: string): Promise<void> {
    const shows = async () => (await this.text()).includes(text)
    await this.until(shows).catch(async () => {
      throw new Error(`"${text}" is not on the page:\n${(await this.text()).slice(0, 1500)}`)
    })
  }
  async text(): Promise<string> {
    return String(await this.driver.executeScript('return document.body.innerText'))
  }
  /** Presses a key as soon as the page hears one: before it is alive a key that is pressed is nobody's. */
  async key(keys: string): Promise<void> {
    await this.until(() => this.hearsKeys(), 'the page hears no keys')
    await this.driver.actions().sendKeys(keys).perform()
  }
  private async hearsKeys(): Promise<boolean> {
    const ask = (command: string, params: object) =>
      (this.driver as ChromeDriver).sendAndGetDevToolsCommand(command, params) as unknown as Promise<Asked>
    const { result } = await ask('Runtime.evaluate', { expression: 'window' })
    const { listeners } = await ask('DOMDebugger.getEventListeners', { objectId: result?.objectId })
    return listeners?.some(({ type }) => type === 'keydown') ?? false
  }
  /** Goes through what is left of a groom on the bench, and on to its wrap-up. */
  async wrapUp(): Promise<void> {
    for (let pressed = 0; pressed < 80; pressed++) {
      const words = await this.mainAction()
      if (words === 'Wrap up') break
      // While the last notes are sent the action changes by itself: a press meant for it would be the next one's.
      if (!words.startsWith('Sending')) await this.pressMain()
      await this.until(async () => (await this.mainAction()) !== words)
    }
    await this.press('Wrap up')
  }
  /** The card on the plan: zone, tool and length of every row. */
  async card(): Promise<Map<string, { tool: string; lengthMm: number; changed: boolean }>> {
    const rows = (await this.driver.executeScript(
      `return [...document.querySelectorAll('tr[data-zone]')].map((row) => [row.dataset.zone, row.cells[1].innerText.trim(), Number(row.querySelector('[data-length]').dataset.length), row.dataset.changed === 'true'])`,
    )) as [string, string, number, boolean][]
    return new Map(rows.map(([zone, tool, lengthMm, changed]) => [zone, { tool, lengthMm, changed }]))
  }
}
