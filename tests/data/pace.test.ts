import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { paceKeys, paceOn, type PaceOf } from '@/core/pace'
import type { Database } from '@/data/connection'
import { readCells } from '@/data/pace'
import { appendEvents } from '@/service/visit/appendEvents'
import { ownerSaid } from '@/service/visit/ownerSaid'
import { makePlan } from '@/core/plan'
import {
  NINE,
  QUILL_PLAN,
  bookAgain,
  bookQuill,
  closeVisit,
  fileOf,
  happened,
  openHouse,
  startVisit,
  type Server,
  factsOf,
} from './house'

let server: Server
let database: Database
beforeAll(async () => void ({ server, database } = await openHouse('.kovit-test/pace')))
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})

/** Grooms Quill through every stage, each taking so much of its plan. */
async function groom(ids: { bookingId: number; dogId: number }, factor: number): Promise<number> {
  const visitId = await startVisit(ids.bookingId, ids.dogId)
  let atMin = 0
  const log = QUILL_PLAN.stages.map(({ id, p50 }) => {
    const event = happened(Math.round(atMin * 60_000) / 60_000, { kind: 'stage-started', stage: id })
    atMin += p50 * factor
    return event
  })
  const measured = [
    happened(1, { kind: 'measured', zone: 'back', lengthMm: 41 }),
    happened(1, { kind: 'measured', zone: 'tail', lengthMm: 50 }),
  ]
  await appendEvents(
    visitId,
    [...log, ...measured, happened(Math.round(atMin * 60_000) / 60_000, { kind: 'finished' })],
    NINE,
  )
  await closeVisit(visitId, true, NINE + (atMin + 5) * 60_000)
  return visitId
}

const paceOf = async (dogId: number, staffId: number, coat: PaceOf['coat'], atMs: number) => {
  const of = { dog: String(dogId), groomer: String(staffId), coat }
  return paceOn(await readCells(paceKeys(of)), of, Math.floor(atMs / 86_400_000))
}

describe('what a wrap-up teaches', () => {
  let ids: Awaited<ReturnType<typeof bookQuill>>
  let visitId: number
  beforeAll(async () => {
    ids = await bookQuill(database)
    expect(await paceOf(ids.dogId, 1, 'curly', NINE)).toBeNull()
    visitId = await groom(ids, 1.3)
  })
  it('is in the next plan of this dog: it takes longer, and the plan says by how much', async () => {
    const later = await bookAgain(database, { ...ids, staffId: 1 }, NINE + 42 * 86_400_000)
    const file = await fileOf(later.id)
    if (!file?.planned.pace) throw new Error('nothing was learned')
    const { pace, ...table } = file.planned
    const sum = (stages: { p50: number }[]) => stages.reduce((all, { p50 }) => all + p50, 0)
    expect(sum(makePlan(file.planned).stages) / sum(makePlan(table).stages)).toBeGreaterThan(1.08)
    expect(pace.visits).toBeGreaterThan(0.5)
  })
  it('is in the books: coat measured on the bench, from which growth is learned', async () => {
    const booking = await database.models.booking.findByPk(ids.bookingId)
    expect(JSON.parse(booking?.coatNow ?? '')).toEqual({ all: 38, back: 41 })
  })
  it('reaches another dog of the house less than this one', async () => {
    const head = async (dogId: number) => {
      const pace = await paceOf(dogId, 1, 'curly', NINE + 86_400_000)
      return (pace?.stages.head?.house ?? 0) + (pace?.stages.head?.dog ?? 0)
    }
    expect(await head(ids.dogId + 1)).toBeGreaterThan(0)
    expect(await head(ids.dogId + 1)).toBeLessThan(await head(ids.dogId))
  })
  it('closing it again teaches nothing more', async () => {
    const before = await database.models.paceCell.sum('n')
    expect(await closeVisit(visitId, true, NINE)).toMatchObject({ ok: false })
    expect(await database.models.paceCell.sum('n')).toBe(before)
  })
  it('is looked back on by the house', async () => {
    const [looked, ...rest] = await factsOf(database)
    expect(rest).toEqual([])
    expect(looked).toMatchObject({ visitId, startedMs: NINE, facts: { coat: 'curly', repeat: 100, worstGrade: null } })
    expect(looked?.facts.doneMin).toBeCloseTo(
      QUILL_PLAN.stages.reduce((sum, { p50 }) => sum + p50 * 1.3, 0),
      1,
    )
  })
})

