import { Op, QueryTypes } from 'sequelize'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { readPlanStamps } from '@/data/bookedFits'
import { readBookings, readBookingsOfDogs, readLastSlots } from '@/data/bookings'
import { readCards, readSavedSince, readVersions } from '@/data/cards'
import { inTransaction, type Database } from '@/data/connection'
import { readDogNames } from '@/data/dogs'
import { lastNumbers, readDogLogs, readLogSince, readLogs, readNewsMarks } from '@/data/events'
import { readFoldAndLast, readFolds } from '@/data/folds'
import { readGroups, readSums } from '@/data/groomFacts'
import { readGrowthPairs } from '@/data/growth'
import { readOwnersByNumber } from '@/data/households'
import {
  countVisitsOf,
  readLastCuts,
  readLastVisits,
  readPastVisits,
  readVisitsOfBookings,
  readVisitsOfDog,
} from '@/data/visits'
import { fillBigHouse } from '../../scripts/big/fill'
import { emptyBook, openHouse, type Server } from './house'

/** So few visits are made quickly, and are enough for the database to prefer an index. */
const VISITS = 600
const NOW = Date.UTC(2026, 10, 25, 13)
let server: Server
let database: Database

beforeAll(async () => {
  ;({ server, database } = await openHouse('.kovit-test/queries'))
  await emptyBook(database)
  await database.models.house.destroy({ where: {} })
  await fillBigHouse({ visits: VISITS }, NOW, () => {})
  await database.sequelize.query('ANALYZE TABLE visits, visit_events, bookings, trim_cards, dogs, owners', {
    type: QueryTypes.SELECT,
  })
})
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})

/** Tables that grow with every visit. */
const GROWS = ['visits', 'visit_events', 'visit_folds', 'bookings', 'trim_cards', 'growth_pairs', 'groom_facts']

/** How the database goes about what is asked: the tables that it reads from end to end. */
async function scanned(ask: () => Promise<unknown>): Promise<string[]> {
  const asked: string[] = []
  const { options } = database.sequelize as unknown as { options: { logging: false | ((sql: string) => void) } }
  const before = options.logging
  options.logging = (sql) => void asked.push(sql.replace(/^Executed \([^)]*\): /, ''))
  try {
    await ask()
  } finally {
    options.logging = before
  }
  const queries = asked.filter((sql) => /^\s*SELECT/i.test(sql))
  expect(queries.length).toBeGreaterThan(0)
  const found: string[] = []
  for (const sql of queries) {
    const rows = await database.sequelize.query<{ table: string | null; type: string | null }>(`EXPLAIN ${sql}`, {
      type: QueryTypes.SELECT,
    })
    for (const { table, type } of rows) if (type === 'ALL' || type === 'index') found.push(String(table))
  }
  const names = new Map(
    queries.flatMap((sql) => [...sql.matchAll(/(\w+)`? AS `?(\w+)/g)].map(([, of, as]) => [as, of])),
  )
  return found.map((table) => names.get(table) ?? table).filter((table) => GROWS.includes(table))
}

const some = Array.from({ length: 24 }, (_, at) => at + 1)
const DAY = 86_400_000

it('what reads a table from end to end is seen', async () =>
  expect(await scanned(() => database.models.visit.findAll({ where: { liked: true } }))).toEqual(['visits']))

