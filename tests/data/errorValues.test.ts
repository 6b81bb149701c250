import { inspect } from 'node:util'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { errorNumber, type Database } from '@/data/connection'
import { openHouse, type Server } from './house'

let server: Server
let database: Database
beforeAll(async () => void ({ server, database } = await openHouse('.kovit-test/error-values')))
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})

describe('a fault of the database, as it ends in a log', () => {
  const DUPLICATE = 1062
  const SECRET = 'Hedda Marsh, 4 Ropewalk'
  const told = async (work: () => Promise<unknown>) => {
    const error: unknown = await work().then(
      () => null,
      (thrown: unknown) => thrown,
    )
    expect(error).toBeInstanceOf(Error)
    return error
  }
  const twice = () =>
    database.models.houseMark
      .create({ name: SECRET, setAt: new Date(0) })
      .then(() => database.models.houseMark.create({ name: SECRET, setAt: new Date(0) }))
  it.each([
    ['a row that is there already', twice, DUPLICATE],
    [
      'a statement that cannot be read',
      () => database.sequelize.query('SELECT nothing FROM nowhere WHERE a = ?', { replacements: [SECRET] }),
      1146,
    ],
    [
      'a value that is too long',
      () => database.models.staff.create({ name: `${SECRET}${'x'.repeat(300)}`, role: 'groomer' }),
      1406,
    ],
  ])('%s: keeps its number, and nothing of what was asked', async (_, work, number) => {
    const error = await told(work)
    expect(errorNumber(error)).toBe(number)
    expect(inspect(error, { depth: 9, showHidden: true })).not.toContain('Ropewalk')
  })
})
