import { describe, expect, it } from 'vitest'
import type { Result } from '@/core/result'
import { inLine } from './inLine'

/** A line whose serving ends when the test says so. */
function lineWithDoor(fails: (asked: string) => boolean = () => false, fault = new Error('No room.')) {
  const served: string[][] = []
  const doors: (() => void)[] = []
  const ask = inLine<string, string>(async (key, asked) => {
    served.push([...asked])
    await new Promise<void>((open) => doors.push(open))
    if (asked.some(fails)) throw fault
    return asked.map((each) => ({ ok: true, value: `${key} ${each}` }))
  })
  const open = async () => {
    doors.shift()?.()
    await new Promise((turn) => setImmediate(turn))
  }
  return { ask, served, open }
}
const good = (value: string): Result<string> => ({ ok: true, value })

describe('a line', () => {
  it('serves the first at once, and together whoever came meanwhile, each with its own answer', async () => {
    const { ask, served, open } = lineWithDoor()
    const asked = ['a', 'b', 'c', 'd'].map((each) => ask(7, each))
    expect(served).toEqual([['a']])
    await open()
    expect(served).toEqual([['a'], ['b', 'c', 'd']])
    await open()
    expect(await Promise.all(asked)).toEqual(['7 a', '7 b', '7 c', '7 d'].map(good))
  })
  it('lets nobody wait for another line, and begins anew when it is empty', async () => {
    const { ask, served, open } = lineWithDoor()
    const first = [ask(1, 'a'), ask(2, 'b')]
    expect(served).toEqual([['a'], ['b']])
    await open()
    await open()
    expect(await Promise.all(first)).toEqual([good('1 a'), good('2 b')])
    const later = ask(1, 'c')
    expect(served.at(-1)).toEqual(['c'])
    await open()
    expect(await later).toEqual(good('1 c'))
  })
  it('is told at once that the database is away, and not one after another', async () => {
    const { ask, served, open } = lineWithDoor(
      () => true,
      Object.assign(new Error('Away.'), { parent: { fatal: true } }),
    )
    const asked = Promise.allSettled(['a', 'b', 'c', 'd'].map((each) => ask(1, each)))
    await open()
    await open()
    expect(served).toEqual([['a'], ['b', 'c', 'd']])
    expect((await asked).map(({ status }) => status)).toEqual(Array(4).fill('rejected'))
  })
  it('one that cannot be served takes nobody along', async () => {
    const { ask, served, open } = lineWithDoor((asked) => asked === 'odd')
    const asked = ['a', 'b', 'odd', 'c'].map((each) => ask(1, each))
    const ends = Promise.allSettled(asked)
    for (let step = 0; step < 5; step++) await open()
    expect(served).toEqual([['a'], ['b', 'odd', 'c'], ['b'], ['odd'], ['c']])
    const settled = await ends
    expect(settled.map(({ status }) => status)).toEqual(['fulfilled', 'fulfilled', 'rejected', 'fulfilled'])
    expect(settled[2]).toMatchObject({ reason: { message: 'No room.' } })
  })
})
