import { By, Key, type WebDriver } from 'selenium-webdriver'
import { existsSync, rmSync } from 'node:fs'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { Page, openBrowser } from './browser'
import { endKovit, startKovit, stopKovit, type Running } from './kovit'

const PASSPHRASE = 'gulls over the ropewalk'
const HOME = '.kovit-test/own-house-e2e'
let kovit: Running
let driver: WebDriver
let page: Page
beforeAll(async () => {
  rmSync(HOME, { recursive: true, force: true })
  kovit = await startKovit(HOME, {}, ['--own'])
  driver = await openBrowser()
  page = new Page(driver)
})
afterAll(async () => {
  await driver?.quit()
  await endKovit(kovit, HOME)
})

const field = (label: string) => `//label[normalize-space(.)='${label}']/following-sibling::span//input`
const labelled = (label: string) => `//label[starts-with(normalize-space(.), '${label}')]//input`
const path = async () => new URL(await driver.getCurrentUrl()).pathname
const reaches = (pattern: RegExp) => page.until(async () => pattern.test(await path()), `not at ${pattern}`)
const keys = (...typed: string[]) =>
  driver
    .actions()
    .sendKeys(...typed)
    .perform()

describe('a house of one’s own', () => {
  it('starts empty, and every page leads to its set-up', async () => {
    await driver.get(kovit.address)
    await reaches(/^\/set-up$/)
    await driver.get(`${kovit.address}/dogs`)
    await reaches(/^\/set-up$/)
    await page.sees('each step but this one can wait')
    expect(await page.text()).not.toContain('Demo')
  })

  it('is refused without a name, at the field; with one the book is open', async () => {
    await page.press('Open the book')
    await page.sees('Give the house a name.')
    await page.type(labelled('Name of the house'), 'Slip and Shear')
    await page.press('Open the book')
    await page.sees('Give your name.')
    await page.type(labelled('Your name'), 'Wren')
    await page.type(labelled('A passphrase'), 'password1234')
    await page.press('Open the book')
    await page.sees('among the first that are tried')
    await page.type(labelled('A passphrase'), Key.chord(Key.CONTROL, 'a'), PASSPHRASE)
    await page.press('Open the book')
    await page.sees('When it is open')
  })

  it('is set up in the order of the tape: hours, people, stations, a common kit, schools', async () => {
    for (const day of ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun']) await page.press(day)
    await page.sees('All kept')
    await page.press('On to: who works here')
    await page.sees('Wren, groomer, owner of the house')
    await page.type("//input[@aria-label='Name of who is new']", 'Jory', Key.ENTER)
    await page.sees('Jory, groomer')
    await page.press('On to: where dogs stand')
    await page.type("//input[@aria-label='Name of the station']", 'Window table', Key.ENTER)
    await page.sees('Window table, table')
    await page.press('On to: what is in the kit')
    await page.click("//section[@aria-label='A first kit']//button")
    await page.sees('10 tools in the kit.')
    await page.press('On to: how you work')
    await page.sees('Where groomers disagree')
    await page.press('Take in the first dog')
    await reaches(/^\/dogs\/new$/)
  })

  it('takes in, books and plans a caller’s dog by the keyboard alone, in 8 fields and 3 presses', async () => {
    // From the field of the number on: nothing but keys. What is typed is a field, Tab goes on, Space and Enter press.
    let fields = 0
    let presses = 0
    const say = async (text: string) => {
      fields++
      await keys(text, Key.TAB)
    }
    await page.until(async () => (await driver.switchTo().activeElement().getAttribute('type')) === 'tel')
    await say('01632 960173')
    await say('Petra Hume')
    await say('Puffin')
    await say('Lhasa cross')
    await say('6.5')
    await say('3')
    await say('12')
    // The coat is asked of a cross: the likely one comes first.
    await keys(Key.SPACE)
    presses++
    await page.sees('min hold it')
    await keys(...Array<string>(8 + 1).fill(Key.TAB))
    await keys(Key.SPACE)
    presses++
    const words = "//label[normalize-space(.)='What they want']/..//textarea"
    await page.until(async () => {
      await keys(Key.TAB)
      return (await driver.switchTo().activeElement().getTagName()) === 'textarea'
    })
    fields++
    await keys('half an inch all over')
    expect(await page.valueOf(words)).toBe('half an inch all over')
    await page.sees('1 understood')
    await page.sees('Kept on this device as you type')
    await driver.actions().keyDown(Key.CONTROL).sendKeys(Key.ENTER).keyUp(Key.CONTROL).perform()
    presses++
    await reaches(/^\/bookings\/\d+\/plan$/)
    await page.sees('Plan for Puffin')
    expect((await page.card()).get('back')?.lengthMm).toBe(12.7)
    expect(fields).toBeLessThanOrEqual(12)
    expect(presses).toBeLessThanOrEqual(6)
  })

  it('grooms it, wraps it up, and the next visit is the same', async () => {
    await page.press('Start on the bench')
    await page.until(async () => /bench$/.test(await path()))
    await page.until(async () => (await page.mainAction()) !== '')
    await page.wrapUp()
    await page.press('Keep the card and close')
    await page.press('Open the file')
    await page.sees('Trim card, version')
    await page.press('Book a visit')
    await page.bookAndPlan()
    await page.sees('Same as last time')
    expect((await page.card()).get('back')?.lengthMm).toBe(12.7)
  })

  it('knows the number of a second call, and puts the second dog beside the first', async () => {
    await driver.get(`${kovit.address}/dogs/new`)
    await page.type(field('Number'), '+44 1632 960 173')
    await page.sees('This number is known: household Hume')
    await page.press('Same household')
    await page.type(field('Its name'), 'Dabchick')
    await page.type(field('Breed or cross'), 'Maltese')
    await page.press('Book and plan')
    await page.sees('Plan for Dabchick')
  })

  it('says what a change of the file does to the next plan, keeps it with who, and goes back', async () => {
    await driver.get(`${kovit.address}/dogs`)
    await page.click("//a[.//b[text()='Puffin']]")
    await page.press('Change the file')
    await page.click("//select[@aria-label='dryer, 0 to 4']/option[4]")
    await page.sees('Mind, new, at')
    await page.press('Keep')
    await page.sees('dryer not said to 3')
    await page.press('As it was before')
    await page.sees('dryer 3 to not said')
  })

  it('tells on the trail who did all this; asked for one kind, it shows that one', async () => {
    await driver.get(`${kovit.address}/rules`)
    await page.press('Trail')
    for (const deed of ['dryer 3 to not said', 'Puffin was taken in', 'begins as groomer']) await page.sees(deed)
    await page.click("//select[@name='kind']/option[text()='Taken in']")
    await page.press('Show')
    await page.until(async () => !(await page.text()).includes('begins as groomer'))
    await page.sees('Puffin was taken in')
    expect(await driver.findElements(By.css('main form[method=post], main [contenteditable]'))).toEqual([])
  })

  it('finds a dog by a slip, an owner by the last figures of the number, and a day, all by keys', async () => {
    const found = "(//li[@role='option'])[1]"
    const find = async (text: string, words: string) => {
      await driver.actions().keyDown(Key.CONTROL).sendKeys('k').keyUp(Key.CONTROL).perform()
      await page.type("//input[@role='combobox'][@aria-label='Find']", text)
      await page.until(
        async () => (await (await page.find(found)).getText()).includes(words),
        `${text} finds no ${words}`,
      )
    }
    await find('pufin', 'Puffin')
    await keys(Key.ENTER)
    await reaches(/^\/dogs\/\d+$/)
    await find('0173', 'Hume')
    await keys(Key.ENTER)
    await reaches(/^\/households\/\d+$/)
    await page.sees('Dabchick')
    await find('tomorrow', 'the day')
    await keys(Key.ESCAPE)
    // What was looked for stands in no address and in no log.
    expect(await driver.getCurrentUrl()).not.toContain('0173')
  })

  it('lets a dog be away, asks about its booking, and asks for it no more', async () => {
    await driver.get(`${kovit.address}/dogs`)
    await page.click("//a[.//b[text()='Dabchick']]")
    await page.press('Change the file')
    await page.press('Away for now')
    await page.sees('Call off')
    await page.press('Keep that')
    await page.until(async () => !(await page.text()).includes('Keep that'))
    await driver.get(`${kovit.address}/dogs`)
    await page.until(async () => (await page.text()).includes('1 come to this house'))
    await page.press('Away or gone')
    await page.sees('Dabchick')
  })

  it('is never mixed with the demo', async () => {
    await stopKovit(kovit)
    await expect(startKovit(HOME)).rejects.toThrow(/This home holds a book of your own/)
    expect(existsSync(`${HOME}/database.json`)).toBe(true)
    kovit = await startKovit(HOME, {}, ['--own'])
    expect(kovit.words()).toContain('data kept')
  })
})
