import { describe, expect, it } from 'vitest'
import { BUILDS, Measured, measuresOf, measuresProblem } from '.'

describe('a dog’s measures', () => {
  it('are its own where it was measured, in mm', () =>
    expect(
      measuresOf({
        build: 'square',
        heightCm: 40,
        neckCm: 14,
        chestDepthCm: 18,
        skullCm: 9,
        muzzleCm: 8,
        earLeatherCm: 7,
        tailCm: 12,
        lengthCm: 41,
      }),
    ).toEqual({
      height: 400,
      length: 410,
      neck: 140,
      chestDepth: 180,
      skull: 90,
      muzzle: 80,
      earLeather: 70,
      tail: 120,
    }))
  it('are a usual dog’s of its build as far as nobody measured', () =>
    expect(measuresOf({ build: 'square' })).toMatchObject({ height: 520, length: 520, skull: 112, tail: 190 }))
  it('grow with the height that was measured', () =>
    expect(measuresOf({ build: 'square', heightCm: 26 })).toMatchObject({ height: 260, length: 260, skull: 56 }))
  it('grow with the cube root of the weight where only the scale is known: eight times as heavy, twice as high', () => {
    expect(measuresOf({ build: 'square', weightKg: 19 }).height).toBeCloseTo(520, 9)
    expect(measuresOf({ build: 'square', weightKg: 152 }).height).toBeCloseTo(1040, 9)
    expect(measuresOf({ build: 'square', weightKg: 152, heightCm: 52 }).height).toBe(520)
  })
  it('give an ear its usual length for how it is carried, against the skull', () => {
    const { skull, earLeather } = measuresOf({ build: 'toy', ears: 'pricked' })
    expect(earLeather / skull).toBeCloseTo(0.68, 9)
    expect(measuresOf({ build: 'toy', ears: 'pricked', earLeatherCm: 5 }).earLeather).toBe(50)
  })
})

describe('measures that make no dog', () => {
  it('a chest deeper than three quarters of the height is a slip of the tape', () =>
    expect(measuresProblem({ build: 'square', heightCm: 40, chestDepthCm: 32 })).toEqual({
      field: 'chestDepthCm',
      sentence: 'Chest depth 32 cm does not fit a height of 40 cm: measure both again.',
    }))
  it('a tail longer than the dog is high is one too', () =>
    expect(measuresProblem({ build: 'toy', heightCm: 20, tailCm: 25 })?.field).toBe('tailCm'))
  it('every usual dog passes, at any height', () => {
    for (const build of BUILDS)
      for (const heightCm of [15, 40, 90]) expect(measuresProblem({ build, heightCm })).toBeNull()
  })
  it('each field has its limits and its sentence', () => {
    const sentence = (input: object) => Measured.safeParse(input).error?.issues.map(({ message }) => message)
    expect(sentence({ skullCm: 31 })).toEqual(['The skull must be 3 to 30 cm.'])
    expect(sentence({ tailCm: 'long' })).toEqual(['Give the tail as a number of cm.'])
    expect(sentence({ whiskersCm: 3 })).toHaveLength(1)
  })
})
