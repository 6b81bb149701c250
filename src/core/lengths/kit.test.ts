import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  BLADES,
  COMBS,
  FULL_KIT,
  clipperFor,
  byHand,
  cutWith,
  isNearEnough,
  kitOrAll,
  nearestWay,
  toolWords,
  waysOf,
  type Cut,
  type Kit,
} from '.'

const someKit = fc.record<Kit>({ blades: fc.subarray([...BLADES]), combs: fc.subarray([...COMBS]) })
const someLay = fc.constantFrom('with' as const, 'against' as const)

describe('the nearest way to a length', () => {
  it('is never further off than any other way of the kit', () => {
    fc.assert(
      fc.property(someKit, someLay, fc.double({ min: 0.2, max: 40, noNaN: true }), (kit, lay, wantedMm) => {
        const ways = waysOf(kit, lay)
        const best = nearestWay(ways, wantedMm)
        expect(best === null).toBe(ways.length === 0)
        for (const way of ways)
          expect(Math.abs((best?.lengthMm ?? 99) - wantedMm)).toBeLessThanOrEqual(
            Math.abs(way.lengthMm - wantedMm) + 1e-6,
          )
      }),
    )
  })

  it('breaks a tie to the longer: 7.95 mm lies between comb 4 (6.4) and comb 2 (9.5)', () => {
    const kit: Kit = { blades: ['30'], combs: ['4', '2'] }
    expect(nearestWay(waysOf(kit, 'with'), 7.95)?.lengthMm).toBe(9.5)
  })

  it('takes nothing longer than the coat: comb 1½ over a 10 leaves 11 + (1.5 − 0.5)', () =>
    expect(nearestWay(waysOf(FULL_KIT, 'with'), 12.7, 12)?.lengthMm).toBe(12))

  it('a comb without a blade to sit on is no way', () =>
    expect(waysOf({ blades: ['7F'], combs: ['1'] }, 'with')).toHaveLength(1))

  it('15 % off is near enough, more is not', () => {
    const comb = waysOf({ blades: ['30'], combs: ['1'] }, 'with')[0]
    if (!comb) throw new Error('no way')
    expect(isNearEnough(comb, 12.7 / 1.149)).toBe(true)
    expect(isNearEnough(comb, 12.7 / 1.16)).toBe(false)
  })
})

describe('cuts', () => {
  it('a comb goes over no finish blade', () => expect(cutWith({ comb: '1', blade: '7F' }, 'with')).toBeNull())
  it('a comb named alone goes over a 30', () =>
    expect(cutWith({ comb: '1' }, 'with')).toMatchObject({ blade: '30', lengthMm: 12.7 }))
  it('says tools as groomers do', () => {
    expect(toolWords(cutWith({ comb: '2' }, 'with') as Cut)).toBe('comb 2 on 30')
    expect(toolWords(cutWith({ blade: '4F' }, 'against') as Cut)).toBe('4F against')
    expect(toolWords(byHand('scissor', 14))).toBe('scissors')
  })
})

describe('a kit that gains a tool', () => {
  it('never comes further from a wished length', () => {
    const someTool = fc.oneof(fc.constantFrom(...BLADES), fc.constantFrom(...COMBS))
    fc.assert(
      fc.property(someKit, someTool, fc.double({ min: 0.2, max: 40, noNaN: true }), (kit, gained, wantedMm) => {
        const more: Kit = {
          blades: [...kit.blades, ...BLADES.filter((blade) => blade === gained)],
          combs: [...kit.combs, ...COMBS.filter((comb) => comb === gained)],
        }
        const before = clipperFor(kit, wantedMm, ['with', 'against'])
        const after = clipperFor(more, wantedMm, ['with', 'against'])
        if (before === null) return
        expect(Math.abs((after?.lengthMm ?? 99) - wantedMm)).toBeLessThanOrEqual(
          Math.abs(before.lengthMm - wantedMm) + 1e-9,
        )
      }),
    )
  })
  it('takes the other lay where that is nearer: 5.5 mm is a 4F against', () =>
    expect(clipperFor(FULL_KIT, 5.5, ['with', 'against'])).toMatchObject({ blade: '4F', lay: 'against' }))
  it('takes the lay named first where both leave the same', () =>
    expect(clipperFor(FULL_KIT, 9.5, ['with', 'against'])).toMatchObject({ comb: '2', lay: 'with' }))
  it('leaves it to scissors where nothing is within 15 %', () =>
    expect(clipperFor({ blades: ['30'], combs: ['4'] }, 9.5, ['with', 'against'])).toBeNull())
})

it('a house that has not said which tools it has is planned with all of them; one tool is a kit', () => {
  expect(kitOrAll({ blades: [], combs: [] })).toEqual(FULL_KIT)
  expect(kitOrAll({ blades: ['10'], combs: [] })).toEqual({ blades: ['10'], combs: [] })
})
