import path from 'node:path'
import { By, Key, type WebDriver } from 'selenium-webdriver'
import { describe, expect, it } from 'vitest'
import type { Page } from './browser'
import { onDevice } from './onDevice'
import { openFor, type Running } from './kovit'

let kovit: Running
let driver: WebDriver
let page: Page

openFor('.kovit-test/care', (opened) => void ({ kovit, driver, page } = opened))

/** From the day to the bench of a dog that is still to come. */
async function toBench(name: string): Promise<void> {
  await driver.get(kovit.address)
  await page.press(name)
  await page.press('Start on the bench')
  await page.press('Start Arrive')
}

const tap = (zone: string) =>
  driver.executeScript(
    `document.querySelector('svg [data-zone="${zone}"]').dispatchEvent(new MouseEvent('click', { bubbles: true }))`,
  )
/** Reads and signs what is asked for; the brush-out may begin then. */
async function sign(shown: string): Promise<void> {
  await page.press('Read and sign')
  await page.sees(shown)
  await page.type("//*[@role='dialog']//input", 'Anneke Tolle', Key.TAB)
  await page.press('I agree and sign')
  await page.until(async () => /start Brush/.test(await page.mainAction()))
}

describe('the look-over', () => {
  it('asks about what was there last time; a lump that has changed stops and ends in a note for the vet', async () => {
    await toBench('Nettle')
    await page.press('Arrive done, start Look over')
    await page.sees('Lump on the left side')
    await page.press('changed')
    await page.press('+')
    await page.press('+')
    await page.press('Keep the finding')
    await page.sees('Lump, left side, 10 mm.')
    await page.sees('Note its place and size, tell the owner, vet.')
    await page.press('Note for the vet')
    await page.sees('Note for the vet: Nettle')
    const rows = await driver.executeScript<string[]>(
      "return [...document.querySelectorAll('table tbody tr')].map((row) => row.innerText.replace(/\\s+/g, ' '))",
    )
    expect(rows).toHaveLength(3)
    expect(rows[1]).toContain('8 mm same')
    expect(rows[2]).toContain('10 mm changed')
    await page.sees('This is no diagnosis.')
    await page.press('Back to the bench')
  })
  it('measures the coat and grades mats where the map is tapped; the plan follows', async () => {
    await page.sees('Never leave a dog in a loop')
    await tap('foreleg')
    for (let times = 0; times < 8; times++) await page.press('−5')
    await page.click("//button[starts-with(., 'Keep ')]")
    await page.sees('Measured, mm: foreleg')
    await page.sees('Now planned: foreleg')
    await tap('thigh')
    await page.click("//button[starts-with(., '2')][contains(., 'separate mats')]")
    await page.sees('Mats: thigh 2.')
    await page.sees('min more.')
  })
  it('takes a new finding where the map is tapped, with a picture that the vet will see', async () => {
    await tap('skirt')
    await page.press('Something is found here')
    await page.press('Hot spot')
    await page.type("//input[@type='file']", path.resolve('docs/screenshots/bench.png'))
    await page.find("//img[@alt='What was found']")
    await page.press('Keep the finding')
    await page.sees('Hot spot')
    await page.sees('Leave it alone, note it, tell the owner, vet.')
  })
  it('a dog that labours for breath is handed over: nothing else is offered, until the finding is taken back', async () => {
    await page.press('Finding')
    await page.press('Laboured breath')
    await page.press('Keep the finding')
    await page.sees('Stop the groom here, tell the owner, vet now.')
    await page.mainActionIs('Stop here, hand over')
    await page.press('Undo')
    await page.until(async () => /start Brush/.test(await page.mainAction()))
  })
  it('notes in one tap how the dog takes it, and a must is seen once', async () => {
    await page.sees('Nettle and the table: not noted yet')
    await page.press('3')
    await page.sees('Nettle and the table: struggles')
    await page.sees('blue tongue')
    await page.press('Seen')
    await page.until(async () => !(await page.text()).includes('blue tongue'))
    await page.sees('Never leave a dog in a loop')
  })
})

describe('the picture of a finding', () => {
  it('is on the note for the vet, from the house’s own books', async () => {
    await page.press('Note for the vet')
    await page.sees('Hot spot')
    const shown = () => driver.executeScript<number>("return document.querySelector('figure img')?.naturalWidth ?? 0")
    await page.until(async () => (await shown()) > 100)
    await page.press('Back to the bench')
    await page.find("//main[@data-stage='look-over']")
  })
})

