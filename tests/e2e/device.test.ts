import { By } from 'selenium-webdriver'
import type { Driver as ChromeDriver } from 'selenium-webdriver/chrome'
import { describe, expect, it } from 'vitest'
import { openBehind, type Behind } from './behind'
import { onDevice } from './onDevice'

let { driver, page, kovit, proxy, says: sees } = {} as Behind
openBehind('.kovit-test/device', (behind) => ({ driver, page, kovit, proxy, says: sees } = behind))

/** The dogs that are on the bench in the demo, by the order of the day: Quill first. */
let benches: string[] = []
const toBench = async (nth: number) => {
  await driver.get(proxy.address)
  await page.sees('in the house')
  benches = [...new Set((await driver.getPageSource()).match(/\/visits\/\d+\/bench/g))]
  await driver.get(`${proxy.address}${benches[nth]}`)
  await sees('All sent')
}
const stage = async () => (await driver.findElement(By.css('[aria-label="This stage"] h1'))).getText()
/** What the page has asked the server for so far. */
const asked = () =>
  driver.executeScript<string>(`return performance.getEntriesByType('resource').map(({ name }) => name).join(' ')`)
const note = async (words: string) => {
  await page.press('Note')
  await page.type('//textarea', words)
  await page.press('Keep the note')
}

/** What was noted is on its way when the page is left: the log is read until it is there. */
const logSays = (nth: number, words: string) =>
  page.until(async () => {
    await driver.get(`${proxy.address}${benches[nth]?.replace('bench', 'log')}`)
    return (await page.text()).includes(words)
  }, `the log does not say "${words}"`)

// First of all: a browser that is driven never stops a worker that has rested for 30 s, and then takes no newer one.
describe('a newer app', () => {
  const waits = () =>
    driver.executeAsyncScript<boolean>(`
      const done = arguments[0]
      navigator.serviceWorker.getRegistration().then((there) => there.update().then(() => done(there.waiting !== null)))`)
  const mark = () => driver.executeScript(`window.stillHere = true`)
  const isStillHere = () => driver.executeScript<boolean>(`return window.stillHere === true`)

  it('waits while a groom is under way, and is taken between dogs', async () => {
    await toBench(0)
    await mark()
    proxy.version++
    await page.until(waits, 'the newer app was not seen')
    await driver.sleep(1000)
    expect([await isStillHere(), await waits()]).toEqual([true, true])
    await driver.get(`${proxy.address}/kit`)
    await page.until(async () => !(await waits()), 'the newer app was not taken')
  })
})

describe('a groom that is begun while the house is slow to answer', () => {
  it('stays as it was tapped, and every tap reaches the books', async () => {
    await driver.get(proxy.address)
    await page.sees('to come')
    const plan = (await driver.getPageSource()).match(/\/bookings\/\d+(?=\/plan)/)?.[0]
    await driver.get(`${proxy.address}${plan}/bench`)
    await page.sees('Start Arrive')
    // Each stage that was on the page for a moment, were it only for one frame.
    await driver.executeScript(`
      window.stages = []
      new MutationObserver(() => {
        const { stage } = document.querySelector('main').dataset
        if (window.stages.at(-1) !== stage) window.stages.push(stage)
      }).observe(document.body, { subtree: true, childList: true, attributes: true })`)
    proxy.trouble = { kind: 'late', ms: 3000 }
    await page.press('Start Arrive')
    await page.press('Pause')
    await page.press('Go on')
    await note('calm at the door')
    await sees('4 notes wait')
    await page.until(async () => /visits/.test(await asked()), 'it was not begun')
    proxy.trouble = { kind: 'none' }
    await sees('All sent')
    await page.sees('calm at the door')
    const seen = await driver.executeScript<string[]>('return window.stages')
    expect(seen.slice(seen.indexOf('arrive'))).toEqual(['arrive'])
    expect(await onDevice(driver, 'outbox.getAll()')).toEqual([])
    await driver.get(`${proxy.address}${plan}/bench`)
    await page.sees('calm at the door')
    expect(await stage()).toBe('Arrive')
  })
})

describe('a tap while the page still reads what was kept before', () => {
  it('stays on the page: an old reading takes nothing off again', async () => {
    await toBench(0)
    // Pictures are held twice: a reading that has its notes already waits for the first, one begun later for the second.
    await driver.executeAsyncScript(
      `const [visit, done] = arguments
      window.held = [true, true]
      indexedDB.databases().then((all) => {
        const { name } = all.find((each) => each.name.startsWith('kovit '))
        const opening = indexedDB.open(name)
        opening.onsuccess = () => {
          const hold = (nth) => {
            const photos = opening.result.transaction('photos', 'readwrite').objectStore('photos')
            const on = () => (photos.count().onsuccess = () => window.held[nth] && on())
            on()
          }
          hold(0)
          new BroadcastChannel('kovit.kept').postMessage({ house: name.slice('kovit '.length), bench: 'visit ' + visit })
          setTimeout(() => {
            hold(1)
            done()
          }, 500)
        }
      })`,
      /\d+/.exec(benches[0] ?? '')?.[0],
    )
    await note('tapped meanwhile')
    await page.sees('tapped meanwhile')
    await driver.executeScript('window.held[0] = false')
    await driver.sleep(1000)
    expect(await page.text()).toContain('tapped meanwhile')
    await driver.executeScript('window.held[1] = false')
    await sees('All sent')
    expect(await page.text()).toContain('tapped meanwhile')
  })
})

