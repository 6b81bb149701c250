import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { coatToday, makePlan } from '@/core/plan'
import type { VisitEvent } from '@/core/visit'
import { insightOf } from '@/core/insight'
import type { CardEntry } from '@/core/request'
import { readBooking } from '@/data/bookings'
import { addCard, readCard, readVersions } from '@/data/cards'
import type { Database } from '@/data/connection'
import { readDog } from '@/data/dogs'
import { dropSums, keepFacts, readGroups, readSums, type SumsOf, type SumsSpan } from '@/data/groomFacts'
import { readTools } from '@/data/kit'
import { migrate } from '@/data/migrations'
import { readVisit } from '@/data/visits'
import { cardView, printView } from '@/service/dog/cardView'
import { dogFileView } from '@/service/dog/dogFileView'
import { DogsAsked, dogsView } from '@/service/find/dogsView'
import { rebuildSums } from '@/service/insight/rebuildFacts'
import { appendEvents } from '@/service/visit/appendEvents'
import { wrapUpView } from '@/service/visit/wrapUpView'
import {
  NINE,
  QUILL,
  bookAgain,
  bookQuill,
  closeVisit,
  fileOf,
  happened,
  houseAt,
  openHouse,
  startVisit,
  type Server,
  factsOf,
} from './house'
import { summed } from '../generated/summed'

const MIN = 60_000
const WEEK_MS = 7 * 86_400_000
let server: Server
let database: Database
let ids: Awaited<ReturnType<typeof bookQuill>>
let visitId: number

beforeAll(async () => void ({ server, database } = await openHouse('.kovit-test/truth')))
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})
beforeEach(async () => {
  ids = await bookQuill(database)
  visitId = await startVisit(ids.bookingId, ids.dogId)
})

/** The whole groom with what the bench says besides. */
async function groom(...more: VisitEvent[]): Promise<void> {
  const { plan } = (await readVisit(visitId))!
  const log = plan.stages.map(({ id }, at) => happened(at * 5, { kind: 'stage-started', stage: id }))
  await appendEvents(visitId, [...log, ...more, happened(200, { kind: 'finished' })], NINE)
  expect((await closeVisit(visitId, true, NINE + 210 * MIN)).ok).toBe(true)
}
const again = async (weeks: number, request: object = { sameAsLast: true }) => {
  const booking = await bookAgain(database, ids, NINE + weeks * WEEK_MS, request)
  const file = await fileOf(booking.id)
  if (!file) throw new Error('no booking')
  return makePlan(file.planned)
}
const at = (card: readonly { zone: string }[], zone: string) => card.filter((entry) => entry.zone === zone)
const asCut = async () => (await readCard((await readVisit(visitId))?.cutCardId ?? 0))?.zones ?? []

describe('what was cut is what is kept', () => {
  it('a 5F on the bench is a 5F on the card, in the next plan, and in the hours of the blade', async () => {
    const fiveF = { zone: 'back', side: null, method: 'clip', blade: '5F', comb: null, lay: 'with', lengthMm: 6.3 }
    await groom(happened(120, { kind: 'zone-cut', cut: fiveF }))
    expect(at(await asCut(), 'back')).toMatchObject([{ method: 'clip', blade: '5F', lengthMm: 6.3 }])
    expect(at((await again(6)).card, 'back')).toMatchObject([
      { method: 'clip', blade: '5F', lay: 'with', lengthMm: 6.3 },
    ])
    const worked = (await readTools()).find((tool) => tool.kind === 'blade' && tool.name === '5F')
    expect(worked?.kind === 'blade' && worked.minutesSince).toBeGreaterThan(0)
  })

  it('left and right stay apart: as cut, in the next plan, and when that one is cut again', async () => {
    const scissor = { method: 'scissor', blade: null, comb: null, lay: null }
    const ear = (side: string, lengthMm: number) => ({ zone: 'ear-edge', side, ...scissor, lengthMm })
    await groom(
      happened(150, { kind: 'zone-cut', cut: ear('left', 24) }),
      happened(151, { kind: 'zone-cut', cut: ear('right', 20) }),
    )
    const apart = [
      { side: 'left', lengthMm: 24 },
      { side: 'right', lengthMm: 20 },
    ]
    expect(at(await asCut(), 'ear-edge')).toMatchObject(apart)
    const next = await again(6)
    expect(at(next.card, 'ear-edge')).toMatchObject(apart)
    expect(next.changes.filter(({ zone }) => zone === 'ear-edge')).toEqual([])
  })

  it('a wish found impossible on the bench is carried to the next visit', async () => {
    const wish = { request: '{"pattern":"one-length","lengthsMm":{"foreleg":30}}' }
    await database.models.booking.update(wish, { where: { id: ids.bookingId } })
    const planned = { ...QUILL, request: { pattern: 'one-length' as const, lengthsMm: { foreleg: 30 } } }
    const other = await bookQuill(database)
    ids = { ...other }
    visitId = await startVisit(other.bookingId, other.dogId, planned)
    await groom(happened(2, { kind: 'measured', zone: 'foreleg', lengthMm: 18 }))
    expect((await again(2)).growing).toMatchObject([{ zone: 'foreleg', wantedMm: 30 }])
  })

  it('what was found stands for the next plan, and gone ends it', async () => {
    const spot = { kind: 'hot-spot', zone: 'thigh', side: 'left', sizeMm: 12, status: 'new', words: '' }
    await groom(happened(6, { kind: 'finding', finding: spot }))
    expect((await readDog(ids.dogId))?.health).toMatchObject([{ kind: 'hot-spot', zone: 'thigh', since: '2027-03-02' }])
    const next = await again(6)
    expect(next.refer).toMatchObject([{ kind: 'hot-spot', zone: 'thigh' }])
    expect(at(next.card, 'thigh')).toMatchObject([{ side: 'left', method: 'leave' }, { side: 'right' }])
    const booking = await database.models.booking.findOne({ where: { dogId: ids.dogId }, order: [['id', 'DESC']] })
    visitId = await startVisit(
      booking?.id ?? 0,
      ids.dogId,
      (await fileOf(booking?.id ?? 0))?.planned,
      NINE + 6 * WEEK_MS,
    )
    await groom(happened(6, { kind: 'finding', finding: { ...spot, status: 'gone' } }))
    expect((await readDog(ids.dogId))?.health).toEqual([])
    expect((await again(12)).refer).toEqual([])
  })
})

