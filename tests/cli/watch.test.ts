import { existsSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, it } from 'vitest'
import { rotate } from '../../scripts/lib/logs.mjs'
import { keepRunning, nextWait } from '../../scripts/lib/watch.mjs'

const MIN = 60_000

it('waits longer each time, and gives up at the fifth ending in ten minutes', () => {
  const endings = [0, 1, 2, 3, 4].map((min) => min * MIN)
  expect([1, 2, 3, 4, 5].map((count) => nextWait(endings.slice(0, count), 4 * MIN))).toEqual([
    500,
    1000,
    2000,
    4000,
    null,
  ])
})
it('endings of long ago do not count', () => expect(nextWait([0, MIN, 2 * MIN, 3 * MIN, 30 * MIN], 30 * MIN)).toBe(500))

it('starts again what has ended, says so, and names the log when it gives up', async () => {
  const said: string[] = []
  let starts = 0
  const gaveUp = await new Promise<string>((giveUp) => {
    void keepRunning({
      name: 'The database',
      start: async () => {
        starts++
        if (starts === 2) throw new Error('no room')
        return { ended: Promise.resolve() }
      },
      log: 'mariadb.log',
      say: (words: string) => said.push(words),
      isStopping: () => false,
      giveUp,
    })
  })
  expect(starts).toBe(5)
  expect(said.slice(0, 3)).toEqual([
    'The database ended by itself; it is started again in 0.5 s.',
    'The database did not start: no room',
    'The database ended by itself; it is started again in 1 s.',
  ])
  expect(gaveUp).toBe('The database ended by itself five times in ten minutes. Its log is mariadb.log.')
})

it('a log beyond 5 MB begins anew, and three older ones are kept', () => {
  const log = join(mkdtempSync(join(tmpdir(), 'kovit-')), 'web.log')
  for (const nth of [1, 2, 3, 4, 5]) {
    writeFileSync(log, String(nth).repeat(5_000_001))
    rotate(log)
  }
  expect(readFileSync(log, 'utf8')).toBe('')
  expect([1, 2, 3].map((nth) => readFileSync(`${log}.${nth}`, 'utf8')[0])).toEqual(['5', '4', '3'])
  expect(existsSync(`${log}.4`)).toBe(false)
})
