import { expect, it } from 'vitest'
import { COATS } from '../coat'
import { WATCH_FOR, atHome } from '.'

it.each(COATS)('an owner of a %s coat knows what to do, in words without the trade', (coat) => {
  const { brush, wash } = atHome(coat)
  expect(brush.length).toBeGreaterThan(20)
  expect(`${brush} ${wash}`).not.toMatch(/blade|guard comb|stifle|hock|furnishings|slicker/i)
})
it('whatever is watched for is a vet’s to say', () =>
  expect(WATCH_FOR.every((words) => words.includes('ask your vet'))).toBe(true))
