import { describe, expect, it } from 'vitest'
import type { ZoneId } from '../zones'
import { ahead } from '.'

const DOG = { build: 'square', coat: 'curly', heightCm: 52 } as const
const at = (visorMm: number, wishes: { zone: ZoneId; wantedMm: number; name: string }[] = [], rates = {}) =>
  ahead({ dog: DOG, rates, presentMm: (zone) => (zone === 'visor' ? visorMm : 10), wishes })

describe('the weeks ahead of a coat', () => {
  it('a visor of 24 mm reaches the eye, 0.3 × 112 = 33.6 mm, at 3 mm a week in the fourth week', () =>
    expect(at(24).find(({ id }) => id === 'visor')).toMatchObject({ week: 4, words: 'the visor reaches the eye' }))
  it('a faster head brings it sooner', () =>
    expect(at(24, [], { head: 5 }).find(({ id }) => id === 'visor')?.week).toBe(2))
  it('what is so already is now', () => expect(at(40)[0]).toMatchObject({ id: 'visor', week: 0 }))
  it('a wish comes when it is long enough, in order of weeks', () => {
    const events = at(24, [{ zone: 'chin', wantedMm: 16, name: 'chin' }])
    expect(events.map(({ id, week }) => [id, week])).toEqual([
      ['wish', 2],
      ['visor', 4],
    ])
  })
  it('a coat that stops growing before it never gets there', () => {
    const smooth = ahead({ dog: { ...DOG, coat: 'smooth' }, rates: {}, presentMm: () => 10, wishes: [] })
    expect(smooth).toEqual([])
  })
})
