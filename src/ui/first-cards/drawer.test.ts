import { expect, it } from 'vitest'
import { keyOf, nextWaiting } from './drawer'

const keys = ['Quill', 'Otis', 'Nettle'].map((head, at) => keyOf(at, { head, words: '5F' }))
const became = (...done: number[]) => Object.fromEntries(done.map((at) => [keys[at], 'kept' as const]))

it.each([
  [became(), -1, 0],
  [became(0), 0, 1],
  // What was passed by comes again at the end.
  [became(1, 2), 2, 0],
  [became(0, 1, 2), 1, null],
])('of %j after %i comes %j', (done, after, next) => expect(nextWaiting(keys, done, after)).toBe(next))
it('of no cards none comes', () => expect(nextWaiting([], {}, -1)).toBeNull())
it('a card that says something else is another card', () =>
  expect(keyOf(0, { head: 'Quill', words: '4F' })).not.toBe(keys[0]))