describe('a consent', () => {
  it('is asked for when the look-over finds a pelt that nobody had told of', async () => {
    for (const zone of ['back', 'side', 'rump', 'shoulder', 'foreleg']) {
      await tap(zone)
      await page.click("//button[starts-with(., '4')][contains(., 'felted')]")
      await page.sees(`${zone} 4`)
    }
    await page.sees('Matted coat: the owner signs before the work begins.')
    await page.sees('hidden sores, and ears can bleed inside')
    await page.mainActionIs('The owner signs first')
    await sign('Nettle is matted at the skin.')
    expect(await page.text()).not.toContain('Matted coat: the owner signs')
  })
  it('is signed before the work begins, and stays as it was signed', async () => {
    await toBench('Hobnob')
    await page.press('Arrive done, start Look over')
    await page.sees('Old or ill dog: the owner signs before the work begins.')
    await page.mainActionIs('The owner signs first')
    await sign('Hobnob is old or not well.')
    await page.press('Undo')
    await driver.sleep(500)
    expect(await page.text()).not.toContain('the owner signs before the work begins')
  })
  it('a picture that the books refuse stays on the device and says so, until it is given up', async () => {
    // Begun off its time it began on its booking's page; opened again that is its visit's.
    const visitNow = async () => /visits\/(\d+)/.exec(await driver.getCurrentUrl())?.[1]
    await page.until(async () => {
      await driver.navigate().refresh()
      return (await visitNow()) !== undefined
    }, 'the visit has no page')
    const visit = await visitNow()
    const kept = () => onDevice<number>(driver, `photos.count()`)
    await onDevice(
      driver,
      `photos.put({ id: crypto.randomUUID(), bench: 'visit ${visit}', jpeg: new Blob(['x']), refused: null })`,
    )
    await page.press('Note')
    await page.press('Struggled here')
    await page.sees('This is no picture that can be read: send a JPEG. It is still on this device.')
    expect(await kept()).toBe(1)
    await page.press('Go on without it')
    await page.until(async () => (await kept()) === 0, 'the picture is still there')
  })
})

const order = () =>
  driver.executeScript<string[]>(
    "return [...document.querySelectorAll('li[data-stage]')].map((row) => row.dataset.stage)",
  )

let plan: string

describe('an order of one’s own', () => {
  it('dragged wrong says what it breaks, cannot start without a reason, and is put right', async () => {
    plan = await page.planOf(kovit.address, 'Gannet')
    const handle = (name: string) => page.find(`//button[@aria-label='Move ${name}']`)
    await driver.executeScript('arguments[0].scrollIntoView({block: "center"})', await handle('Pads'))
    const [feet, pads] = [await handle('Feet'), await handle('Pads')]
    await driver
      .actions()
      .move({ origin: feet })
      .press()
      .move({ origin: feet, y: -12 })
      .move({ origin: pads, y: -4, duration: 300 })
      .pause(200)
      .release()
      .perform()
    await page.sees('Pads must come before Feet.')
    expect((await order()).indexOf('feet')).toBeLessThan((await order()).indexOf('pads'))
    await page.press('Start on the bench')
    await page.sees('This order breaks a must.')
    await page.press('Put it right')
    await page.until(async () => !(await page.text()).includes('Pads must come before'))
    expect((await order()).indexOf('pads')).toBeLessThan((await order()).indexOf('feet'))
  })
  it('moves by keyboard, and is kept with its reason', async () => {
    const nails = await page.find("//button[@aria-label='Move Nails']")
    const before = (await order()).indexOf('nails')
    await driver.executeScript('arguments[0].scrollIntoView({block: "center"}); arguments[0].focus()', nails)
    for (const key of [Key.SPACE, Key.ARROW_UP, Key.SPACE]) {
      await page.key(key)
      await driver.sleep(350)
    }
    await page.until(async () => (await order()).indexOf('nails') === before - 1)
    await page.sees('All kept')
    await driver.sleep(900)
    await driver.get(plan)
    await page.find("//button[@aria-label='Move Nails']")
    expect((await order()).indexOf('nails')).toBe(before - 1)
    await page.press('The house’s order again')
    await page.until(async () => (await order()).indexOf('nails') === before)
    await driver.sleep(900)
  })
})

