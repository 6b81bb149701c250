import { expect, it } from 'vitest'
import { openFor, type Opened } from './kovit'

let opened: Opened
openFor('.kovit-test/hands', (all) => {
  opened = all
})

const lanes = '//section[@aria-label="The day by hands"]'
const texts = (css: string) =>
  opened.driver.executeScript<string[]>(
    `return [...document.querySelectorAll(${JSON.stringify(css)})].map((each) => each.getAttribute('aria-label') || each.textContent)`,
  )
const sum = () => opened.driver.executeScript<string>('return document.body.innerText')

it('the day is one press from by dog to by hands: people and places, in the words of the house', async () => {
  const { driver, page, kovit } = opened
  await driver.get(kovit.address)
  await page.click("//nav[@aria-label='Look at the day']//a[contains(., 'by hands')]")
  await page.find(lanes)
  const named = await texts('section[aria-label="The day by hands"] ol[aria-label]')
  expect(named).toEqual(
    expect.arrayContaining(['Wren, groomer', 'Ansel, groomer', 'Jory, bather', 'Window table', 'Warm cabinet']),
  )
  expect(await sum()).toMatch(
    /Ends \d\d:\d\d, (proved the earliest|at the earliest \d\d:\d\d)\. All promises hold: \d+ %\./,
  )
})

it('every dog of the day is in somebody’s hands, each piece told by dog, stages, person and clock', async () => {
  const { driver, kovit, page } = opened
  await driver.get(`${kovit.address}/?by=hands`)
  await page.find(lanes)
  const pieces = await texts('section[aria-label="The day by hands"] li[data-state]')
  const day = await (await fetch(kovit.address)).text()
  const dogs = [...new Set([...day.matchAll(/aria-label="File of ([^"]+)"/g)].map(([, name]) => name as string))]
  expect(dogs.length).toBeGreaterThan(3)
  for (const dog of dogs) expect(pieces.some((piece) => piece.startsWith(`${dog}:`))).toBe(true)
  expect(pieces.every((piece) => /: .+, (Wren|Ansel|Jory), \d\d:\d\d to \d\d:\d\d/.test(piece))).toBe(true)
})

it('one more dog is supposed, side by side with the day as it is, and nothing of it is kept', async () => {
  const { driver, kovit, page } = opened
  await driver.get(`${kovit.address}/?by=hands`)
  await page.click("//button[contains(., 'one more dog at')]")
  await page.find("//tr[th[text()='Supposed']]")
  const isIn = async () =>
    (await texts('section[aria-label="The day by hands"] li[data-state]')).some((piece) =>
      piece.startsWith('One more dog'),
    )
  expect(await isIn()).toBe(true)
  await page.press('Back to the day as it is')
  await page.until(async () => !(await isIn()))
  await driver.get(kovit.address)
  expect(await sum()).not.toContain('One more dog')
})

it('on a phone it is one list a person', async () => {
  const { driver, kovit, page } = opened
  await driver.manage().window().setRect({ width: 500, height: 844 })
  await driver.get(`${kovit.address}/?by=hands`)
  await page.find(`${lanes}//h3[contains(., 'Wren')]`)
  await driver.manage().window().setRect({ width: 1280, height: 900 })
})
