import { expect, it } from 'vitest'
import { houseTime } from './houseTime'

it('turns a clock time of a day into its moment, in the time of the house', () => {
  const time = houseTime('Europe/London')
  expect(time.at('2027-07-19', '10:45')).toBe(Date.UTC(2027, 6, 19, 9, 45))
  expect(time.startOfDay('2027-07-19')).toBe(Date.UTC(2027, 6, 18, 23))
})