describe('what was tapped wrong', () => {
  it('a note on the wrong dog’s bench is taken back there, and stands on the right one', async () => {
    await toBench(0)
    await note('a burr behind the ear')
    await page.sees('a burr behind the ear')
    await page.press('Mend')
    await page.click("//label[contains(., 'a burr behind the ear')]/input")
    await page.click("//button[starts-with(normalize-space(.), 'It was ')]")
    await page.until(async () => !(await page.text()).includes('a burr behind the ear'))
    await sees('All sent')
    await page.key('1')
    await page.until(async () => (await driver.getCurrentUrl()).endsWith(benches[1] ?? ''))
    await page.sees('a burr behind the ear')
  })
  it('the log keeps both, line by line: what was taken back, and from whose bench it came', async () => {
    await logSays(0, 'Note: a burr behind the ear, taken back')
    await logSays(1, 'by mistake')
  })
  it('a stage that was forgotten is put in, with its own minutes', async () => {
    await toBench(0)
    await page.press('Mend')
    await page.click("//select[@aria-label='What was not tapped']/option[text()='Bow or bandana' or position()=last()]")
    // Both from one moment: a minute that turned between them would make it five.
    const nowMs = Date.now()
    const clock = (minAgo: number) => `new Date(${nowMs} - ${minAgo} * 60000).toTimeString().slice(0, 5)`
    const set = (nth: number, minAgo: number) =>
      driver.executeScript(`
        const input = document.querySelectorAll('input[type=time]')[${nth}]
        Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(input, ${clock(minAgo)})
        input.dispatchEvent(new Event('input', { bubbles: true }))`)
    await set(0, 6)
    await set(1, 2)
    await page.press('Put it in')
    await sees('All sent')
    await logSays(0, 'put in afterwards, 4 min')
  })
})

describe('a sender that hangs', () => {
  it('holds nobody up: what is noted after it is sent all the same', async () => {
    await toBench(1)
    // The lock that this page takes to send is held for good, as by a tab that hangs.
    await driver.executeAsyncScript(
      `const [visit, done] = arguments
      indexedDB.databases().then((all) => {
        const house = all.map(({ name }) => name).find((name) => name.startsWith('kovit ')).slice('kovit '.length)
        navigator.locks.request('kovit.send.' + house + '.visit ' + visit, () => new Promise(() => done()))
      })`,
      /\d+/.exec(benches[1] ?? '')?.[0],
    )
    await note('a sender hangs')
    await page.sees('a sender hangs')
    await sees('All sent')
  })
  it('nor do locks that never answer: the browser then sends without them', async () => {
    await toBench(1)
    await driver.executeScript(
      `const silent = () => new Promise(() => {})
      navigator.locks.request = silent
      navigator.locks.query = silent`,
    )
    await note('the locks are silent')
    const log = `${kovit.address}${benches[1]?.replace('bench', 'log')}`
    await page.until(async () => (await (await fetch(log)).text()).includes('the locks are silent'), 'it was not sent')
  })
})

describe('what the books do not take', () => {
  it('a visit wrapped up on another screen: the late note stands aside, and is sent as one', async () => {
    await toBench(1)
    proxy.trouble = { kind: 'fault-500' }
    await note('found after the close')
    await sees('1 note waits')
    const visit = Number(/\d+/.exec(benches[1] ?? '')?.[0])
    await fetch(`${kovit.address}/visits/${visit}/events`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', Origin: kovit.address },
      body: JSON.stringify({ events: [{ id: crypto.randomUUID(), kind: 'finished', atMs: Date.now(), by: 'Ansel' }] }),
    })
    const first = await driver.getWindowHandle()
    await driver.switchTo().newWindow('tab')
    await driver.get(`${kovit.address}/visits/${visit}/wrap-up`)
    await page.press('Keep the card and close')
    await page.sees('The card as cut is kept')
    await driver.close()
    await driver.switchTo().window(first)
    proxy.trouble = { kind: 'none' }
    await sees('Kept aside: 1')
    await page.sees('This visit was wrapped up on another screen.')
    expect(await onDevice<number>(driver, 'aside.count()')).toBe(1)
    await page.press('Send as a late note')
    await sees('All sent')
    expect(await onDevice<number>(driver, 'aside.count()')).toBe(0)
    await logSays(1, 'Late note: found after the close')
  })
})

describe('a device that is full', () => {
  const quota = (bytes?: number) =>
    (driver as ChromeDriver).sendDevToolsCommand('Storage.overrideQuotaForOrigin', {
      origin: proxy.address,
      ...(bytes === undefined ? {} : { quotaSize: bytes }),
    })
  /** The browser looks at its quota only now and then: whether it refuses a write by now. */
  const isFull = () =>
    driver.executeAsyncScript<boolean>(`
      const done = arguments[0]
      const opening = indexedDB.open('filler')
      opening.onupgradeneeded = () => opening.result.createObjectStore('rows', { autoIncrement: true })
      opening.onerror = () => done(true)
      opening.onsuccess = () => {
        const database = opening.result
        const writing = database.transaction('rows', 'readwrite')
        writing.objectStore('rows').put('x')
        writing.oncomplete = () => { database.close(); done(false) }
        writing.onabort = () => { database.close(); done(writing.error.name === 'QuotaExceededError') }
      }`)
  it('says at once that a note is on the screen only, and sends it from there', async () => {
    await toBench(0)
    proxy.trouble = { kind: 'fault-500' }
    await quota(1)
    await page.until(isFull, 'the device is not full')
    await note('kept by nobody but this page')
    await page.sees('This device is full: what you note is on this screen only until it is sent.')
    await sees('On this screen only: 1')
    await page.sees('kept by nobody but this page')
    await quota()
    proxy.trouble = { kind: 'none' }
    await sees('All sent')
    const log = await fetch(`${proxy.address}${benches[0]?.replace('bench', 'log')}`)
    expect(await log.text()).toContain('kept by nobody but this page')
  })
})
