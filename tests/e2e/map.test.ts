import { By, Key, type WebDriver } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import type { Page } from './browser'
import { openFor, type Running } from './kovit'

let kovit: Running
let driver: WebDriver
let page: Page
let plan: string
let file: string

openFor('.kovit-test/map', async (opened) => {
  ;({ kovit, driver, page } = opened)
  const day = await (await fetch(kovit.address)).text()
  plan = /\/bookings\/\d+\/plan/.exec(day)?.[0] ?? 'missing'
  file = /\/dogs\/\d+/.exec(day)?.[0] ?? 'missing'
})

/** The outline of a part as drawn: its path. */
const outline = (zone: string) =>
  driver.executeScript<string>(
    `return document.querySelector(document.querySelector('svg use[data-zone="${zone}"]').getAttribute('href')).getAttribute('d')`,
  )
const picked = async () =>
  (
    await driver.executeScript<string[]>(
      "return [...document.querySelectorAll('svg [data-zone][aria-pressed=true]')].map((each) => each.dataset.zone)",
    )
  )[0]

/** A place on the screen where a field of this zone is on top. */
const VISIBLE = `
  const box = document.querySelector('svg[role=group]').getBoundingClientRect()
  for (let y = box.top; y < box.bottom; y += 6)
    for (let x = box.left; x < box.right; x += 6)
      if (document.elementFromPoint(x, y)?.dataset?.zone === arguments[0]) return { x: Math.round(x), y: Math.round(y) }`

describe('the coat map in the plan', () => {
  it('picks a zone by mouse and by keyboard, and names it with its length', async () => {
    await driver.get(kovit.address + plan)
    const back = await page.find("//*[name()='path'][@data-zone='back']")
    expect(await back.getAttribute('aria-label')).toMatch(/^Back: [\d.]+ mm$/)
    const at = await driver.executeScript<{ x: number; y: number }>(VISIBLE, 'back')
    await driver.actions().move(at).click().perform()
    await page.until(async () => (await picked()) === 'back')
    await driver.executeScript('document.querySelector(\'svg [data-zone="rump"]\').focus()')
    await page.key(Key.ENTER)
    await page.until(async () => (await picked()) === 'rump')
    await page.sees('Rump picked')
  })

  it('draws six views, each with guides to hold the dog against', async () => {
    for (const [view, guide] of [
      ['Front', 'elbows level'],
      ['Rear', 'hocks upright'],
      ['Above', 'middle line'],
      ['Face', 'eyes and nose'],
      ['Head', 'skull'],
      ['Side', 'withers'],
    ]) {
      await page.press(view ?? '')
      if (view === 'Front') await page.press('Guides')
      await page.sees(guide ?? '')
    }
  })

  it('lets the trim grow by the slider: the figure and the outline change', async () => {
    const before = await outline('side')
    const handle = await page.find("//input[@type='range']")
    await handle.sendKeys(Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.ARROW_RIGHT)
    await page.sees('In 3 weeks')
    await page.until(async () => (await outline('side')) !== before)
    expect(await handle.getAttribute('aria-valuetext')).toBe('3 weeks on')
    await handle.sendKeys(Key.HOME)
    await page.sees('As cut')
    await page.until(async () => (await outline('side')) === before)
  })

  it('goes closer with two fingers and back to the whole dog', async () => {
    const scale = () =>
      driver.executeScript<string>(
        "return document.querySelector('svg[role=group]').closest('div[style]').style.transform",
      )
    await driver.executeScript(`
      const box = document.querySelector('svg[role=group]').closest('div[style]').parentElement
      const at = box.getBoundingClientRect()
      const touch = (type, id, x) => box.dispatchEvent(new PointerEvent(type, { pointerId: id, clientX: at.left + x, clientY: at.top + 100, bubbles: true }))
      touch('pointerdown', 1, 100); touch('pointerdown', 2, 200); touch('pointermove', 2, 300); touch('pointerup', 1, 100); touch('pointerup', 2, 300)`)
    await page.until(async () => /scale\(2\)/.test(await scale()))
    await page.press('Whole dog')
    expect(await scale()).toMatch(/scale\(1\)/)
  })

  it('saves what is drawn as an SVG that needs no page around it', async () => {
    await driver.executeScript(
      'URL.createObjectURL = (blob) => { blob.text().then((text) => { window.savedSvg = text }); return "#" }',
    )
    await page.press('Save as SVG')
    const text = await driver.wait(async () => driver.executeScript<string>('return window.savedSvg'), 8000)
    expect(text).toMatch(/^<svg[^>]+xmlns="http:\/\/www.w3.org\/2000\/svg"/)
    expect(text).not.toContain('var(--')
    expect(text).toContain('Back: ')
  })
})

describe('the measures of a dog', () => {
  const field = (label: string) => page.find(`//label[starts-with(normalize-space(.), '${label}')]//input`)
  const fill = async (label: string, cm: string) => {
    const input = await field(label)
    await input.sendKeys(Key.chord(Key.CONTROL, 'a'), cm, Key.TAB)
  }
  it('draw the figure as they are typed, and a nonsense is named before it is kept', async () => {
    await driver.get(`${kovit.address + file}/measures`)
    const before = await outline('cheek')
    await fill('Chest depth', '60')
    await page.sees('Chest depth 60 cm does not fit a height of')
    expect(await (await page.find("//button[.='Keep the measures']")).isEnabled()).toBe(false)
    await page.press('Undo')
    await fill('Muzzle', '3')
    await page.press('folded')
    expect(await outline('cheek')).not.toBe(before)
  })
  it('are kept, and the file is drawn by them', async () => {
    await page.press('Keep the measures')
    await page.sees('Kept. Every picture of this dog is drawn so.')
    await driver.get(kovit.address + file)
    await page.sees('folded')
    await driver.get(`${kovit.address + file}/measures`)
    expect(await (await field('Muzzle')).getAttribute('value')).toBe('3.0')
  })
})

describe('left and right', () => {
  it('that do not match are outlined on the views that show both', async () => {
    await driver.get(`${kovit.address}/dogs/7/card`)
    await page.press('legs')
    await page.press('left')
    const length = await page.find("//section[@aria-label='Change what is picked']//input[@role='spinbutton']")
    await length.sendKeys(Key.chord(Key.CONTROL, 'a'), '30')
    await page.press('Set the length')
    await page.press('Front')
    const marks = async () =>
      (await driver.findElements(By.css('svg path[stroke="var(--kv-caution)"][stroke-dasharray]'))).length
    await page.until(async () => (await marks()) >= 2)
  })
})
