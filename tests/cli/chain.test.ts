import { expect, it } from 'vitest'
import { hourOf, housesOn, p95 } from '../../scripts/bench-chain'

const COST = { pagesAnHour: 40, notesAnHour: 60, pageMs: 80, noteMs: 20, memoryMb: 500 }
const MACHINE = { cores: 2, memoryMb: 4000 }
const PER_HOUSE = COST.pagesAnHour + COST.notesAnHour

it('an hour of one house alone: each answer takes what it costs, give or take half', () => {
  const took = hourOf(1, COST, MACHINE, 3)
  expect(took).toHaveLength(PER_HOUSE)
  expect(Math.min(...took)).toBeGreaterThanOrEqual(COST.noteMs / 2)
  expect(hourOf(1, COST, MACHINE, 3)).toEqual(took)
})
it('a full machine makes them wait', () => {
  const full = { ...COST, pagesAnHour: 4000, pageMs: 1500 }
  expect(p95(hourOf(4, full, MACHINE, 3))).toBeGreaterThan(10 * p95(hourOf(4, COST, MACHINE, 3)))
})
it('holds as many houses as its memory, and of those as many as it answers quickly', () => {
  expect(housesOn(MACHINE, COST, 250)).toEqual({ byMemory: 8, quick: 8 })
  const busy = { ...COST, pagesAnHour: 20_000 }
  const { byMemory, quick } = housesOn(MACHINE, busy, 250)
  expect(byMemory).toBe(8)
  expect(quick).toBeLessThan(8)
  expect(p95(hourOf(quick + 1, busy, MACHINE, quick + 1))).toBeGreaterThan(250)
})
