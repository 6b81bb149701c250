import { describe, expect, it } from 'vitest'
import { together } from './together'

/** Answers that come when the test says so. */
function slowly() {
  const begun: { answer: (value: string) => void; fail: (error: Error) => void }[] = []
  const ask = together(() => new Promise<string>((answer, fail) => begun.push({ answer, fail })))
  return { ask, begun }
}
const turn = () => new Promise((go) => setImmediate(go))

describe('who asks at the same moment', () => {
  it('shares one answer', async () => {
    const { ask, begun } = slowly()
    const asked = [ask(), ask(), ask()]
    await turn()
    expect(begun).toHaveLength(1)
    begun[0]?.answer('one')
    expect(await Promise.all(asked)).toEqual(['one', 'one', 'one'])
  })
  it('gets none that was asked for before they came', async () => {
    const { ask, begun } = slowly()
    const first = ask()
    await turn()
    const later = [ask(), ask()]
    await turn()
    expect(begun).toHaveLength(1)
    begun[0]?.answer('before')
    await turn()
    expect(begun).toHaveLength(2)
    begun[1]?.answer('after')
    expect(await Promise.all([first, ...later])).toEqual(['before', 'after', 'after'])
  })
  it('is told of a fault once, and whoever asks next asks anew', async () => {
    const { ask, begun } = slowly()
    const first = ask()
    await turn()
    const next = ask()
    begun[0]?.fail(new Error('away'))
    await expect(first).rejects.toThrow('away')
    await turn()
    begun[1]?.answer('back')
    expect(await next).toBe('back')
  })
})
