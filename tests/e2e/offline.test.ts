import { By } from 'selenium-webdriver'
import { beforeAll, describe, expect, it } from 'vitest'
import { openBehind, type Behind } from './behind'

let { driver, page, kovit, proxy, network, says: sees } = {} as Behind
openBehind('.kovit-test/offline', (behind) => ({ driver, page, kovit, proxy, network, says: sees } = behind))

const stage = async () => (await driver.findElement(By.css('[aria-label="This stage"] h1'))).getText()
const keptPages = () =>
  driver.executeAsyncScript<string[]>(
    `const done = arguments[0]; caches.open('kovit-pages').then((cache) => cache.keys()).then((keys) => done(keys.map(({ url }) => new URL(url).pathname)))`,
  )

describe('a bench without a network', () => {
  let booking = ''
  beforeAll(async () => {
    await driver.get(proxy.address)
    await page.sees('to come')
    // The last of the day: a dog that nobody has to sign for.
    const last = await page.find(`(//section[@aria-label="The day's dogs"]//a[contains(@href, '/plan')])[last()]`)
    booking = String(await last.getAttribute('href')).replace('/plan', '')
  })

  it('today’s and tomorrow’s pages are on the device before they are needed', async () => {
    const bench = `${new URL(booking).pathname}/bench`
    await driver.get(proxy.address)
    await page.until(async () => (await keptPages()).includes(bench), 'the bench was not kept')
    await sees('All sent')
  })

  it('a groom that was not begun opens, begins and goes on; reloaded, everything is there', async () => {
    await network(true)
    await driver.get(`${booking}/bench`)
    await sees(/Offline since \d\d:\d\d/)
    await page.press('Start Arrive')
    await page.until(async () => (await stage()) === 'Arrive')
    await page.press('Note')
    await page.press('Calmer than last time')
    await sees(/2 notes wait/)
    await driver.navigate().refresh()
    await page.sees('Calmer than last time')
    expect(await stage()).toBe('Arrive')
    await sees(/Offline since .* 2 notes wait/)
  })

  it('Day opens too, and says as of when it is', async () => {
    await driver.get(proxy.address)
    await page.sees('This page is as of')
    await sees(/2 notes wait/)
    await driver.get(`${booking}/bench`)
  })

  it('the whole groom is done without a network, and stands in the books when it is back', async () => {
    for (let pressed = 0; pressed < 80; pressed++) {
      const words = await page.mainAction()
      if (/^Sending|^Wrap up|owner signs/.test(words)) break
      await page.pressMain()
      await page.until(async () => (await page.mainAction()) !== words)
    }
    await page.mainActionIs('Sending the last notes first')
    await network(false)
    await sees('All sent')
    await page.press('Wrap up')
    await page.sees('Wrap up')
    await page.sees('Calmer than last time')
  })

  it('what a page noted that never heard the house, and cannot send, goes from the page beside it', async () => {
    await driver.get(proxy.address)
    await page.sees('in the house')
    const [bench = ''] = (await driver.getPageSource()).match(/\/visits\/\d+\/bench/) ?? []
    await page.until(async () => (await keptPages()).includes(bench), 'the bench was not kept')
    await network(true)
    await driver.get(proxy.address + bench)
    await sees(/Offline since/)
    await page.press('Note')
    await page.type('//textarea', 'noted in a tab that sleeps')
    await page.press('Keep the note')
    await sees(/1 note waits/)
    // As a tab that the browser puts to sleep: it keeps its locks, and no request of it ever goes.
    await driver.executeScript('window.fetch = () => new Promise(() => {})')
    await network(false)
    await driver.switchTo().newWindow('tab')
    await driver.get(proxy.address + bench)
    const log = kovit.address + bench.replace('bench', 'log')
    const isThere = async () => (await (await fetch(log)).text()).includes('noted in a tab that sleeps')
    // It waits for the sleeper's lock, hears the house, and gives the sleeper its time besides.
    await driver.wait(isThere, 180_000, 'it was not sent')
    await sees('All sent')
  })
})
