import { describe, expect, it } from 'vitest'
import { nextStamp, skewOf } from './stamps'

describe('the stamp of an event', () => {
  it('is put right by the skew: a tablet ten minutes fast stamps as the server would', () => {
    const skewMs = skewOf(1_000_000, 1_600_000 - 40, 1_600_000 + 40)
    expect(skewMs).toBe(-600_000)
    expect(nextStamp(1_605_000, skewMs, 0)).toBe(1_005_000)
  })
  it('never goes behind what the screen has seen, when the clock is set back', () =>
    expect(nextStamp(500, 0, 9_000)).toBe(9_001))
})