describe('the house', () => {
  it('shows both sides of a school; what it chooses changes the next plan', async () => {
    await driver.get(`${kovit.address}/rules`)
    await page.sees('Softer and the clipper is quieter')
    await page.press('in the bath Softer and the clipper is quieter; it fills the conditioner’s wait.')
    await page.until(
      async () =>
        (await driver.findElements(By.xpath("//button[@aria-pressed='true'][starts-with(., 'in the bath')]")))
          .length === 1,
    )
    await driver.get(plan)
    await page.sees('Plan for')
    const stages = await order()
    expect(stages.indexOf('nails')).toBeGreaterThan(stages.indexOf('condition'))
  })
  it('takes a limit, and gives it back to the usual', async () => {
    const field = "//label[starts-with(., 'De-matting at most')]"
    await driver.get(`${kovit.address}/rules`)
    await page.type(`${field}//input`, Key.chord(Key.CONTROL, 'a'), '12', Key.TAB)
    await page.press('Back to 20 min')
    await page.until(async () => (await page.valueOf(`${field}//input`)) === '20')
  })
  it('keeps what people do and when, and the stations', async () => {
    await driver.get(`${kovit.address}/rules`)
    await page.click("//section[@aria-label='People']//button[.='Change']")
    await page.press('Sun')
    await page.sees('Mon Tue Wed Thu Fri Sat 08:30 to 20:00')
    await page.press('hand-strip')
    await page.sees('clip, scissor, difficult dogs, hand-strip.')
    await page.type("//input[@aria-label='Name of the station']", 'Garden table')
    await page.press('Add station')
    await page.sees('Garden table, table')
  })
  it('adds a caution in its own words', async () => {
    await driver.get(`${kovit.address}/rules`)
    await page.type("//input[@aria-label='In words']", 'The left tap runs hot.')
    await page.press('Add')
    await page.sees('Look over: The left tap runs hot.')
    await page.press('Take out')
    await page.sees('None yet.')
    await page.press('Put it back')
    await page.sees('Look over: The left tap runs hot.')
  })
})

describe('devices at the table, as stand-ins', () => {
  /** Sends from the page of stand-ins in a second tab, and goes back to the bench. */
  async function sending(send: () => Promise<void>): Promise<void> {
    const bench = await driver.getWindowHandle()
    await driver.switchTo().newWindow('tab')
    await driver.get(`${kovit.address}/rules/stand-ins`)
    await send()
    await driver.close()
    await driver.switchTo().window(bench)
  }
  /** The bench of a dog that is in the house. */
  async function openBench(): Promise<void> {
    const [path] = /\/visits\/\d+\/bench/.exec(await (await fetch(kovit.address)).text()) ?? []
    await driver.get(`${kovit.address}${path}`)
    await page.find('//main[@data-stage]')
  }
  const row = (name: string, button: string) => `//section[@aria-label='${name}']//button[.='${button}']`

  it('the scale is kept in one tap, the pedal is the next step, and nonsense is told and does nothing', async () => {
    await openBench()
    const before = await page.mainAction()
    await sending(async () => {
      await page.click(row('The line', 'Send nonsense'))
      await page.click(row('Scale', 'It stands still'))
      await page.type("//section[@aria-label='Noise meter']//input", Key.chord(Key.CONTROL, 'a'), '95')
      await page.click(row('Noise meter', 'Send'))
    })
    await page.click("//summary[contains(., 'Stand-ins: noise meter 95 dB(A), protect your ears')]")
    await page.sees('Ears bear this for 48 min a day')
    await page.sees('One line of a device could not be read.')
    expect(await page.mainAction()).toBe(before)
    await page.press('Keep as today’s weight')
    await sending(() => page.click(row('Foot pedal', 'Press: next step')))
    await page.until(async () => (await page.mainAction()) !== before)
    await sending(async () => {
      await page.click(row('The line', 'Let it drop'))
      await page.click(row('Foot pedal', 'Press: next step'))
      await page.sees('lost: ')
    })
    await driver.get((await driver.getCurrentUrl()).replace('/bench', '/log'))
    await page.sees('18.9 kg')
  })
  it('a cabinet that is too warm says what to do, where the hand is', async () => {
    await openBench()
    await sending(async () => {
      await page.type("(//section[@aria-label='Cabinet']//input)[1]", Key.chord(Key.CONTROL, 'a'), '39')
      await page.click(row('Cabinet', 'Send'))
    })
    await page.click("//summary[contains(., 'look at the dog now')]")
    await page.sees('One that pants or is restless comes out.')
  })
})
