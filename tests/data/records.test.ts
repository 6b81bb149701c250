import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Database } from '@/data/connection'
import { readDog } from '@/data/dogs'
import { addHouseCaution, decideRule, readHouseCautions, readRules, retireHouseCaution } from '@/data/houseRules'
import { saveWords } from '@/service/messages/houseWords'
import { ownerPageView } from '@/service/visit/ownerPageView'
import { dogRecords } from '@/service/dog/dogRecords'
import { saveMeasures } from '@/service/dog/saveMeasures'
import { appendEvents } from '@/service/visit/appendEvents'
import { makePlan } from '@/core/plan'
import {
  NINE,
  houseAt,
  bookAgain,
  bookQuill,
  closeVisit,
  fileOf,
  happened,
  openHouse,
  startVisit,
  type Server,
} from './house'

let server: Server
let database: Database
beforeAll(async () => void ({ server, database } = await openHouse('.kovit-test/records')))
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})

const LUMP = { kind: 'lump', zone: 'side', side: 'left', sizeMm: 8, status: 'new', words: '' } as const
const SHOWN = 'Quill is matted at the skin. I want Quill clipped short.'

describe('what a visit keeps of a dog', () => {
  let dogId: number
  let visitId: number
  let bookingId: number
  const consent = happened(2, { kind: 'consent', consent: 'pelt', shown: SHOWN, signed: 'Hedda Marsh' })
  beforeAll(async () => {
    const ids = await bookQuill(database)
    dogId = ids.dogId
    bookingId = ids.bookingId
    visitId = await startVisit(bookingId, dogId)
    await appendEvents(
      visitId,
      [
        happened(1, { kind: 'weighed', weightKg: 17.4 }),
        consent,
        happened(4, { kind: 'finding', finding: LUMP }),
        happened(60, { kind: 'behaviour', trigger: 'dryer', grade: 3, worked: 'hood' }),
        happened(200, { kind: 'finished' }),
      ],
      NINE,
    )
    await closeVisit(visitId, true, NINE + 201 * 60_000)
  })

  it('is one page for the owner: before and after, what was found with its size, and the next time', async () => {
    const view = await ownerPageView(visitId, houseAt(NINE))
    expect(view).toMatchObject({
      by: 'Wren',
      before: { back: 38 },
      after: { back: expect.any(Number) as number },
      found: [{ what: 'Lump', where: 'left side', sizeMm: 8 }],
      home: { brush: expect.stringContaining('comb') as string },
      next: { booked: false },
    })
    // Nothing was cut at this visit, so that no length is told as left.
    expect(view?.lengths).toEqual([])
    expect(await ownerPageView(999, houseAt(NINE))).toBe(null)
  })
  it('says to the owner what the house has written, with everything said', async () => {
    expect((await ownerPageView(visitId, houseAt(NINE)))?.words).toBe('Thank you for bringing Quill. Test house')
    await saveWords({ kind: 'page', words: '{dog} was good with {groomer} on {day}.' })
    expect((await ownerPageView(visitId, houseAt(NINE)))?.words).toMatch(
      /^Quill was good with Wren on Tuesday 2 March\.$/,
    )
  })
  it('is found again: findings, behaviour and weight, by visit', async () => {
    const records = await dogRecords(dogId)
    expect(records.findings).toMatchObject([{ ...LUMP, by: 'Wren' }])
    expect(records.behaviour).toMatchObject([{ trigger: 'dryer', grade: 3, worked: 'hood' }])
    expect(records.weights).toMatchObject([{ weightKg: 17.4 }])
    expect(await dogRecords(dogId, visitId)).toEqual({ findings: [], behaviour: [], weights: [] })
  })
  it('makes the next plan another one: the dryer is minded, dried by hand, and it says why', async () => {
    const later = await bookAgain(database, { dogId, staffId: 1 }, NINE + 42 * 86_400_000)
    const file = await fileOf(later.id)
    if (!file) throw new Error('no booking')
    expect(file.planned.dog.weightKg).toBe(17.4)
    expect(file.planned.behaviour).toEqual({ dryer: 3 })
    const plan = makePlan(file.planned)
    const dry = plan.stages.find(({ id }) => id === 'dry')
    expect(dry?.waitMin).toBe(0)
    expect(dry?.why).toBe('Dried by hand. Minds it, 3 of 4: 50 % more time.')
    expect(plan.stages.map(({ id }) => id)).toContain('rough-in')
    expect(plan.cautions.map(({ id }) => id)).toContain('dryer-fear')
    const before = makePlan({ ...file.planned, behaviour: {} })
    expect(before.stages.find(({ id }) => id === 'dry')?.waitMin).toBe(15)
  })
  it('a signed consent cannot be changed nor taken away, not even in the database', async () => {
    const { event } = database.models
    await expect(event.update({ payload: '{}' }, { where: { id: consent.id } })).rejects.toThrow(
      'A signed consent cannot be changed.',
    )
    await expect(event.destroy({ where: { id: consent.id } })).rejects.toThrow('A signed consent cannot be taken away.')
    const kept = await event.findByPk(consent.id)
    expect(JSON.parse(kept?.payload ?? '{}')).toMatchObject({ shown: SHOWN, signed: 'Hedda Marsh' })
  })
  it('keeps its measures, and a measure left out is nobody’s again', async () => {
    const measures = (build: 'racy' | 'square', measured: object, id = dogId) =>
      saveMeasures({ dogId: id, build, measured }, NINE)
    expect((await measures('racy', { heightCm: 51, muzzleCm: 9, ears: 'folded' })).ok).toBe(true)
    expect(await readDog(dogId)).toMatchObject({
      build: 'racy',
      heightCm: 51,
      lengthCm: null,
      muzzleCm: 9,
      ears: 'folded',
    })
    await measures('square', { heightCm: 52, lengthCm: 52 })
    expect(await readDog(dogId)).not.toHaveProperty('muzzleCm')
    expect(await measures('square', {}, 99_999)).toMatchObject({ ok: false, problems: [{ path: 'dogId' }] })
  })
})

describe('the rules of a house', () => {
  it('are the trade’s usual until it decides, and each decision leaves the others alone', async () => {
    expect((await readRules()).nailsWhen).toBe('before-bath')
    await decideRule({ nailsWhen: 'in-bath' })
    await decideRule({ brushLimitMin: 10, chancePercent: 90 })
    await decideRule({ nailsWhen: 'after-dry' })
    expect(await readRules()).toMatchObject({
      nailsWhen: 'after-dry',
      brushLimitMin: 10,
      chancePercent: 90,
      roughIn: 'auto',
    })
    await decideRule({ brushLimitMin: null })
    expect(await readRules()).not.toHaveProperty('brushLimitMin')
    expect((await readRules()).chancePercent).toBe(90)
  })
  it('add cautions in their own words, and take them out', async () => {
    await addHouseCaution({ stage: 'wash', words: 'The left tap runs hot.', madeBy: 'Wren', madeMs: NINE })
    const [own] = await readHouseCautions()
    expect(own).toMatchObject({ stage: 'wash', words: 'The left tap runs hot.', madeBy: 'Wren' })
    await retireHouseCaution(own?.id ?? 0, NINE)
    expect(await readHouseCautions()).toEqual([])
    expect((await retireHouseCaution(999, NINE)).ok).toBe(false)
  })
})
