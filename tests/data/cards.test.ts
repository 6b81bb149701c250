import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { makePlan } from '@/core/plan'
import type { CardEntry } from '@/core/request'
import { changeBooking } from '@/data/bookings'
import { readVersion, readVersions } from '@/data/cards'
import type { Database } from '@/data/connection'
import { readGrowthPairs, readGrowths } from '@/data/growth'
import { addHousePattern, readHousePatterns, retireHousePattern } from '@/data/housePatterns'
import { addTool, changeTool, readKit, readTools } from '@/data/kit'
import { caseFor } from '@/service/booking/planOf'
import { growthOf } from '@/service/dog/growth'
import { saveCard } from '@/service/dog/saveCard'
import { appendEvents } from '@/service/visit/appendEvents'
import {
  NINE,
  TIME,
  bookAgain,
  bookQuill,
  closeVisit,
  fileOf,
  happened,
  houseAt,
  openHouse,
  startVisit,
  type Server,
} from './house'

const DAY_MS = 86_400_000
const WEEK_MS = 7 * DAY_MS
let server: Server
let database: Database
let quill: Awaited<ReturnType<typeof bookQuill>>

beforeAll(async () => {
  ;({ server, database } = await openHouse('.kovit-test/cards'))
  quill = await bookQuill(database)
})
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})

/** Grooms a booking from the first stage to the wrap-up. */
async function groom(bookingId: number, startMs: number): Promise<number> {
  const file = await fileOf(bookingId)
  if (!file) throw new Error('no file')
  const plan = makePlan(file.planned)
  const visitId = await startVisit(bookingId, file.standing.dog.id, file.planned, startMs)
  const at = (min: number, rest: object) => ({ ...happened(0, rest), atMs: startMs + min * 60_000 })
  const log = plan.stages.map(({ id }, minute) => at(minute * 5, { kind: 'stage-started', stage: id }))
  await appendEvents(visitId, [...log, at(plan.stages.length * 5, { kind: 'finished' })], startMs)
  await closeVisit(visitId, true, startMs + 4 * 3_600_000)
  return visitId
}
const again = (startMs: number, coatNowMm: object = {}) =>
  bookAgain(database, quill, startMs, { sameAsLast: true }, coatNowMm)

describe('from visit to visit', () => {
  it('a wish that waits is carried on, and cut when the coat is there', async () => {
    await changeBooking(quill.bookingId, {
      request: { pattern: 'one-length', lengthsMm: { bridge: 12 } },
      lookOver: { coatNowMm: { all: 38, bridge: 2 }, mats: {}, coatSidesMm: {} },
    })
    await groom(quill.bookingId, NINE)
    const early = await again(NINE + 2 * WEEK_MS)
    const waiting = await fileOf(early.id)
    expect(waiting?.planned.last?.growing).toEqual([{ zone: 'bridge', wantedMm: 12 }])
    // 2 mm and two weeks at 3 mm are 8 of 12
    expect(waiting && makePlan(waiting.planned).growing).toMatchObject([{ zone: 'bridge', presentMm: 8 }])
    await groom(early.id, NINE + 2 * WEEK_MS)
    const later = await again(NINE + 6 * WEEK_MS)
    const there = await fileOf(later.id)
    const bridge = there && makePlan(there.planned).card.find(({ zone }) => zone === 'bridge')
    expect(bridge).toMatchObject({ method: 'comb', lengthMm: 12 })
    await later.destroy()
  })

  it('what was left and what was found teach the dog’s own pace', async () => {
    const found = await again(NINE + 8 * WEEK_MS, { back: 33.5, all: 20, tail: 60 })
    await groom(found.id, NINE + 8 * WEEK_MS)
    const dog = { id: quill.dogId, coat: 'curly' as const }
    // 9.5 left on 16 March, 33.5 found six weeks later: 4 mm a week. `all` and the group `tail` teach nothing.
    expect((await readGrowthPairs(NINE + 9 * WEEK_MS, [dog.id])).get(dog.id)).toEqual([
      { group: 'body', leftMm: 9.5, foundMm: 33.5, weeks: 6 },
    ])
    const growth = (await growthOf([dog], NINE + 9 * WEEK_MS)).get(dog.id)
    if (!growth) throw new Error('no growth')
    expect(growth.body.mmPerWeek).toBeGreaterThan(3.3)
    expect(growth.legs.pairs).toBe(0)
    // What Insight draws is written at the close, of the same pairs.
    expect(await readGrowths(1, 6)).toMatchObject({
      measured: 1,
      shown: [{ dogId: dog.id, pairs: 1, mmPerWeek: growth.body.mmPerWeek }],
    })
    const next = await again(NINE + 10 * WEEK_MS)
    const file = await fileOf(next.id)
    expect(file?.planned.dog.growthMmPerWeek).toEqual({ body: growth.body.mmPerWeek })
  })
})

