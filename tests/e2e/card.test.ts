import { By, Key, type WebDriver } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import type { Page } from './browser'
import { openFor, type Running } from './kovit'

const HOME = '.kovit-test/card'
let kovit: Running
let driver: WebDriver
let page: Page

openFor(HOME, (opened) => ({ kovit, driver, page } = opened))

/** Opens the file of a dog from the list. */
async function openFile(name: string): Promise<void> {
  await driver.get(`${kovit.address}/dogs`)
  await driver.get(String(await (await page.find(`//a[.//b[text()='${name}']]`)).getAttribute('href')))
  await page.sees('Minutes, visit by visit')
}
const rowText = async (zone: string) =>
  (await driver.findElement(By.css(`tr[data-zone="${zone}"]`)).getText()).replace(/\s+/g, ' ')
const lengths = async (zone: string) =>
  (await driver.executeScript(
    'return [...document.querySelectorAll(`tr[data-zone="${arguments[0]}"] [data-length]`)].map((cell) => Number(cell.dataset.length))',
    zone,
  )) as number[]
const box = () => page.find('//textarea')
const say = async (words: string) => (await box()).sendKeys(Key.chord(Key.CONTROL, 'a'), words)

describe('words in, card out', () => {
  it('repeats by zone what it understood, and asks back what it did not', async () => {
    await openFile('Sorrel')
    await page.press('Plan this groom')
    await page.sees('Plan for Sorrel')
    await say('half an inch on the legs, leave the ears, back 5 mm longer than last time, bum tidy')
    await page.sees('Understood')
    await page.sees('“half an inch on the legs”')
    await page.sees('To ask back')
    await page.sees('the rump, or the sanitary zone under the tail?')
    const card = await page.card()
    expect(card.get('foreleg')).toMatchObject({ lengthMm: 12.7, tool: 'scissors' })
    expect(card.get('ear-edge')?.tool).toBe('left as it is')
    // comb 1 last time, 12.7 mm; 17.7 is nearest to an A comb's 19 or a 0 over a 10, which leaves 17
    expect(card.get('back')?.lengthMm).toBe(17)
    await page.sees('All kept')
    await driver.navigate().refresh()
    await page.sees('“half an inch on the legs”')
  })

  it('takes an answer that is pressed for the words it was asked of, and lets it be asked again', async () => {
    await page.press('rump tidy')
    await page.sees('answered: rump tidy')
    expect((await page.card()).get('rump')?.tool).toBe('scissors')
    expect(await page.text()).not.toContain('To ask back')
    await page.press('Ask again')
    await page.sees('To ask back')
  })

  it('keeps every letter as it is typed: a page that is closed at once has them when it is opened again', async () => {
    await page.sees('All kept')
    const plan = await driver.getCurrentUrl()
    await (await box()).sendKeys(Key.chord(Key.CONTROL, Key.END), ', tail 30 mm')
    await driver.get('about:blank')
    await driver.get(plan)
    await page.sees('“tail 30 mm”')
    await page.sees('All kept')
    await page.until(async () => (await (await box()).getAttribute('value'))?.endsWith('tail 30 mm') ?? false)
  })

  it('offers a word on temper for the file, and changes no length by it', async () => {
    const before = await page.card()
    await (await box()).sendKeys(Key.chord(Key.CONTROL, Key.END), ', he hates the table')
    await page.press('Keep the grade')
    await page.sees('In the file.')
    expect(await page.card()).toEqual(before)
  })

  it('loses nothing that is typed while a remark is on its way to the file', async () => {
    await page.sees('All kept')
    await driver.executeScript(`
      const ask = window.fetch
      window.fetch = async (...call) => { await new Promise((done) => setTimeout(done, 1500)); return ask(...call) }`)
    await (await box()).sendKeys(Key.chord(Key.CONTROL, Key.END), ', he hates his nails')
    await page.press('Keep the grade')
    await (await box()).sendKeys(Key.chord(Key.CONTROL, Key.END), ', chest 20 mm')
    await page.until(async () => (await page.text()).split('In the file.').length === 3)
    expect(await (await box()).getAttribute('value')).toMatch(/he hates his nails, chest 20 mm$/)
    await page.sees('“chest 20 mm”')
    await page.sees('All kept')
  })

  it('lights on the map the zones of the words under the caret', async () => {
    await (await box()).sendKeys(Key.chord(Key.CONTROL, Key.HOME))
    const lit = () =>
      driver.findElements(By.css('[data-zone=foreleg][data-picked=true], [data-zone=foreleg][aria-pressed=true]'))
    await page.until(async () => (await lit()).length > 0)
  })

  it('the measured coat decides: the shorter side rules, and the wish that has to wait says when', async () => {
    await driver.executeScript('document.querySelector(\'section[aria-label="Coat today"]\').scrollIntoView()')
    const zone = await page.find("//section[@aria-label='Coat today']//input[@role='combobox']")
    await zone.sendKeys('Foreleg', Key.ENTER)
    const [left, right] = await driver.findElements(By.css('section[aria-label="Coat today"] input[role=spinbutton]'))
    await left?.sendKeys('12')
    await right?.sendKeys('10')
    await page.press('Keep the measure')
    await page.sees('Foreleg left 12, right 10')
    expect((await page.card()).get('foreleg')).toMatchObject({ lengthMm: 10, tool: 'left as it is' })
    await page.sees('Foreleg: not today')
    await page.sees('It has 10 of the 12.7 mm wanted.')
    await page.press('Let it go')
    await page.sees('All kept')
  })

  it('takes advice on shape into the card', async () => {
    await openFile('Mochi')
    await page.press('Plan this groom')
    await page.sees('Plan for Mochi')
    const choose = await page.find("//label[normalize-space(text())='Pattern']//input")
    await choose.sendKeys('Round cotton', Key.ENTER)
    await page.sees('Muzzle to skull as three to five')
    const before = await page.card()
    await page.press('Take this into the card')
    await page.sees('Asked by zone')
    const after = await page.card()
    expect([...after].filter(([zone, { lengthMm }]) => lengthMm !== before.get(zone)?.lengthMm).length).toBeGreaterThan(
      0,
    )
  })

  it('prints the planned card: every zone that is cut, with its tool', async () => {
    await page.press('Print the card')
    await page.sees('For the wall of the tub')
    const sheet = await driver.findElement(By.css('article'))
    const words = await sheet.getText()
    for (const part of ['Mochi', 'Planned for', 'Sanitary', '10 with', 'Pads', 'Leave:']) expect(words).toContain(part)
    // Paper is laid out with the house's letters, not with those that stand in for them while they load.
    await driver.executeAsyncScript('const done = arguments[0]; document.fonts.ready.then(() => setTimeout(done, 50))')
    const printer = driver as unknown as { printPage: (options: object) => Promise<string> }
    const pdf = await printer.printPage({ width: 14.8, height: 21, top: 0, bottom: 0, left: 0, right: 0 })
    const pages = Buffer.from(pdf, 'base64')
      .toString('latin1')
      .match(/\/Type\s*\/Page[^s]/g)?.length
    expect(pages).toBe(1)
  })
})

