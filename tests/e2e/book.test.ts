import { Key, Origin, type WebElement } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import { addDays } from '@/core/units'
import { openFor, type Opened } from './kovit'

let opened: Opened
let page: Opened['page']
openFor('.kovit-test/book-e2e', (all) => {
  opened = all
  page = all.page
})

const slots = '//button[@data-life]'
const open = (path: string) => opened.driver.get(`${opened.kovit.address}${path}`)

/** The bookings on the board, as a screen reader says them, with the day they lie on. */
const board = async (): Promise<{ label: string; day: string; life: string }[]> =>
  (await opened.driver.executeScript(
    `return [...document.querySelectorAll('button[data-life]')].map((slot) => ({
      label: slot.getAttribute('aria-label'), day: slot.closest('[data-day]').dataset.day, life: slot.dataset.life }))`,
  )) as { label: string; day: string; life: string }[]
const clockIn = (label: string) => /, (\d\d:\d\d) to/.exec(label)?.[1] ?? ''
const later = (clock: string, min: number) => {
  const at = Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3)) + min
  return `${String(Math.floor(at / 60)).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}`
}
/** A booking of next week that can be carried, alone with its person on its day. */
async function someSlot(): Promise<{ dog: string; clock: string; day: string }> {
  const rows = await board()
  const who = ({ label, day }: { label: string; day: string }) => `${day} ${label.split(', ')[2]}`
  const free = rows.filter((row) => row.life === 'booked' && rows.filter((each) => who(each) === who(row)).length === 1)
  const [first] = free
  if (!first) throw new Error(`no booking stands alone: ${JSON.stringify(rows)}`)
  return { dog: first.label.split(',')[0] ?? '', clock: clockIn(first.label), day: first.day }
}
const slotOf = (dog: string): Promise<WebElement> => page.find(`${slots}[starts-with(@aria-label, '${dog},')]`)
const startOf = async (dog: string) =>
  clockIn((await board()).find(({ label }) => label.startsWith(`${dog},`))?.label ?? '')
const firstDay = (): Promise<string | null> =>
  opened.driver.executeScript("return document.querySelector('[data-day]')?.dataset.day ?? null")
/** The week after this one, once its page lives. */
async function nextWeek(): Promise<void> {
  await open('/book')
  await page.until(async () => (await firstDay()) !== null)
  const monday = addDays((await firstDay()) ?? '', 7)
  await open(`/book?day=${monday}`)
  await page.until(async () => (await firstDay()) === monday && (await board()).length > 2)
  // A key does something: the page is more than its picture.
  await page.until(async () => {
    await page.key('g')
    return (await opened.driver.switchTo().activeElement().getAttribute('id')) === 'book-date'
  })
  await page.key(Key.ESCAPE)
}

