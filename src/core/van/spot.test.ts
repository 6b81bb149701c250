import { describe, expect, it } from 'vitest'
import { madeUpSpot, NOWHERE, spotOf, SpotText } from '.'

describe('where a door is', () => {
  it.each([
    ['50.102, -5.204', { lat: 50.102, lon: -5.204 }],
    [' -33.9;18.42 ', { lat: -33.9, lon: 18.42 }],
    ['4 Ropewalk', null],
    ['91, 0', null],
    ['50.1', null],
    ['50.1, -181', null],
  ])('%j', (text, spot) => expect(spotOf(text)).toEqual(spot))
  it('what is no place is refused in a sentence', () =>
    expect(SpotText.safeParse('by the quay').error?.issues.map(({ message }) => message)).toEqual([
      'Give latitude and longitude, such as 50.102, -5.204.',
    ]))
  it('made up, an address lies where it lay, near the base, and not where another does', () => {
    const ropewalk = madeUpSpot('4 Ropewalk', NOWHERE)
    expect(madeUpSpot('4 Ropewalk', NOWHERE)).toEqual(ropewalk)
    expect(madeUpSpot('5 Ropewalk', NOWHERE)).not.toEqual(ropewalk)
    expect(Math.abs(ropewalk.lat - NOWHERE.lat)).toBeLessThan(0.07)
  })
})