describe('the card on its desk', () => {
  it('changes a group on the map and the table follows; undo takes it back', async () => {
    await openFile('Tansy')
    await page.press('Change the card')
    await page.sees('The card of Tansy')
    const [before] = await lengths('back')
    await page.press('body')
    const length = await page.find("//section[@aria-label='Change what is picked']//input[@role='spinbutton']")
    await length.sendKeys('16')
    await page.press('Set the length')
    await page.until(async () => (await lengths('back'))[0] === 16)
    expect(await rowText('side')).toContain('comb 0 on 30')
    await driver.actions().keyDown(Key.CONTROL).sendKeys('z').keyUp(Key.CONTROL).perform()
    await page.until(async () => (await lengths('back'))[0] === before)
    await page.press('Redo')
    await page.until(async () => (await lengths('back'))[0] === 16)
  })

  it('picks a zone on the map by mouse and by keyboard, and parts left from right', async () => {
    await page.press('Pick nothing')
    const thigh = await driver.findElement(By.css('svg [data-zone="thigh"]'))
    await driver.executeScript(
      "arguments[0].dispatchEvent(new MouseEvent('click', { bubbles: true, view: window }))",
      thigh,
    )
    await page.find("//h2[text()='Thigh']")
    await page.press('Pick nothing')
    const ears = await driver.findElement(By.css('g[role=button][aria-label^="Ears"]'))
    await driver.executeScript('arguments[0].focus()', ears)
    await page.key(Key.ENTER)
    await page.find("//h2[text()='Ear fringe']")
    await page.press('left')
    const length = await page.find("//section[@aria-label='Change what is picked']//input[@role='spinbutton']")
    await length.sendKeys('33')
    await page.press('Set the length')
    await page.until(async () => (await lengths('ear-edge')).length === 2)
    expect((await lengths('ear-edge'))[0]).toBe(33)
  })

  it('asks why before it saves, then is the next version, and the next plan starts from it', async () => {
    await page.press('Save version')
    await page.sees('Say in a few words why')
    await page.type("//label[contains(., 'Why')]//input", 'a winter body')
    await page.press('Save version')
    await page.sees('a winter body')
    const file = (await driver.getCurrentUrl()).replace('/card', '')
    await driver.get(file)
    await page.sees('a winter body')
    await page.press('Plan this groom')
    await page.sees('Plan for Tansy')
    expect((await page.card()).get('back')).toMatchObject({ tool: 'comb 0 on 30', lengthMm: 16 })
    await driver.get(`${file}/card`)
  })

  it('goes back to an earlier version without losing the later one', async () => {
    await page.sees('The card of Tansy')
    const versions = async () =>
      (await driver.findElements(By.xpath("//a[starts-with(., 'Version ')] | //td/b[starts-with(., 'Version ')]")))
        .length
    const count = await versions()
    await (await page.find("(//tr[contains(., 'as cut')]//a[starts-with(., 'Version ')])[1]")).click()
    await page.sees('Saving makes version')
    await page.press('Save version')
    await page.sees('Back to version')
    await page.until(async () => (await lengths('back'))[0] === 9.5)
    expect(await versions()).toBeGreaterThanOrEqual(Math.min(count, 12))
  })

  it('keeps the card as a pattern of the house, once', async () => {
    await page.press('Keep this card as a pattern of the house')
    await page.type("//label[contains(., 'Name of the pattern')]//input", 'Tansy curls')
    await page.press('Keep the pattern')
    await page.sees('Tansy curls is a pattern of the house now.')
    await page.press('Patterns')
    await page.sees('Of this house')
    await page.sees('Tansy curls')
    await page.click("//button[.//b[text()='Tansy curls']]")
    await page.sees('Made by Wren on')
    await page.press('Take it out of use')
    await page.until(async () => !(await page.text()).includes('Tansy curls'))
  })
})