describe('the owner’s word on a zone', () => {
  it('is kept, taken back, and refused for a visit that is not there', async () => {
    const look = () => database.models.visit.findOne()
    const id = (await look())?.id ?? 0
    await ownerSaid({ visitId: id, zone: 'ear-edge', verdict: 'too short' })
    await ownerSaid({ visitId: id, zone: 'back', verdict: 'too long' })
    await ownerSaid({ visitId: id, zone: 'back', verdict: null })
    expect(JSON.parse((await look())?.verdicts ?? '')).toEqual({ 'ear-edge': 'too short' })
    expect(await ownerSaid({ visitId: 999, zone: 'back', verdict: 'too long' })).toMatchObject({
      ok: false,
      problems: [{ path: 'visitId' }],
    })
  })
})

describe('a bath and tidy between two grooms', () => {
  it('is not what comes back: the last full groom’s card is repeated', async () => {
    const ids = await bookQuill(database, new Date(NINE + 60 * 86_400_000))
    await groom(ids, 1)
    const full = (await fileOf(ids.bookingId))?.planned
    const later = (days: number, request: object) =>
      bookAgain(database, { ...ids, staffId: 1 }, NINE + days * 86_400_000, request)
    const tidy = await later(81, { pattern: 'bath-tidy' })
    const planned = (await fileOf(tidy.id))?.planned
    if (!planned || !full) throw new Error('no booking')
    const visitId = await startVisit(tidy.id, ids.dogId, planned, NINE + 81 * 86_400_000)
    const at = (min: number) => 81 * 1440 + min
    await appendEvents(
      visitId,
      [happened(at(0), { kind: 'stage-started', stage: 'arrive' }), happened(at(60), { kind: 'finished' })],
      NINE,
    )
    await closeVisit(visitId, true, NINE + at(70) * 60_000)
    const next = (await fileOf((await later(102, { sameAsLast: true })).id))?.planned
    const back = next?.saved?.card.find(({ zone }) => zone === 'back')
    expect(back).toMatchObject({ method: QUILL_PLAN.card.find(({ zone }) => zone === 'back')?.method })
    expect(makePlan(next as typeof planned).card.filter(({ method }) => method !== 'leave').length).toBeGreaterThan(20)
  })
})

it('minutes are theirs who had the hands, and not of whom the dog was booked with', async () => {
  const BATHER = 77
  const { bookingId, dogId } = await bookQuill(database)
  const staffId = (await database.models.booking.findByPk(bookingId))?.staffId ?? 0
  const visitId = await startVisit(bookingId, dogId)
  const log = QUILL_PLAN.stages.map(({ id }, at) =>
    happened(at * 9, { kind: 'stage-started', stage: id, byId: id === 'wash' || id === 'dry' ? BATHER : staffId }),
  )
  await appendEvents(visitId, [...log, happened(QUILL_PLAN.stages.length * 9, { kind: 'finished' })], NINE)
  await closeVisit(visitId, true, NINE + 999 * 60_000)
  const cells = (await database.models.paceCell.findAll()).map(({ id }) => id)
  const learned = (hand: number) =>
    cells.filter((id) => id.startsWith(`groomer ${hand} `)).map((id) => id.split(' ')[2])
  expect(learned(BATHER).sort()).toEqual(['dry', 'wash'])
  expect(learned(staffId)).toContain('head')
  expect(learned(staffId)).not.toContain('wash')
})
