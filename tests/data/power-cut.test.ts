import { statSync } from 'node:fs'
import { expect, it } from 'vitest'
import { readLog } from '@/data/events'
import { appendEvents } from '@/service/visit/appendEvents'
import { NINE, bookQuill, connect, dropTables, happened, openHouse, startMariadb, startVisit } from './house'

const HOME = '.kovit-test/power-cut'

it('kill -9 of the database during a visit loses no event that was answered', async () => {
  const { server, database } = await openHouse(HOME)
  const { bookingId, dogId } = await bookQuill(database)
  const visitId = await startVisit(bookingId, dogId)
  const answered: string[] = []
  const writing = (async () => {
    for (let min = 0; min < 2000; min++) {
      const event = happened(min, { kind: 'note', words: `note ${min}`, stage: null })
      const taken = await appendEvents(visitId, [event], NINE).catch(() => null)
      if (taken === null) return
      answered.push(event.id)
      if (answered.length === 25) process.kill(server.pid, 'SIGKILL')
    }
  })()
  await writing
  expect(answered.length).toBeGreaterThanOrEqual(25)
  const again = await startMariadb(HOME)
  const reopened = connect(again.url)
  const kept = new Set((await readLog(visitId)).map(({ id }) => id))
  expect(answered.filter((id) => !kept.has(id))).toEqual([])
  await reopened.sequelize.close()
  await again.stop()
  expect(again.exited()).toBe(true)
  dropTables(HOME)
})

it('the password is readable by this user alone', () =>
  expect(statSync(`${HOME}/database.json`).mode & 0o777).toBe(0o600))