describe('after the close', () => {
  const cut = { zone: 'skull', side: null, method: 'scissor', blade: null, comb: null, lay: null, lengthMm: 19 }
  const amended = () => happened(300, { kind: 'amended', cut, why: 'read off the photo' })
  it('only an amendment is taken; what is refused says why', async () => {
    await groom()
    const note = happened(299, { kind: 'note', words: 'too late', stage: null })
    const sent = await appendEvents(visitId, [note, amended()], NINE + 300 * MIN)
    expect(sent.ok && sent.value.answers).toMatchObject([
      { taken: 'refused', why: expect.stringContaining('wrapped up') },
      { taken: 'taken' },
    ])
  })
  it('an amendment makes a new version as cut, and wrap-up, insight and the next plan read it', async () => {
    await groom()
    const before = await readVisit(visitId)
    const scoreBefore = (await factsOf(database)).find((each) => each.visitId === visitId)?.facts.repeat
    await appendEvents(visitId, [amended()], NINE + 300 * MIN)
    const after = await readVisit(visitId)
    expect(after?.cutCardId).not.toBe(before?.cutCardId)
    expect(await readCard(before?.cutCardId ?? 0)).not.toBeNull()
    expect(at(await asCut(), 'skull')).toMatchObject([{ lengthMm: 19, why: 'Amended: read off the photo' }])
    const view = await wrapUpView(visitId, houseAt(NINE + 301 * MIN))
    expect(view?.results.find(({ zone }) => zone === 'skull')).toMatchObject({
      how: 'changed',
      cut: [{ lengthMm: 19 }],
    })
    expect(at((await again(6)).card, 'skull')).toMatchObject([{ lengthMm: 19 }])
    const score = (await factsOf(database)).find((each) => each.visitId === visitId)?.facts.repeat
    expect(score).toBeLessThan(scoreBefore ?? 0)
    expect(score).toBe(view?.toCard)
  })
  it('what Insight sums is what the grooms say, after an amendment too, and made again from them', async () => {
    await groom()
    await appendEvents(visitId, [amended()], NINE + 300 * MIN)
    const all = (await factsOf(database)).map(({ staffId, startedMs, facts }) => ({
      ...facts,
      month: new Date(startedMs).toISOString().slice(0, 7),
      groomer: String(staffId),
    }))
    const told = async (of: SumsOf = {}, span: SumsSpan = ['2000-01', '2099-12']) =>
      insightOf({
        months: await readSums(span, of),
        coats: await readGroups('coat', span, of),
        groomers: await readGroups('staffId', span, of),
      })
    const byGroom = insightOf(summed(all))
    const rounded = (insight: object) =>
      JSON.parse(JSON.stringify(insight), (_, value: unknown) =>
        typeof value === 'number' ? Math.round(value * 1e6) / 1e6 : value,
      ) as object
    expect(byGroom.grooms).toBeGreaterThan(1)
    expect(rounded(await told())).toEqual(rounded(byGroom))
    const [one] = all
    const ofOne = all.filter(({ groomer, coat }) => groomer === one?.groomer && coat === one.coat)
    const asked = { staffId: Number(one?.groomer), coat: one?.coat ?? '' }
    expect(rounded(await told(asked))).toEqual(rounded(insightOf(summed(ofOne))))
    const byYear = all.map((groom) => ({ ...groom, month: groom.month.slice(0, 4) }))
    expect(rounded(await told({}, ['2000', '2099']))).toEqual(rounded(insightOf(summed(byYear))))
    await dropSums()
    expect((await told()).grooms).toBe(0)
    await rebuildSums('UTC')
    expect(rounded(await told())).toEqual(rounded(byGroom))
  })
  it('a groom as last time is in the pattern of the one before; so are grooms from before that was kept', async () => {
    await groom()
    const later = 6 * 7 * 24 * 60
    const { id } = await bookAgain(database, ids, NINE + later * MIN, { sameAsLast: true })
    const next = await startVisit(id, ids.dogId, { ...QUILL, request: { sameAsLast: true } }, NINE + later * MIN)
    const end = happened(later + 90, { kind: 'finished' })
    await appendEvents(next, [happened(later, { kind: 'stage-started', stage: 'wash' }), end], end.atMs)
    expect((await closeVisit(next, true, end.atMs)).ok).toBe(true)
    const mine = async () => (await factsOf(database)).filter(({ dogId }) => dogId === ids.dogId)
    const patterns = async () => (await mine()).map(({ facts }) => facts.pattern)
    expect(await patterns()).toEqual(['One length', 'One length'])
    const span = ['2000-01', '2099-12'] as const
    const told = async () => (await readGroups('pattern', span)).sort((a, b) => a.name.localeCompare(b.name))
    const before = await told()
    expect(before.reduce((sum, { count }) => sum + count, 0)).toBe((await factsOf(database)).length)
    for (const { visitId, facts } of await mine()) {
      const { pattern: _, ...old } = facts
      await database.models.groomFacts.update({ facts: JSON.stringify(old), format: 1 }, { where: { visitId } })
    }
    await dropSums()
    expect([await patterns(), await told()]).toEqual([[null, null], []])
    await rebuildSums('UTC')
    expect(await patterns()).toEqual(['One length', 'One length'])
    expect((await told()).map(({ name, count }) => [name, count])).toEqual(
      before.map(({ name, count }) => [name, count]),
    )
    const cells = await readSums(span, { pattern: 'One length' })
    expect(cells.reduce((sum, { sums }) => sum + sums.count, 0)).toBe(
      before.find(({ name }) => name === 'One length')?.count,
    )
  })
  it('a short groom is added to short ones of its month, as often as it is written once', async () => {
    await groom()
    const [stored] = (await factsOf(database)).filter((each) => each.visitId === visitId)
    if (!stored) throw new Error('no facts')
    const bathOnly = { ...stored.facts, stages: stored.facts.stages.slice(0, 2), done: {} }
    const inMonth = async (month: string) => (await readSums([month, month])).map(({ sums }) => sums.count)
    for (let nth = 0; nth < 3; nth++) await keepFacts({ ...stored, facts: bathOnly }, '2031-05')
    expect(await inMonth('2031-05')).toEqual([1])
    await keepFacts(stored, '2031-06')
    expect([await inMonth('2031-05'), await inMonth('2031-06')]).toEqual([[0], [1]])
  })
  it('an amendment can be taken back: the card as it was cut stands again', async () => {
    await groom()
    const first = at(await asCut(), 'skull')
    const made = amended()
    await appendEvents(visitId, [made], NINE + 300 * MIN)
    await appendEvents(visitId, [happened(301, { kind: 'undone', undoes: made.id })], NINE + 301 * MIN)
    expect(at(await asCut(), 'skull')).toEqual(first)
  })
  it('an undo from before the close cannot be taken back after it: the card stays as it was cut', async () => {
    const before = happened(150, { kind: 'zone-cut', cut })
    const undone = happened(151, { kind: 'undone', undoes: before.id })
    await groom(before, undone)
    const first = await asCut()
    const sent = await appendEvents(visitId, [happened(301, { kind: 'undone', undoes: undone.id })], NINE + 301 * MIN)
    expect(sent.ok && sent.value.answers).toMatchObject([{ taken: 'refused' }])
    expect(await asCut()).toEqual(first)
  })
  it('an open visit takes no amendment', async () => {
    const sent = await appendEvents(visitId, [amended()], NINE)
    expect(sent.ok && sent.value.answers).toMatchObject([{ taken: 'refused' }])
  })
})

