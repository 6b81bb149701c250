import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { chanceAt } from '@/core/book'
import { makePlan } from '@/core/plan'
import { readPlanStamps } from '@/data/bookedFits'
import type { Database } from '@/data/connection'
import { readBookings } from '@/data/bookings'
import { changeDog } from '@/data/dogs'
import { keepCells } from '@/data/pace'
import { fitsOf } from '@/service/book/fits'
import { filesAtHand } from '@/service/booking/filesAtHand'
import { bookingFile } from '@/service/booking/planOf'
import { NINE, TIME, bookAgain, bookQuill, openHouse, type Server } from './house'

let server: Server
let database: Database
let ids: Awaited<ReturnType<typeof bookQuill>>
const DAY_MS = 86_400_000

beforeAll(async () => {
  ;({ server, database } = await openHouse(`${process.cwd()}/.kovit-test/booked-fits`))
  ids = await bookQuill(database)
})
afterAll(async () => {
  await database?.sequelize.close()
  await server?.stop()
})

const bookings = () => readBookings(NINE - DAY_MS, NINE + 60 * DAY_MS)
const stamp = async () => (await readPlanStamps([ids.bookingId])).get(ids.bookingId)
const fit = async () => (await fitsOf(await bookings(), TIME)).get(ids.bookingId)

describe('what the book keeps of a plan', () => {
  it('is what the plan itself says of its slot', async () => {
    const file = await bookingFile(ids.bookingId, TIME)
    if (!file) throw new Error('no booking')
    const plan = makePlan(file.planned)
    const kept = await fit()
    expect(kept).toMatchObject({ p50: plan.fit.p50, p90: plan.fit.p90, shortestMin: plan.fit.shortestSlotMin })
    expect(chanceAt(kept?.curve ?? { fromMin: 0, percents: [] }, 240)).toBe(Math.round(plan.fit.chance * 100))
  })

  it('is not made again while nothing has changed', async () => {
    await fit()
    const marker =
      '{"p50":1,"p90":2,"shortestMin":15,"promisedPercent":85,"curve":{"fromMin":5,"percents":[100]},"groomer":true,"skills":[],"waterLitres":1}'
    await database.models.bookedFit.update({ fit: marker }, { where: { bookingId: ids.bookingId } })
    expect(await fit()).toMatchObject({ p50: 1 })
  })

  it.each<[string, () => Promise<unknown>]>([
    ['the dog’s file', () => changeDog(ids.dogId, { weightKg: 24 })],
    ['a rule of the house', () => database.models.rule.create({ ruleId: 'chancePercent', choice: '95' })],
    ['the kit', () => database.models.tool.create({ kind: 'blade', name: '9' })],
    ['what was learned of minutes', () => keepCells(new Map([['house', { n: 3, sum: 0.4, day: 20_000 }]]))],
    ['a card of the dog', () => addCut()],
    ['what its people said of the last trim', () => database.models.visit.update({ liked: false }, { where: {} })],
    ['the booking itself', () => database.models.booking.update({ rowVersion: 9 }, { where: { id: ids.bookingId } })],
  ])('has another mark when something changes: %s', async (_, change) => {
    const before = await stamp()
    expect(await stamp()).toBe(before)
    await change()
    expect(await stamp()).not.toBe(before)
  })

  it('follows the change on Day, where what its plan starts from is at hand', async () => {
    const [booking] = (await bookings()).filter(({ id }) => id === ids.bookingId)
    const atHand = async () => (await filesAtHand(booking ? [booking] : [], TIME)).get(ids.bookingId)
    const fresh = async () => bookingFile(ids.bookingId, TIME)
    expect((await atHand())?.planned).toEqual((await fresh())?.planned)
    await changeDog(ids.dogId, { weightKg: 31 })
    expect((await atHand())?.planned.dog.weightKg).toBe(31)
    expect((await atHand())?.planned).toEqual((await fresh())?.planned)
  })

  it('follows the change: a heavier dog takes longer, and is less sure of its slot', async () => {
    await changeDog(ids.dogId, { weightKg: 19 })
    const light = await fit()
    await changeDog(ids.dogId, { weightKg: 38 })
    const heavy = await fit()
    expect(heavy?.p50).toBeGreaterThan(light?.p50 ?? Infinity)
    expect(chanceAt(heavy?.curve ?? NONE, 240)).toBeLessThanOrEqual(chanceAt(light?.curve ?? NONE, 240))
  })

  it('is another dog’s own', async () => {
    const other = await bookQuill(database)
    const mark = (await readPlanStamps([other.bookingId])).get(other.bookingId)
    await changeDog(ids.dogId, { weightKg: 20 })
    expect((await readPlanStamps([other.bookingId])).get(other.bookingId)).toBe(mark)
    await bookAgain(database, other, NINE + 30 * DAY_MS)
    const all = await fitsOf(await bookings(), TIME)
    expect(all.size).toBe((await bookings()).length)
  })
})

const NONE = { fromMin: 0, percents: [] }

/** A groom of the same dog that is over, with its card. */
async function addCut(): Promise<void> {
  const { models } = database
  const card = await models.card.create({
    dogId: ids.dogId,
    version: 1,
    kind: 'cut',
    madeAt: new Date(NINE - 40 * DAY_MS),
    madeBy: 'Wren',
    why: 'As cut',
    zones: '[]',
    blades: '',
  })
  const past = await bookAgain(database, ids, NINE - 40 * DAY_MS)
  await models.visit.create({
    bookingId: past.id,
    dogId: ids.dogId,
    plannedCardId: card.id,
    plannedCase: '{}',
    plan: '{}',
    startedAt: new Date(NINE - 40 * DAY_MS),
    liked: true,
  })
}
