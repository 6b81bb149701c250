import { describe, expect, it } from 'vitest'
import { BUILDS, measuresOf } from '../build'
import { COATS } from '../coat'
import { PATTERNS } from '../patterns'
import { BREEDS, breedNamed, breedsLike, middle, usualOf } from '.'

describe('the table of breeds', () => {
  it('has at least 200 of them, each once', () => {
    expect(BREEDS.length).toBeGreaterThanOrEqual(200)
    expect(new Set(BREEDS.map(({ name }) => name)).size).toBe(BREEDS.length)
  })
  it('stands in the order of the alphabet, so that a stranger finds a breed and sees one that is missing', () => {
    const names = BREEDS.map(({ name }) => name)
    expect(names).toEqual([...names].sort((a, b) => a.localeCompare(b, 'en')))
  })
  it.each(BREEDS.map((breed) => [breed.name, breed] as const))(
    '%s is of a coat, build and trim that Kovit knows',
    (_, breed) => {
      expect(COATS).toContain(breed.coat)
      expect(BUILDS).toContain(breed.build)
      for (const pattern of breed.patterns) expect(PATTERNS).toContain(pattern)
    },
  )
  it.each(BREEDS.map((breed) => [breed.name, breed] as const))(
    '%s weighs what a dog of its build and height weighs',
    (_, breed) => {
      const { build, kg, cm } = breed
      expect(kg[0]).toBeGreaterThanOrEqual(0.3)
      expect(kg[0]).toBeLessThan(kg[1])
      expect(kg[1]).toBeLessThanOrEqual(120)
      expect(cm[0]).toBeGreaterThanOrEqual(10)
      expect(cm[0]).toBeLessThan(cm[1])
      expect(cm[1]).toBeLessThanOrEqual(120)
      // A dog twice as high weighs eight times as much: the height by the cube root of the weight is off by a third at most.
      const byWeightCm = measuresOf({ build, weightKg: middle(kg) }).height / 10
      expect(byWeightCm / middle(cm)).toBeGreaterThan(0.66)
      expect(byWeightCm / middle(cm)).toBeLessThan(1.5)
    },
  )
})

describe('a breed as it is typed', () => {
  it('is found by its beginning, by a word in it, by the name that people use, and without accents', () => {
    expect(breedsLike('port')[0]?.name).toBe('Portuguese podengo')
    expect(breedsLike('westie')[0]?.name).toBe('West Highland white terrier')
    expect(breedsLike('coton de tuléar')[0]?.name).toBe('Coton de Tulear')
    expect(breedsLike('wire fox')[0]?.name).toBe('Fox terrier, wire')
  })
  it('is at most as many as are asked for, and none for nothing', () => {
    expect(breedsLike('t', 4)).toHaveLength(4)
    expect(breedsLike('  ')).toEqual([])
  })
  it('is exactly one only by its whole name', () => {
    expect(breedNamed('yorkie')?.name).toBe('Yorkshire terrier')
    expect(breedNamed('york')).toBeNull()
  })
})

describe('what is usual', () => {
  it('of a breed is its own', () =>
    expect(usualOf('Shih tzu')).toMatchObject({ of: 'Shih tzu', coat: 'drop', face: 'flat', weeks: [4, 8] }))
  it('of a cross names two; weight and height lie between, and the coat is asked', () => {
    const usual = usualOf('lhasa apso x miniature poodle')
    expect(usual).toMatchObject({ of: 'Lhasa apso and Miniature poodle', coat: null, coats: ['drop', 'curly'] })
    // Lhasa 5 to 8.5 kg, miniature poodle 5 to 9.
    expect(usual?.kg).toEqual([5, 8.75])
  })
  it('of a cross of one is that one with its coat asked', () =>
    expect(usualOf('Lhasa cross')).toMatchObject({ of: 'Lhasa apso cross', coat: null, coats: ['drop'] }))
  it('of two of one coat is that coat', () => expect(usualOf('Maltese x Havanese')?.coat).toBe('drop'))
  it('of any other text is nothing, and the coat is asked', () => {
    expect(usualOf('street dog')).toBeNull()
    expect(usualOf('')).toBeNull()
  })
})
