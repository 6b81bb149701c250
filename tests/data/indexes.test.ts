import { QueryTypes } from 'sequelize'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { takeIndexes } from '@/data/archive/indexes'
import { openLoading } from '@/data/archive/load'
import { ownConnection } from '@/data/archive/ownConnection'
import type { Database } from '@/data/connection'
import { NINE, bookQuill, openHouse, startVisit, type Server } from './house'

const HOME = '.kovit-test/indexes'
let server: Server
let database: Database

beforeAll(async () => {
  ;({ server, database } = await openHouse(HOME))
})
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})

/** Every index of some tables, as the database tells it. */
const indexesOf = (tables: readonly string[]) =>
  database.sequelize.query<{ name: string; key: string }>(
    `SELECT CONCAT(table_name, ' ', index_name, ' ', non_unique) AS name,
       GROUP_CONCAT(column_name, COALESCE(sub_part, '') ORDER BY seq_in_index) AS \`key\`
     FROM information_schema.statistics WHERE table_schema = DATABASE() AND table_name IN (:tables)
     GROUP BY 1 ORDER BY 1`,
    { type: QueryTypes.SELECT, replacements: { tables } },
  )
/** The tables that a long restore fills: some point at others, and some are pointed at. */
const MANY = [
  'visit_events',
  'visits',
  'trim_cards',
  'bookings',
  'groom_facts',
  'file_changes',
  'growth_pairs',
] as const

describe('indexes set aside', () => {
  it('come back as they were, those of what points elsewhere too', async () => {
    const before = await indexesOf(MANY)
    expect(before.length).toBeGreaterThan(12)
    const connection = await ownConnection()
    await connection.query('SET foreign_key_checks = 0')
    const putBack = await takeIndexes(connection, MANY)
    const left = await indexesOf(MANY)
    expect(left.every(({ name }) => name.includes(' PRIMARY '))).toBe(true)
    await putBack()
    await connection.end()
    expect(await indexesOf(MANY)).toEqual(before)
  })
  it('of no table are none, and nothing is asked', async () => {
    const connection = await ownConnection()
    const putBack = await takeIndexes(connection, [])
    await putBack()
    await connection.end()
    expect((await indexesOf(MANY)).length).toBeGreaterThan(12)
  })
  it('are put back by the end of a filling; an event that comes twice is not taken in silence', async () => {
    const { bookingId, dogId } = await bookQuill(database)
    const visitId = await startVisit(bookingId, dogId)
    const before = await indexesOf(MANY)
    const event = (no: number, id: string) => ({
      id,
      visit_id: visitId,
      at_ms: NINE,
      kind: 'paused',
      payload: { id, kind: 'paused', atMs: NINE, by: 'Wren' },
      received_at: '2027-03-02T09:00:00.000Z',
      no,
      device: null,
      author_id: null,
      format: 1,
    })
    const [one, two] = ['a', 'b'].map((last) => `00000000-0000-4000-8000-00000000000${last}`) as [string, string]
    const good = await openLoading(undefined, ['visit_events'])
    await good.add('visit_events', event(1001, one), 200)
    await good.add('visit_events', event(1002, two), 200)
    await good.end()
    await good.close()
    expect(await indexesOf(MANY)).toEqual(before)
    expect(await database.models.event.count({ where: { id: [one, two] } })).toBe(2)
    const odd = await openLoading(undefined, ['visit_events'])
    await odd.add('visit_events', event(1003, one), 200)
    await expect(odd.end()).rejects.toThrow(/Duplicate/)
    await odd.close()
  })
})
