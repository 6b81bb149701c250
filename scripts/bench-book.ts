import type { Database } from '@/data/connection'
import { addDays, type Day } from '@/core/units'
import { openBrowser } from '../tests/e2e/browser'
import { fillDrawer, manyDogs } from '../tests/generated/dogs'
import { ask, served, type Asked } from './bench-served'

const PEOPLE = ['Wren', 'Ansel', 'Petra', 'Oskar', 'Linnet']
const BOOKINGS = 80
const STARTS = ['08:30', '10:45', '13:00', '15:15']
const SLOT_MIN = 120

/** The Monday of next week. */
function nextMonday(nowMs: number): Day {
  const today = new Date(nowMs).toISOString().slice(0, 10)
  return addDays(today, 7 - ((new Date(`${today}T12:00:00Z`).getUTCDay() + 6) % 7))
}

async function fillWeek(database: Database, monday: Day): Promise<void> {
  const { models } = database
  await fillDrawer(database, manyDogs(BOOKINGS), Date.parse(`${monday}T00:00:00Z`))
  const staff = await models.staff.bulkCreate(PEOPLE.map((name) => ({ name, role: 'groomer' as const })))
  await models.booking.bulkCreate(
    Array.from({ length: BOOKINGS }, (_, at) => ({
      dogId: at + 1,
      staffId: staff[at % PEOPLE.length]?.id ?? 0,
      startAt: new Date(`${addDays(monday, Math.floor(at / 16))}T${STARTS[Math.floor((at % 16) / PEOPLE.length)]}:00Z`),
      slotMin: SLOT_MIN,
      service: 'Full groom',
      request: '{"pattern":"teddy"}',
      coatNow: '{"all":38}',
      mats: '{}',
      setting: 'salon' as const,
    })),
  )
}

/** Counts frames from one press to the release: how long each took, ms. */
const COUNT_FRAMES = `
  window.kovitFrames = []
  let before = performance.now()
  const frame = (now) => { window.kovitFrames.push(now - before); before = now; window.kovitRun && requestAnimationFrame(frame) }
  window.kovitRun = true
  requestAnimationFrame(frame)`

/** A dog carried to and fro over the week in a real browser: the frames meanwhile. */
async function carried(address: string, monday: Day): Promise<number[]> {
  const driver = await openBrowser()
  try {
    await driver.get(`${address}/book?day=${monday}`)
    await driver.sleep(1500)
    const slot = await driver.findElement({ css: 'button[data-life]' })
    const { x, y } = await slot.getRect()
    await driver.actions({ async: true }).move({ origin: slot }).press().perform()
    await driver.executeScript(COUNT_FRAMES)
    let drag = driver.actions({ async: true })
    for (let at = 1; at <= 8; at++)
      drag = drag.move({ x: Math.round(x) + (at % 2) * 400 + 60, y: Math.round(y) + at * 40, duration: 400 })
    await drag.perform()
    const frames = await driver.executeScript<number[]>('window.kovitRun = false; return window.kovitFrames')
    await driver.actions({ async: true }).release().perform()
    return frames.slice(2)
  } finally {
    await driver.quit()
  }
}

export interface WeekBench {
  pages: Asked[]
  frames: number[]
}

/** The week of five people and 80 bookings: its page, warm and after everything that plans are made from has changed, and a drag. */
export function weekOfEighty(): Promise<WeekBench> {
  const monday = nextMonday(Date.now())
  return served(
    '.kovit-test/bench-book',
    (database) => fillWeek(database, monday),
    async (address, { sequelize }) => {
      const page = () => fetch(`${address}/book?day=${monday}`)
      const from = performance.now()
      await (await page()).arrayBuffer()
      const first = { what: 'the week, the first time', took: [performance.now() - from], kb: 0 }
      const warm = await ask('the week, 5 people, 80 bookings', page)
      await sequelize.query("INSERT INTO house_rules (rule_id, choice) VALUES ('chancePercent', '84')")
      const again = performance.now()
      await (await page()).arrayBuffer()
      const stale = { what: 'the week, a rule of the house changed', took: [performance.now() - again], kb: 0 }
      return { pages: [warm, first, stale], frames: await carried(address, monday) }
    },
  )
}
