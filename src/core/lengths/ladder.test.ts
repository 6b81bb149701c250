import { describe, expect, it } from 'vitest'
import { byHand, cutWith, ladder, rungFrom, toolWords, type Cut, type Kit } from '.'

const KIT: Kit = { blades: ['40', '30', '10', '7F', '5F', '7'], combs: ['2', '1'] }
const words = (cuts: readonly (Cut | null)[]) => cuts.map((cut) => cut && toolWords(cut))

describe('the ladder of a kit', () => {
  it('goes from the shortest to the longest, each comb once on its best blade, its skip-tooth blades too', () => {
    const rungs = ladder(KIT, 'with')
    expect(words(rungs.slice(-4))).toEqual(['5F against', '5F with', 'comb 2 on 30', 'comb 1 on 30'])
    expect(words(rungs)).toContain('7 with')
    expect(rungs.map(({ lengthMm }) => lengthMm)).toEqual(rungs.map(({ lengthMm }) => lengthMm).sort((a, b) => a - b))
  })
  it('from comb 2 the next shorter is the 5F, 6.3 mm, never 8.5 by scissors', () => {
    const from = cutWith({ comb: '2' }, 'with') as Cut
    expect(rungFrom(ladder(KIT, 'with'), from, -1)).toMatchObject({ method: 'clip', blade: '5F', lengthMm: 6.3 })
    expect(words([rungFrom(ladder(KIT, 'with'), from, 1)])).toEqual(['comb 1 on 30'])
  })
  it('ends where the kit ends, and from a length between two rungs steps on to the next one', () => {
    const rungs = ladder(KIT, 'with')
    expect(rungFrom(rungs, rungs.at(-1) as Cut, 1)).toEqual(rungs.at(-1))
    expect(words([rungFrom(rungs, byHand('scissor', 8), 1), rungFrom(rungs, byHand('scissor', 8), -1)])).toEqual([
      'comb 2 on 30',
      '5F with',
    ])
    expect(rungFrom([], byHand('scissor', 8), 1)).toBeNull()
  })
})