describe('the book', () => {
  it('shows a week as tapes, two and four, and goes to any date by keyboard', async () => {
    await open('/book')
    await page.sees('free in pieces that fit a dog')
    expect((await board()).filter(({ life }) => life === 'done').length).toBeGreaterThan(1)
    await page.key('4')
    await page.until(async () => (await opened.driver.findElements({ css: '[data-day]' })).length === 28)
    await page.key('1')
    await page.until(async () => (await opened.driver.findElements({ css: '[data-day]' })).length === 7)
    const first = (await board())[0]?.day
    await page.key('n')
    await page.until(async () => (await board())[0]?.day !== first)
    await page.sees('Closed: stocktaking.')
    await page.key('t')
    await page.until(async () => (await board())[0]?.day === first)
  })

  it('is carried by hand to another time, kept, and taken back', async () => {
    await nextWeek()
    const { dog, clock } = await someSlot()
    const slot = await slotOf(dog)
    const { width } = await (await page.find('(//*[@data-track])[1]')).getRect()
    const hours =
      (await opened.driver.findElements({ xpath: "//ol[@aria-label='The days']/../div[1]/span" })).length - 1
    const px = Math.round((width / hours / 60) * 30)
    const drag = opened.driver.actions({ async: true }).move({ origin: slot }).press()
    await drag
      .move({ origin: Origin.POINTER, x: Math.round(px / 2), y: 0, duration: 100 })
      .move({ origin: Origin.POINTER, x: px - Math.round(px / 2), y: 0, duration: 100 })
      .perform()
    await page.sees(`${later(clock, 30)} `)
    await opened.driver.actions({ async: true }).release().perform()
    await page.sees(`${dog} moved to`)
    await page.until(async () => (await startOf(dog)) === later(clock, 30))
    await page.press('Undo')
    await page.until(async () => (await startOf(dog)) === clock)
    await open('/book')
    await nextWeek()
    expect(await startOf(dog)).toBe(clock)
  })

  it('is carried by the keyboard, left with escape, put down with space, and taken back with Ctrl-Z', async () => {
    await nextWeek()
    const { dog, clock } = await someSlot()
    const focus = async () => opened.driver.executeScript('arguments[0].focus()', await slotOf(dog))
    await focus()
    await page.key(' ')
    await page.key(Key.ARROW_RIGHT)
    await page.sees(`${later(clock, 15)} `)
    await page.key(Key.ESCAPE)
    expect(await startOf(dog)).toBe(clock)
    await focus()
    await page.key(' ')
    for (let press = 0; press < 2; press++) await page.key(Key.ARROW_RIGHT)
    await page.sees(`${later(clock, 30)} `)
    await page.key(' ')
    await page.until(async () => (await startOf(dog)) === later(clock, 30))
    await opened.driver.actions().keyDown(Key.CONTROL).sendKeys('z').keyUp(Key.CONTROL).perform()
    await page.until(async () => (await startOf(dog)) === clock)
  })

  it('says what speaks against a place, and puts nothing there unasked', async () => {
    await nextWeek()
    const { dog, clock } = await someSlot()
    await opened.driver.executeScript('arguments[0].focus()', await slotOf(dog))
    await page.key(' ')
    for (let press = 0; press < 50; press++) await page.key(Key.ARROW_LEFT)
    await page.sees('works from')
    await page.key(' ')
    await page.sees(`Put ${dog} there?`)
    await page.press('Leave it where it was')
    expect(await startOf(dog)).toBe(clock)
  })

  it('is confirmed, lengthened, cancelled with who and why, and put back', async () => {
    await nextWeek()
    const { dog } = await someSlot()
    await (await slotOf(dog)).click()
    await page.press('Confirmed')
    await page.until(async () => (await board()).find(({ label }) => label.startsWith(`${dog},`))?.life === 'confirmed')
    await (await slotOf(dog)).click()
    await page.click("//button[@aria-label='Longer slot']")
    await page.sees('Back to the proposed')
    await page.press('Move it there')
    await page.until(async () => !(await page.text()).includes('Move it there'))
    await (await slotOf(dog)).click()
    await page.sees('Confirmed by its people.')
    await page.press('Cancel it')
    await page.type("//label[starts-with(., 'Who cancels')]//input", 'the owner, a cold')
    await page.press(`Cancel ${dog}’s time`)
    // The slot that is free now asks who fits it.
    await page.sees('Who fits, by week, length and how long they wait')
    await page.key(Key.ESCAPE)
    await page.until(async () => !(await page.text()).includes('Who fits, by week'))
    await page.sees('the owner, a cold')
    await page.until(async () => !(await board()).some(({ label }) => label.startsWith(`${dog},`)))
    await page.click(`//li[b='${dog}']//button[.='Put back']`)
    await page.until(async () => (await board()).some(({ label }) => label.startsWith(`${dog},`)))
  })

  it('offers three times with their chance, and books a programme that is drawn over half a year', async () => {
    await open('/book/waiting')
    await page.click("(//a[b='Bramble'])[1]")
    await page.press('Book a visit')
    await page.sees('holds')
    await page.until(
      async () =>
        (await opened.driver.findElements({ css: '[aria-label="Times that fit"] [role=radio]' })).length === 3,
    )
    await page.press('Full groom and bath and tidy in turn')
    await page.sees('in turn for half a year')
    await page.press('Book the repeat')
    await page.sees('Repeats')
    await page.until(async () => (await opened.driver.findElements({ css: '[data-step=tidy]' })).length > 1)
    const labels = await Promise.all(
      (await opened.driver.findElements({ css: '[data-step]' })).map((each) => each.getAttribute('aria-label')),
    )
    expect(labels.some((label) => label?.includes('full groom'))).toBe(true)
  })

  it('says what is to be told, sends nothing by itself, and marks what was sent', async () => {
    await open('/book/outbox')
    await page.sees('No message service is connected.')
    const count = async () =>
      (await opened.driver.findElements({ css: 'section[aria-label="To say now"] article' })).length
    await page.until(async () => (await count()) > 0)
    const before = await count()
    await page.click("(//section[@aria-label='To say now']//button[.='Mark as sent'])[1]")
    await page.until(async () => (await count()) === before - 1)
    await page.press('Was not sent')
    await page.until(async () => (await count()) === before)
  })

  it('gives a calendar to other programs by an address that is the key', async () => {
    await open('/book/calendars')
    await page.click("(//button[.='Give it an address'])[1]")
    await page.sees('/calendar/')
    const address = await (await page.find("//span[contains(., '/calendar/') and not(*)]")).getText()
    const answer = await fetch(address)
    expect(answer.headers.get('content-type')).toContain('text/calendar')
    expect(await answer.text()).toContain('BEGIN:VEVENT')
    expect((await fetch(`${opened.kovit.address}/calendar/${'x'.repeat(43)}.ics`)).status).toBe(404)
    await page.click("(//button[.='Take it away'])[1]")
    await page.until(async () => (await fetch(address)).status === 404)
  })

  it('asks once about a dog that begins on another day, and the slot follows', async () => {
    await nextWeek()
    const { dog } = await someSlot()
    await (await slotOf(dog)).click()
    await page.press('Plan')
    await page.press('Start on the bench')
    await page.sees(`${dog} is booked on`)
    expect(await page.text()).toContain('Wrong dog')
    await page.click("//section[@aria-label='The booked time']//button[1]")
    await page.until(async () => !(await page.text()).includes(`${dog} is booked on`))
    await page.pressMain()
    await page.sees('All sent')
    await open('/')
    await page.sees(dog)
    await nextWeek()
    expect((await board()).some(({ label }) => label.startsWith(`${dog},`))).toBe(false)
  })
})
