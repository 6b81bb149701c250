import { execFile } from 'node:child_process'
import { promisify } from 'node:util'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Database } from '@/data/connection'
import { setMark } from '@/data/marks'
import { NINE, openHouse, type Server } from './house'

let server: Server
let database: Database
beforeAll(async () => void ({ server, database } = await openHouse('.kovit-test/two-houses', false)))
afterAll(async () => {
  await database.sequelize.close()
  await server.stop()
})

/** The step of the start that brings a database up to date, as a process of its own. */
async function prepare(...args: string[]): Promise<{ code: number; said: string }> {
  const env = { ...process.env, KOVIT_DATABASE_URL: server.url }
  const run = promisify(execFile)(process.execPath, ['--import', 'tsx', 'scripts/database.ts', ...args], { env })
  return run.then(
    ({ stdout }) => ({ code: 0, said: stdout }),
    (error: { code: number; stderr: string }) => ({ code: error.code, said: error.stderr }),
  )
}
const counts = async () => [await database.models.house.count(), await database.models.dog.count()]

describe('two houses, never mixed', () => {
  it('a database that somebody else keeps is brought up to date and not filled, unless it is asked for', async () => {
    expect(await prepare()).toEqual({ code: 0, said: 'no table changes, an empty book' })
    expect(await counts()).toEqual([0, 0])
  })
  it('a book of one’s own stays empty, and the demo is never put into it', async () => {
    expect((await prepare('--own')).said).toContain('an empty book')
    const demo = await prepare('--demo')
    expect(demo.code).toBe(3)
    expect(demo.said).toContain('This home holds a book of your own; the demo is never put into it.')
    expect(await counts()).toEqual([0, 0])
  })
  it('half a demo is said where nobody asks for one, and is no book of one’s own', async () => {
    await database.models.houseMark.destroy({ where: {} })
    await setMark('demo-begun', NINE)
    const half = await prepare()
    expect(half).toMatchObject({ code: 3 })
    expect(half.said).toContain('half a demo')
    expect((await prepare('--own')).said).toContain('This home holds the demo.')
  })
})
