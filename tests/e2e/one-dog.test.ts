import { Key, By, type WebDriver } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import type { Page } from './browser'
import { openFor, type Running } from './kovit'

const HOME = '.kovit-test/one-dog'
let kovit: Running
let driver: WebDriver
let page: Page

openFor(HOME, (opened) => ({ kovit, driver, page } = opened))

const stageNow = async () => driver.findElement(By.css('main[data-stage]')).getAttribute('data-stage')
const untilStage = (stage: string) => page.until(async () => (await stageNow()) === stage, `stage ${stage}`)
let planned: Awaited<ReturnType<Page['card']>>
let bench: string
/** What back and skull were cut with, otherwise than planned. */
let back = { tool: '', lengthMm: 0 }
let skull = { tool: '', lengthMm: 0 }

describe('one dog, all the way', () => {
  it('today shows the dogs of Tern Harbour, and a dog its file', async () => {
    await driver.get(kovit.address)
    await page.sees('2 home, 2 in the house, 2 to come')
    await page.sees('Demo')
    for (const name of ['Mochi', 'Fenwick', 'Quill', 'Ottoline', 'Hobnob', 'Nettle']) await page.sees(name)
    await page.press('Dogs')
    await page.sees('Each as its coat should stand today')
    await page.click("//a[.//b[text()='Nettle']]")
    await page.sees('Minutes, visit by visit')
    expect((await driver.findElements(By.css('ol svg[role=img]'))).length).toBeGreaterThanOrEqual(5)
    expect((await driver.findElements(By.css('path[data-zone=back]'))).length).toBe(1)
    await page.sees('Trim card, version')
  })

  it('plans from wishes: each change recomputes at once, undo takes it back, and it is kept', async () => {
    await page.press('Plan this groom')
    await page.sees('Plan for Nettle')
    const before = await page.card()
    expect(before.size).toBe(37)
    const length = await driver.findElement(By.css('input[role=spinbutton]'))
    await page.click("//button[normalize-space(.)='Back']")
    await (await driver.findElement(By.css('input[role=spinbutton]'))).sendKeys('9.5')
    await page.press('Wish it')
    await page.until(async () => (await page.card()).get('back')?.lengthMm === 9.5)
    expect((await page.card()).get('back')).toEqual({ tool: 'comb 2 on 30', lengthMm: 9.5, changed: true })
    await page.press('Undo')
    await page.until(async () => (await page.card()).get('back')?.lengthMm === before.get('back')?.lengthMm)
    await page.press('Redo')
    await page.sees('All kept')
    await driver.navigate().refresh()
    await page.sees('Plan for Nettle')
    planned = await page.card()
    expect(planned.get('back')?.lengthMm).toBe(9.5)
    expect(length).toBeDefined()
  })

  it('refuses a length beyond 300 mm: the field takes no more', async () => {
    const input = await driver.findElement(By.css('input[role=spinbutton]'))
    await input.sendKeys('999', Key.TAB)
    expect(Number(await input.getAttribute('value'))).toBeLessThanOrEqual(300)
    await driver.navigate().refresh()
    await page.sees('Plan for Nettle')
  })

  it('goes through the stages with one key each; pauses, notes and undoes', async () => {
    await page.press('Start on the bench')
    await page.sees('Start Arrive')
    bench = await driver.getCurrentUrl()
    await page.key(' ')
    await untilStage('arrive')
    await page.key('p')
    await page.sees('paused')
    await page.key('p')
    await page.key('n')
    const note = await driver.findElement(By.css('textarea[aria-label="Note in words"]'))
    await note.sendKeys('<b>calm</b> & steady')
    await page.press('Keep the note')
    await page.sees('<b>calm</b> & steady')
    await page.key(' ')
    await untilStage('look-over')
    await page.key('z')
    await untilStage('arrive')
    await page.key(' ')
    await untilStage('look-over')
  })

  it('a note of 10 000 characters is refused with a sentence and stays in the box', async () => {
    await page.key('n')
    const note = await driver.findElement(By.css('textarea[aria-label="Note in words"]'))
    await driver.executeScript(
      "const set = Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value').set; set.call(arguments[0], 'x'.repeat(10000)); arguments[0].dispatchEvent(new Event('input', { bubbles: true }))",
      note,
    )
    await page.sees('The note is 6000 characters too long')
    expect((await note.getAttribute('value'))?.length).toBe(10_000)
    await page.press('Not now')
  })

  it('a second screen on the same visit writes into the same log', async () => {
    const first = await driver.getWindowHandle()
    await driver.switchTo().newWindow('tab')
    // Begun on its booking's page, its visit has a page of its own as soon as the books know of it.
    await page.until(async () => {
      await driver.get(bench)
      return /visits\/\d+\/bench/.test(await driver.getCurrentUrl())
    }, 'the visit has no page')
    bench = await driver.getCurrentUrl()
    await untilStage('look-over')
    await page.key(' ')
    await untilStage('brush-out')
    await driver.close()
    await driver.switchTo().window(first)
    await page.until(async () => (await stageNow()) === 'brush-out')
    expect(await stageNow()).toBe('brush-out')
  })

  const allSent = () => page.until(async () => (await page.text()).includes('All sent'), 'all sent')

  it('works without a network and sends what it kept', async () => {
    // What the closed screen did not get to send, this one sends for it.
    await allSent()
    await driver.executeScript(
      'window.__fetch = window.fetch; window.fetch = () => Promise.reject(new TypeError("no network"))',
    )
    await page.key('n')
    await page.type("//textarea[@aria-label='Note in words']", 'written in the van')
    await page.press('Keep the note')
    await page.sees('1 note waits')
    await driver.navigate().refresh()
    await page.sees('written in the van')
    await allSent()
  })

  const onTo = async (stage: string) => {
    for (let taps = 0; taps < 60 && (await stageNow()) !== stage; taps++) {
      const before = await page.mainAction()
      await page.key(' ')
      await page.until(async () => (await page.mainAction()) !== before)
    }
    expect(await stageNow()).toBe(stage)
  }
  const openZone = async (name: string) => {
    const zone = await driver.findElement(By.css(`g[role=button][aria-label^="${name}"]`))
    await driver.executeScript('arguments[0].focus()', zone)
    await page.key(Key.ENTER)
    await page.sees('What was cut?')
  }
  const keepCut = () => page.click("//div[@role='dialog']//button[starts-with(normalize-space(.), 'Keep')]")

  /** Tool and length as the picker shows them. */
  const cutShown = async () => {
    const [tool = '', figure = ''] = (await (await page.find('//output')).getText()).split(/, (?=\d)/)
    return { tool, lengthMm: parseFloat(figure) }
  }

  it('corrects the back along the kit’s ladder: another tool, and the length that tool leaves', async () => {
    await onTo('body')
    await openZone('Back')
    await page.click("//button[@aria-label='Shorter']")
    back = await cutShown()
    expect(back.tool).toMatch(/^(comb|\d)/)
    expect(back.lengthMm).toBeLessThan(planned.get('back')?.lengthMm ?? 0)
    await keepCut()
  })

  it('changes a scissored zone by the rule and finishes', async () => {
    await onTo('head')
    await openZone('Brow')
    await page.click("//button[@aria-label='Shorter']")
    await page.click("//button[@aria-label='Shorter']")
    await keepCut()
    await page.wrapUp()
  })

  it('wraps up: done against planned, by stage and by zone', async () => {
    await page.sees('Nettle is done')
    await page.sees('Stage by stage, hands-on minutes')
    await page.sees('2 of 37 zones differ from the card')
    const brow = await driver.findElement(By.css('tr[data-cut=brow]'))
    const wanted = planned.get('brow')?.lengthMm ?? 0
    expect((await brow.getText()).replace(/\s+/g, ' ')).toContain(`Brow ${wanted} ${wanted - 2}`)
    await page.sees('<b>calm</b> & steady')
    await page.press('Liked')
    await page.press('Keep the card and close')
    await page.sees('The card as cut is kept, liked.')
  })

  it('after the close a cut is put right with its reason, as a new version', async () => {
    await page.click("//section[@aria-label='Put a cut right']//*[@role='combobox']")
    await page.type("//input[@aria-label='Zone to put right']", 'Skull')
    await driver.actions().sendKeys(Key.ENTER).perform()
    await page.click("//section[@aria-label='Put a cut right']//button[@aria-label='Shorter']")
    skull = await cutShown()
    await page.type("//input[@placeholder='read off the photo']", 'measured at the door')
    await page.press('Keep as a new version')
    await page.sees('Kept: the card as cut has a new version.')
    await page.sees('measured at the door')
    const row = () => driver.findElement(By.css('tr[data-cut=skull]')).getText()
    const asCut = `Skull ${planned.get('skull')?.lengthMm} ${skull.lengthMm}`
    await page.until(async () => (await row()).replace(/\s+/g, ' ').includes(asCut), asCut)
  })

  it('the next visit, same as last time, is the trim that was cut', async () => {
    await page.click("//a[contains(., 'Plan the next visit')] | //button[contains(., 'Book it')]")
    if ((await page.text()).includes('Book and plan')) await page.bookAndPlan()
    await page.sees('Plan for Nettle')
    const chip = await page.find("//button[normalize-space(.)='Same as last time']")
    expect(await chip.getAttribute('aria-pressed')).toBe('true')
    const next = await page.card()
    const worked = [...planned].filter(([, { tool }]) => tool !== 'left as it is')
    const cut = (zone: string, as: { tool: string; lengthMm: number }) => {
      if (zone === 'back') return back
      if (zone === 'skull') return skull
      return { tool: as.tool, lengthMm: as.lengthMm - (zone === 'brow' ? 2 : 0) }
    }
    for (const [zone, as] of worked)
      expect([zone, next.get(zone)?.tool, next.get(zone)?.lengthMm]).toEqual([zone, ...Object.values(cut(zone, as))])
  })

  it('a dog that is not there is a page that says so, with 404', async () => {
    for (const path of ['/dogs/99999', '/dogs/abc', '/bookings/99999/plan', '/visits/99999/bench']) {
      expect((await fetch(kovit.address + path)).status).toBe(404)
    }
    await driver.get(`${kovit.address}/dogs/99999`)
    await page.sees('Nothing here')
  })

  it('an event sent by another site, or no event at all, is refused with a sentence', async () => {
    const url = bench.replace('/bench', '/events')
    const send = (body: string, headers = {}) =>
      fetch(url, {
        method: 'POST',
        body,
        headers: { 'Content-Type': 'application/json', Origin: kovit.address, ...headers },
      })
    expect((await send('{"events":[]}', { Origin: 'http://elsewhere.example' })).status).toBe(403)
    expect((await send('nonsense')).status).toBe(400)
    const answer = await (
      await send(
        JSON.stringify({
          events: [
            {
              kind: 'note',
              words: 'x'.repeat(10_000),
              stage: null,
              id: crypto.randomUUID(),
              atMs: Date.now(),
              by: 'Wren',
            },
          ],
        }),
      )
    ).json()
    expect(answer.value.answers).toMatchObject([
      { taken: 'refused', why: 'words: Keep a note to 4000 characters; what you wrote is still here.' },
    ])
  })
})