describe('versions of a card', () => {
  const changed = (zones: readonly CardEntry[]) =>
    zones.map((entry) =>
      entry.zone === 'back' && entry.method === 'comb' ? { ...entry, comb: '0' as const, lengthMm: 16 } : entry,
    )
  it('a card saved at the desk is the next version, and the same again means that one', async () => {
    const [newest] = await readVersions(quill.dogId)
    const card = newest && (await readVersion(quill.dogId, newest.version))
    if (!newest || !card) throw new Error('no card')
    const asked = { dogId: quill.dogId, by: 'Wren', why: 'Longer for winter', zones: changed(card.zones) }
    const kept = await saveCard(asked, houseAt(NINE + 9 * WEEK_MS))
    if (!kept.ok) throw new Error('not kept')
    const saved = kept.value
    expect(saved.version).toBe(newest.version + 1)
    expect((await readVersions(quill.dogId))[0]).toMatchObject({
      kind: 'saved',
      madeBy: 'Wren',
      why: 'Longer for winter',
    })
    const file = await caseFor(
      {
        id: 0,
        dogId: quill.dogId,
        staffId: quill.staffId,
        startMs: NINE + 14 * WEEK_MS,
        slotMin: 240,
        service: 'Full groom',
        request: { sameAsLast: true },
        coatNowMm: {},
        coatSidesMm: {},
        own: {},
        mats: {},
        setting: 'salon',
        standing: 'booked',
        repeat: null,
        home: null,
        changedMs: NINE,
        version: 1,
      },
      TIME,
    )
    expect(file?.standing.saved?.version).toBe(saved.version)
    expect(file && makePlan(file.planned).card.find(({ zone }) => zone === 'back')).toMatchObject({ comb: '0' })
  })
  it('earlier versions stay as they were', async () => {
    const first = await readVersion(quill.dogId, 1)
    expect(first?.zones.find(({ zone }) => zone === 'back')).toMatchObject({ comb: '2', lengthMm: 9.5 })
    expect(await readVersion(quill.dogId, 99)).toBeNull()
  })
})

describe('the kit', () => {
  const blade = async (name: string) => (await readTools()).find((tool) => tool.kind === 'blade' && tool.name === name)
  it('counts the minutes a blade has worked, from real visits, until it is sharpened', async () => {
    const thirty = await blade('30')
    if (thirty?.kind !== 'blade') throw new Error('no 30')
    expect(thirty.minutesSince).toBeGreaterThan(5)
    await changeTool(thirty.id, { sharpenedMs: NINE + 12 * WEEK_MS })
    expect(await blade('30')).toMatchObject({ minutesSince: 0, sharpenedMs: NINE + 12 * WEEK_MS })
  })
  it('shares the minutes out over two blades of one number', async () => {
    const [one] = (await readTools()).flatMap((tool) => (tool.kind === 'blade' && tool.name === '10' ? [tool] : []))
    await addTool('blade', '10', 'for feet')
    const two = (await readTools()).flatMap((tool) => (tool.kind === 'blade' && tool.name === '10' ? [tool] : []))
    expect(two.map(({ minutesSince }) => minutesSince)).toEqual([
      (one?.minutesSince ?? 0) / 2,
      (one?.minutesSince ?? 0) / 2,
    ])
    expect((await readKit()).blades.filter((name) => name === '10')).toHaveLength(1)
  })
  it('a retired tool is out of the kit and can come back; one that is not there is refused', async () => {
    const comb = (await readTools()).find((tool) => tool.kind === 'comb' && tool.name === 'E')
    await changeTool(comb?.id ?? 0, { retiredOn: '2027-03-02', label: 'cracked' })
    expect((await readKit()).combs).not.toContain('E')
    await changeTool(comb?.id ?? 0, { retiredOn: null })
    expect((await readKit()).combs).toContain('E')
    expect(await changeTool(9999, { label: 'x' })).toMatchObject({ ok: false })
  })
})

describe('patterns of the house', () => {
  it('are kept under one name, and taken out of use without being lost to bookings', async () => {
    const card = (await readVersion(quill.dogId, 1))?.zones ?? []
    const pattern = { name: 'Harbour trim', words: 'a comb longer', card, madeBy: 'Wren', madeMs: NINE }
    const kept = await addHousePattern(pattern)
    expect(await addHousePattern(pattern)).toMatchObject({ ok: false, problems: [{ path: 'name' }] })
    expect(await readHousePatterns()).toEqual([{ ...pattern, id: kept.ok ? kept.value.id : 0 }])
    await retireHousePattern(kept.ok ? kept.value.id : 0, NINE)
    expect(await readHousePatterns()).toEqual([])
    expect(await retireHousePattern(9999, NINE)).toMatchObject({ ok: false })
  })
})