describe('kit and patterns', () => {
  it('says what leaves 10 mm, marks it on the ladder, and mixes by spoons', async () => {
    await page.press('Kit')
    const input = await page.find('//input[@aria-label="Length that is asked about"]')
    await input.sendKeys('10', Key.TAB)
    await page.sees('comb 2 on 15 leaves 10.2, 0.2 more')
    await page.press('Conditioner 1:10')
    await page.sees('about 3 spoons')
  })

  it('retires a comb: the plan then goes round it, and says how far off; it comes back', async () => {
    await page.click("//button[@aria-label='Retire comb 2']")
    await page.sees('Retired: comb 2')
    await openFile('Tansy')
    await page.press('Plan this groom')
    await page.sees('Plan for Tansy')
    const back = await rowText('back')
    expect(back).toContain('No comb 2 on 30 in the kit')
    await page.press('Kit')
    await page.click('//button[@aria-label="Bring comb 2 back"]')
    await page.find('//button[@aria-label="Retire comb 2"]')
  })

  it('adds, names and sharpens a blade', async () => {
    const choose = await driver.findElement(By.css('input[aria-label="Tool to add"], [aria-label="Tool to add"] input'))
    await choose.sendKeys('3F', Key.ENTER)
    await page.press('Add to the kit')
    const name = await page.find('//input[@aria-label="Name of 3F"]')
    await page.until(async () => (await page.text()).includes('all kept'))
    await name.sendKeys('the long one', Key.TAB)
    await driver.sleep(300)
    await page.sees('all kept')
    await driver.navigate().refresh()
    expect(await page.valueOf('//input[@aria-label="Name of 3F"]')).toBe('the long one')
    const hours = async () => (await page.find('//tr[td[1][text()="30"]]')).getText()
    expect(await hours()).toContain('sharpen')
    await page.click("//button[@aria-label='30 was sharpened today']")
    await page.until(async () => (await hours()).includes('0.0'))
  })

  it('shows all sixteen patterns as drawn dogs, each with a card on any coat', async () => {
    await page.press('Patterns')
    await page.sees('Library')
    expect((await driver.findElements(By.css('section[aria-label=Library] li svg'))).length).toBe(16)
    await page.click("//button[.//b[text()='Utility short']]")
    await page.find("//h2[text()='Utility short']")
    await page.press('drop')
    await page.sees('scissors')
  })
})