describe('one dog, one answer', () => {
  it('its last card and its coat today are the same on Dogs, file, card, print and plan', async () => {
    await groom()
    const nowMs = NINE + 5 * WEEK_MS
    const house = houseAt(nowMs)
    const [dogs, file, card, print] = await Promise.all([
      dogsView(DogsAsked.parse({}), house),
      dogFileView(ids.dogId, house),
      cardView(ids.dogId, house),
      printView(ids.dogId, house),
    ])
    const next = await bookAgain(database, ids, nowMs)
    const plan = await fileOf(next.id)
    const coat = Object.fromEntries(plan ? coatToday(plan.planned) : [])
    const rounded = Object.fromEntries(Object.entries(coat).map(([zone, mm]) => [zone, Math.round(mm * 10) / 10]))
    expect(dogs.dogs.find(({ id }) => id === ids.dogId)?.coatMm).toEqual(rounded)
    expect(file?.nowMm).toEqual(coat)
    expect(card?.presentMm).toEqual(coat)
    const versions = [file?.card?.version, card?.asked?.version, plan?.standing.card?.version]
    expect(new Set(versions).size).toBe(1)
    expect(print?.which).toContain(`Version ${versions[0]},`)
  })
  it('a dog that turns twelve on the day of its slot is 144 months, the day before 143', async () => {
    await database.models.dog.update({ bornOn: '2015-03-09' }, { where: { id: ids.dogId } })
    const monthsOn = async (ms: number) => {
      await database.models.booking.update({ startAt: new Date(ms) }, { where: { id: ids.bookingId } })
      return (await fileOf(ids.bookingId))?.planned.dog.ageMonths
    }
    expect([await monthsOn(NINE + WEEK_MS), await monthsOn(NINE + WEEK_MS - 86_400_000)]).toEqual([144, 143])
  })
})

