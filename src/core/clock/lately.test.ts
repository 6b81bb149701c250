import { expect, it } from 'vitest'
import { houseClock, lately } from '.'

const TEN = Date.UTC(2027, 0, 19, 10, 0, 30)
const time = houseClock('UTC')

it.each([
  ['09:55', '09:55 of the same day', Date.UTC(2027, 0, 19, 9, 55)],
  ['10:00', 'this minute', Date.UTC(2027, 0, 19, 10)],
  ['10:01', 'yesterday: it has not been that late today', Date.UTC(2027, 0, 18, 10, 1)],
])('%s was last at %s', (clock, _, ms) => expect(lately(clock, time, TEN)).toBe(ms))
