import { describe, expect, it } from 'vitest'
import { isOldOrIll, isPuppyOrNew, isStiff, isTender, mayUseCabinet, type DogHealth, type HealthFact } from '.'

const none: HealthFact[] = []
const heart: HealthFact[] = [{ kind: 'heart' }]
const CABINET: [DogHealth, HealthFact[], number, boolean][] = [
  [{ ageMonths: 60 }, none, 0, true],
  [{ ageMonths: 143 }, none, 3, true],
  [{ ageMonths: 144 }, none, 0, false],
  [{ ageMonths: 3 }, none, 0, false],
  [{ ageMonths: 60, faceShape: 'flat' }, none, 0, false],
  [{ ageMonths: 60 }, heart, 0, false],
  [{ ageMonths: 60 }, [{ kind: 'seizure' }], 0, false],
  [{ ageMonths: 60 }, none, 4, false],
]

describe('who is handled otherwise (common practice)', () => {
  it.each(CABINET)('in the warm-air cabinet: %j, ill with %j, dryer %s: %s', (dog, facts, dryer, may) =>
    expect(mayUseCabinet(dog, facts, dryer)).toBe(may),
  )
  it('a dog of twelve, or one with a bad heart, is a strain its owner agrees to', () => {
    const asked = [isOldOrIll({ ageMonths: 144 }, none), isOldOrIll({ ageMonths: 143 }, none), isOldOrIll({}, none)]
    expect([...asked, isOldOrIll({ ageMonths: 20 }, heart)]).toEqual([true, false, false, true])
  })
  it('ten years, unsteady, blind or arthritic stands badly', () => {
    expect([isStiff({ ageMonths: 120 }, none), isStiff({ ageMonths: 119 }, none)]).toEqual([true, false])
    for (const kind of ['unsteady', 'blind', 'arthritis'] as const) expect(isStiff({}, [{ kind }])).toBe(true)
    expect(isStiff({}, heart)).toBe(false)
  })
  it('skin is tender when it is light, red there, or new here; red on one side is red on that side', () => {
    const red: HealthFact[] = [{ kind: 'skin-red', zone: 'cheek', side: 'left' }]
    const tender = (dog: DogHealth, side: 'left' | 'right') => isTender({ visits: 6, ...dog }, red, 'cheek', side)
    expect([tender({}, 'left'), tender({}, 'right')]).toEqual([true, false])
    expect([tender({ lightSkin: true }, 'right'), tender({ visits: 2 }, 'right')]).toEqual([true, true])
    expect(isPuppyOrNew({ ageMonths: 48, visits: 2 })).toBe(true)
  })
})
