import { afterAll, beforeAll, expect, it } from 'vitest'
import { FAULTS } from './schedule'
import { runSchedule, type Bench } from './run'
import { closeAll, openAll } from './session'

/** Ten schedules that together hold every kind of fault; `npm run faults` runs two hundred. */
const SEEDS = [1, 3, 5, 6, 7, 9, 11, 14, 16, 18]
let bench: Bench
const met = new Set<string>()

beforeAll(async () => {
  bench = await openAll('.kovit-test/faults')
})
afterAll(() => closeAll(bench))

it.each(SEEDS)('seed %i: nothing that was shown as kept is lost or doubled, and all tell the same', async (seed) => {
  const { faults, taps, lost, doubled, wrong } = await runSchedule(bench, seed)
  faults.forEach((kind) => met.add(kind))
  expect(taps).toBeGreaterThan(20)
  expect({ lost, doubled, wrong }).toEqual({ lost: [], doubled: [], wrong: [] })
})

it('these schedules meet every kind of fault', () => expect(FAULTS.filter((kind) => !met.has(kind))).toEqual([]))
