import { By, type WebDriver } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import type { Page } from './browser'
import { openFor, type Running } from './kovit'

let kovit: Running
let driver: WebDriver & { sendDevToolsCommand?: (command: string, parameters: object) => Promise<void> }
let page: Page

openFor('.kovit-test/time', (opened) => void ({ kovit, driver, page } = opened))

const minutesOf = (clock: string) => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3))
/** When the bench expects to be done, and the slot's end: minutes of the day. */
async function ahead(): Promise<{ likely: number; slotEnd: number }> {
  const [, likely = '', slot = ''] = /Done (\d\d:\d\d) to \d\d:\d\d\s+slot (\d\d:\d\d)/.exec(await page.text()) ?? []
  return { likely: minutesOf(likely), slotEnd: minutesOf(slot) }
}
const moveClock = (byMin: number) =>
  driver.sendDevToolsCommand?.('Page.addScriptToEvaluateOnNewDocument', {
    source: `{
      const real = Date.now.bind(Date)
      Date.now = () => real() + ${byMin} * 60000
      // A bench goes by the house's clock: what the server says of the time is moved along.
      const ask = window.fetch
      window.fetch = async (...of) => {
        const answer = await ask(...of)
        if (!String(of[0]).endsWith('/events')) return answer
        const body = await answer.json()
        if (body.value) body.value.nowMs += ${byMin} * 60000
        return Response.json(body, { status: answer.status })
      }
    }`,
  })
const catchUp = () =>
  driver.executeScript<string>('return document.querySelector(\'[aria-label="Catch up"]\').innerText')

describe('a visit that starts late', () => {
  it('says how much is lacking, offers ways and what they cost, and a word to the owner', async () => {
    await driver.get(kovit.address)
    await page.press('Hobnob')
    await page.press('Start on the bench')
    await page.sees('Start Arrive')
    const { likely, slotEnd } = await ahead()
    expect(slotEnd).toBeGreaterThan(likely)
    await moveClock(slotEnd - likely + 4)
    await driver.navigate().refresh()
    await page.press('Start Arrive')
    await page.sees('min to win for a slot that holds at 85 %')
    await page.press('Tell the owner')
    await page.sees('In the outbox of the day: nobody sends it but you.')
  })
  it('takes one: card and plan change, and undo takes it back', async () => {
    const before = (await ahead()).likely
    const way = await page.find("//div[@aria-label='Catch up']//button[contains(., 'wins')]")
    const words = (await way.getText()).split(',')[0] ?? ''
    await way.click()
    await page.sees(`Taken: ${words.toLowerCase()}`)
    await page.until(async () => (await ahead()).likely < before)
    await page.press('Undo')
    await page.until(async () => !(await page.text()).includes('Taken:'))
    await page.click("//div[@aria-label='Catch up']//button[contains(., 'wins')]")
    await page.sees('Taken:')
    expect(await catchUp()).toContain('Taken:')
  })
  it('is finished inside its slot, and the wrap-up tells the day from the estimate', async () => {
    await page.press('Arrive done, start Look over')
    await page.press('Read and sign')
    await page.type("//*[@role='dialog']//input", 'Anneke Tolle')
    await page.press('I agree and sign')
    await page.until(async () => /start/.test(await page.mainAction()))
    await page.wrapUp()
    await page.sees('Hobnob is done')
    await page.sees('left of the slot')
    await page.sees('by the day')
    await page.sees('of 100 to the card')
    expect(
      (await driver.findElements(By.css('[aria-label^="Hobnob, planned"], [aria-label^="Hobnob, done"]'))).length,
    ).toBeGreaterThanOrEqual(2)
  })
  it('the owner’s word on a zone bends the next card, and the next date has its reason', async () => {
    await page.press('too short')
    await page.sees('too short: the next card bends there.')
    await page.press('Keep the card and close')
    await page.sees('The card as cut is kept')
    await page.press('Plan the next visit')
    await page.sees('The owner found it too short last time.')
  })
  it('keeps the message to the owner on the day', async () => {
    await driver.get(kovit.address)
    await page.sees('No message service is connected: send these yourself.')
    await page.sees('Hobnob will be ready at about')
  })
})

describe('what the house’s own grooms say', () => {
  it('answers each question in words and with a chart', async () => {
    await driver.get(`${kovit.address}/insight`)
    for (const question of [
      'Where do the minutes go?',
      'Do the promises hold?',
      'Are slots kept?',
      'How close do cuts come to their cards?',
      'How fast does the coat grow?',
    ])
      await page.sees(question)
    await page.until(async () => (await driver.findElements(By.css('svg.recharts-surface path'))).length > 20)
    expect(await page.text()).not.toContain('Not enough grooms yet')
  })
  it('says which patterns take longest, and all of it of one pattern alone', async () => {
    const grooms = async () => Number(/All (\d+) grooms since/.exec(await page.text())?.[1])
    await page.sees('Which patterns take longest?')
    const all = await grooms()
    await driver.findElement(By.css('select[aria-label="Which pattern"] option[value="One length"]')).click()
    await page.until(async () => (await grooms()) < all)
    expect(await grooms()).toBeGreaterThan(4)
    const told = await page.text()
    expect(told).not.toContain('Which coats take longest?')
    expect(await driver.getCurrentUrl()).toContain('pattern=One+length')
  })
  it('is in every plan: where the minutes come from adds up', async () => {
    await page.planOf(kovit.address, 'Gannet')
    await page.click('//summary')
    const rows = await driver.executeScript<string[]>(
      "return [...document.querySelectorAll('details tbody tr')].map((row) => row.innerText)",
    )
    const sum = rows
      .map((row) => Number((/([+−]?)(\d+) min/.exec(row) ?? []).slice(1).join('').replace('−', '-')))
      .reduce((a, b) => a + b, 0)
    const total = Number(/Hands on, (\d+) min in all/.exec(await page.text())?.[1])
    expect(Math.abs(sum - total)).toBeLessThanOrEqual(rows.length / 2 + 1)
  })
})