describe('what pages ask most often reads no table that grows from end to end', () => {
  it.each<[string, () => Promise<unknown>]>([
    ['the bookings of a day', () => readBookings(NOW, NOW + DAY)],
    ['what dogs have booked', () => readBookingsOfDogs(some.slice(0, 5), NOW)],
    ['the visits of some bookings', () => readVisitsOfBookings(some.slice(0, 8))],
    ['the last visits of a dog', () => readVisitsOfDog(7, 5)],
    ['the last visits of dogs', () => readLastVisits(NOW, some.slice(0, 8))],
    ['the past visits of a dog', () => readPastVisits(7, 8, NOW)],
    ['a kept fold and the last number', () => readFoldAndLast(7)],
    ['the marks of plans', () => readPlanStamps(some.slice(0, 8))],
    ['the last slots of dogs', () => readLastSlots(some.slice(0, 8))],
    ['names of dogs', () => readDogNames(some.slice(0, 8))],
    ['how often dogs were here', () => countVisitsOf(some.slice(0, 8))],
    ['the last cuts of a screen of dogs', () => readLastCuts(NOW, some.slice(0, 8))],
    ['cards with their zones', () => readCards(some.slice(0, 8))],
    ['the versions of a card', () => readVersions(7)],
    ['a card saved since', () => readSavedSince(new Map([[7, 2]]))],
    ['the log of visits', () => readLogs(some.slice(0, 4))],
    ['a log since a number', () => readLogSince(7, 100)],
    ['the last numbers of logs', () => lastNumbers(some.slice(0, 4))],
    ['the logs of a dog', () => readDogLogs(7, ['note', 'finding'])],
    ['news of visits', () => readNewsMarks(some.slice(0, 4))],
    ['kept folds', () => readFolds(some.slice(0, 4))],
    ['how dogs grew', () => readGrowthPairs(NOW, some.slice(0, 4))],
    ['an owner by a number', () => readOwnersByNumber('0163 1000002')],
    ['a year of Insight', () => readSums(['2026-01', '2026-11'])],
    ['ten years of Insight by groomer', () => readGroups('staffId', ['2017', '2026'])],
  ])('%s', async (_, ask) => expect(await scanned(ask)).toEqual([]))
})

describe('a big house', () => {
  it('is what the core makes of it: bookings, visits, cards, logs and sums that belong together', async () => {
    const count = async (sql: string) =>
      Number((await database.sequelize.query<{ n: number }>(sql, { type: QueryTypes.SELECT }))[0]?.n)
    const visits = await count('SELECT COUNT(*) AS n FROM visits')
    expect(visits).toBeGreaterThanOrEqual(VISITS)
    const gone = [
      'SELECT COUNT(*) AS n FROM visits LEFT JOIN bookings ON bookings.id = booking_id WHERE bookings.id IS NULL',
      'SELECT COUNT(*) AS n FROM visits LEFT JOIN dogs ON dogs.id = dog_id WHERE dogs.id IS NULL',
      'SELECT COUNT(*) AS n FROM visits LEFT JOIN trim_cards AS card ON card.id = cut_card_id WHERE card.id IS NULL',
      'SELECT COUNT(*) AS n FROM dogs LEFT JOIN households AS home ON home.id = household_id WHERE home.id IS NULL',
    ]
    for (const sql of gone) expect(await count(sql)).toBe(0)
    for (const table of ['visit_folds', 'groom_facts'])
      expect(await count(`SELECT COUNT(*) AS n FROM ${table}`)).toBe(visits)
    const logs = await readLogs(some)
    const folds = await readFolds(some)
    for (const id of some) expect(folds.get(id)?.no).toBe((await lastNumbers([id])).get(id))
    expect([...logs.values()].every((log) => log.length > 10)).toBe(true)
  })
  it('cut off, it goes on behind the last whole stretch, and is the same as in one go', async () => {
    const tables = ['dogs', 'households', 'owners', 'bookings', 'trim_cards', 'visits', 'visit_events']
    const others = ['visit_folds', 'groom_facts', 'growth_pairs', 'blade_use', 'photos', 'file_changes']
    const sums = () =>
      database.sequelize.query(`CHECKSUM TABLE ${[...tables, ...others].join(', ')}`, { type: QueryTypes.SELECT })
    const whole = await sums()
    const { models } = database
    const stretch = 40
    const dogs = await models.dog.count()
    expect(dogs % stretch).toBe(0)
    // Cut where all of a stretch is there but its dogs, which say that it is whole.
    await inTransaction(async () => {
      await database.sequelize.query('SET foreign_key_checks = 0')
      await models.dog.destroy({ where: { id: { [Op.gt]: dogs - stretch } } })
      await database.sequelize.query('SET foreign_key_checks = 1')
    })
    await models.houseMark.destroy({ where: {} })
    expect(await sums()).not.toEqual(whole)
    await fillBigHouse({ visits: VISITS }, NOW, () => {})
    expect(await sums()).toEqual(whole)
  })
  it('made whole, it is not filled again', async () =>
    expect(fillBigHouse({ visits: VISITS }, NOW, () => {})).rejects.toThrow('This home holds a big house already.'))
})