describe('the tables', () => {
  it('a column of JSON takes nothing else', async () => {
    const half = database.models.booking.update({ request: '{"half' }, { where: { id: ids.bookingId } })
    await expect(half).rejects.toThrow()
    expect((await readBooking(ids.bookingId))?.request).toEqual({ pattern: 'one-length' })
  })
  it('a card holds one row a zone and side', async () => {
    const cut = { method: 'scissor' as const, blade: null, comb: null, lay: null, lengthMm: 9 }
    const back: CardEntry = { zone: 'back', side: null, ...cut, shape: null, join: 'blend', why: '' }
    const zones: CardEntry[] = [back, { ...back, side: 'left' }, back]
    const card = { dogId: ids.dogId, kind: 'saved' as const, madeMs: NINE, madeBy: 'Wren', why: '', zones }
    await expect(addCard(card)).rejects.toThrow('twice')
    expect((await readVersions(ids.dogId)).map(({ kind }) => kind)).not.toContain('saved')
  })
  it('a migration that was cut off goes on where it stopped', async () => {
    await groom()
    const { sequelize } = database
    await sequelize.query("DELETE FROM sequelize_meta WHERE name = '0009-one-truth'")
    // Cut after the third statement was done and before it was marked.
    await sequelize.query("UPDATE migration_steps SET done = 2 WHERE name = '0009-one-truth'")
    for (const gone of ['growth_pairs', 'groom_facts']) await sequelize.query(`DROP TABLE ${gone}`)
    // A table that a later change took away again.
    await sequelize.query('CREATE TABLE trim_card_zones (card_id INT, zone VARCHAR(20), side VARCHAR(5))')
    for (const column of ['dogs', 'bookings', 'staff'])
      await sequelize.query(`ALTER TABLE ${column} DROP COLUMN row_version`)
    for (const [table, column] of JSON_CHECKS)
      await sequelize.query(`ALTER TABLE ${table} DROP CONSTRAINT ${table}_${column}_is_json`)
    expect(await migrate(database)).toEqual(['0009-one-truth'])
    await sequelize.query('DROP TABLE trim_card_zones')
    expect((await readDog(ids.dogId))?.version).toBeGreaterThan(0)
    expect(await database.models.groomFacts.count()).toBe(0)
  })
})

const JSON_CHECKS = [
  ...['request', 'coat_now', 'mats', 'coat_sides', 'own_order'].map((column) => ['bookings', column]),
  ...['behaviour', 'health', 'measures'].map((column) => ['dogs', column]),
  ...['planned_case', 'plan', 'verdicts', 'left_behind'].map((column) => ['visits', column]),
  ['visit_events', 'payload'],
  ['staff', 'work'],
  ['house_patterns', 'card'],
]
