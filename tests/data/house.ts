import { GroomFacts } from '@/core/insight'
import { randomUUID } from 'node:crypto'
import { existsSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { FULL_KIT } from '@/core/lengths'
import { Case, makePlan } from '@/core/plan'
import { VisitEvent } from '@/core/visit'
import { addCard } from '@/data/cards'
import { openDatabase, type Database } from '@/data/connection'
import { migrate } from '@/data/migrations'
import { addVisit } from '@/data/visits'
import { bookingFile } from '@/service/booking/planOf'
import { houseTime } from '@/service/house/houseTime'
import { DEMO_MADE } from '@/service/house/openHouse'
import { closeVisit as close } from '@/service/visit/closeVisit'
import { startMariadb as startUntyped } from '../../scripts/lib/mariadb.mjs'

export interface Server {
  url: string
  pid: number
  port: number
  exited: () => boolean
  stop: () => Promise<void>
}
export const startMariadb = startUntyped as (home: string, port?: number) => Promise<Server>

/** What a database holds is a third of a gigabyte, and forty tests have one each; what it said stays. */
export const dropTables = (home: string) => rmSync(join(home, 'mariadb'), { recursive: true, force: true })

/** A throwaway MariaDB in a folder of its own, and the app's pool on it; what it holds goes when it is stopped. */
export async function openHouse(home: string, filled = true): Promise<{ server: Server; database: Database }> {
  if (existsSync(home)) rmSync(home, { recursive: true })
  const server = await startMariadb(home)
  const database = connect(server.url)
  await migrate(database)
  if (filled) await database.models.house.create({ name: 'Test house', place: 'Quay', timeZone: 'UTC', unit: 'mm' })
  return { server: { ...server, stop: () => server.stop().then(() => dropTables(home)) }, database }
}

/** Takes everything out of a house but the house itself. */
export async function emptyBook({ models, sequelize }: Database): Promise<void> {
  await sequelize.query('SET FOREIGN_KEY_CHECKS = 0')
  for (const name of Object.keys(models) as (keyof typeof models)[])
    if (name !== 'house' && name !== 'houseMark')
      await (models[name] as unknown as { destroy: (o: object) => Promise<void> }).destroy({ where: {} })
  await sequelize.query('SET FOREIGN_KEY_CHECKS = 1')
}

/** A house that nobody has to sign in to, as the demo: its first person is at the table. */
export async function openToAnybody({ models }: Database): Promise<void> {
  await models.houseMark.upsert({ name: DEMO_MADE, setAt: new Date() })
  const { id } =
    (await models.staff.findOne({ order: [['id', 'ASC']] })) ??
    (await models.staff.create({ name: 'Wren', role: 'groomer' }))
  await models.staff.update({ owner: true }, { where: { id } })
}

/** Makes this server the one that the repositories talk to. */
export function connect(url: string): Database {
  const database = openDatabase(url)
  ;(globalThis as { kovitDatabase?: Database }).kovitDatabase = database
  return database
}

/** One household, dog, groomer and booking; returns what a visit needs. */
export async function bookQuill({ models }: Database, startAt = new Date('2027-03-02T09:00:00Z')) {
  if ((await models.tool.count()) === 0)
    await models.tool.bulkCreate([
      ...FULL_KIT.blades.map((name) => ({ kind: 'blade' as const, name })),
      ...FULL_KIT.combs.map((name) => ({ kind: 'comb' as const, name })),
    ])
  const household = await models.household.create({ name: 'Marsh', place: '4 Ropewalk' })
  const staff = await models.staff.create({ name: 'Wren', role: 'groomer' })
  const dog = await models.dog.create({
    householdId: household.id,
    name: 'Quill',
    breed: 'water dog',
    coat: 'curly',
    build: 'square',
    weightKg: 19,
    heightCm: 52,
    lengthCm: 52,
    bornOn: '2023-02-02',
    sex: 'male',
    neutered: true,
    lightSkin: false,
    faceShape: 'normal',
    behaviour: '{}',
    health: '[]',
  })
  const booking = await models.booking.create({
    dogId: dog.id,
    staffId: staff.id,
    startAt,
    slotMin: 240,
    service: 'Full groom',
    request: '{"pattern":"one-length"}',
    coatNow: '{"all":38}',
    mats: '{}',
    setting: 'salon',
  })
  return { dogId: dog.id, staffId: staff.id, bookingId: booking.id }
}

/** Another booking of a dog. */
export const bookAgain = (
  { models }: Database,
  { dogId, staffId }: { dogId: number; staffId: number },
  startMs: number,
  request: object = { sameAsLast: true },
  coatNowMm: object = {},
) =>
  models.booking.create({
    dogId,
    staffId,
    startAt: new Date(startMs),
    slotMin: 240,
    service: 'Full groom',
    request: JSON.stringify(request),
    coatNow: JSON.stringify(coatNowMm),
    mats: '{}',
    setting: 'salon',
  })

export const QUILL = Case.parse({
  kovit: 'case/1',
  date: '2027-03-02',
  dog: { name: 'Quill', coat: 'curly', build: 'square', weightKg: 19 },
  coatNowMm: { all: 38 },
  request: { pattern: 'one-length' },
  setting: 'salon',
  slotMin: 240,
})
export const QUILL_PLAN = makePlan(QUILL)
export const NINE = Date.UTC(2027, 2, 2, 9)

export const happened = (min: number, rest: object): VisitEvent =>
  VisitEvent.parse({ id: randomUUID(), atMs: NINE + min * 60_000, by: 'Wren', ...rest })

export const TIME = houseTime('UTC')
/** The house at a moment, with Wren at work. */
export const houseAt = (nowMs: number) => ({
  key: 'test-house',
  name: 'Test house',
  place: 'Quay',
  timeZone: 'UTC',
  unit: 'mm' as const,
  works: 'salon' as const,
  opening: {},
  van: {},
  seen: [],
  backups: {},
  restMin: 60,
  version: 1,
  demo: false,
  time: TIME,
  nowMs,
  staff: [wrenWithId(1)],
  everybody: [wrenWithId(1)],
  hands: [wrenWithId(1)],
  nameOf: () => 'Wren',
})
export const wrenWithId = (id: number) => ({
  id,
  name: 'Wren',
  role: 'groomer' as const,
  work: {},
  owner: false,
  hasPassphrase: false,
  hasPin: false,
  leftOn: null,
  version: 1,
})
export const fileOf = (bookingId: number) => bookingFile(bookingId, TIME)

/** A visit begun with this case, whatever its booking would plan. */
export async function startVisit(bookingId: number, dogId: number, planned = QUILL, nowMs = NINE): Promise<number> {
  const plan = makePlan(planned)
  const card = { dogId, kind: 'planned' as const, madeMs: nowMs, madeBy: 'Wren', why: 'Planned', zones: plan.card }
  const { id } = await addCard(card)
  return addVisit({ bookingId, dogId, plannedCardId: id, plannedCase: planned, plan, startedMs: nowMs })
}

export const closeVisit = (visitId: number, liked: boolean | null, nowMs: number) =>
  close({ visitId, liked }, nowMs, TIME)

/** What the house learned of each groom. */
export const factsOf = async ({ models }: Database) =>
  (await models.groomFacts.findAll({ order: [['startedAt', 'ASC']] })).map((row) => ({
    visitId: row.visitId,
    dogId: row.dogId,
    staffId: row.staffId,
    startedMs: row.startedAt.getTime(),
    facts: GroomFacts.parse(JSON.parse(row.facts)),
  }))
