import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { Case } from '../plan'
import { firstProblems, problemsOf, showPath } from './problems'

const GOOD = {
  kovit: 'case/1',
  date: '2027-03-02',
  dog: { name: 'Quill', coat: 'curly', build: 'square', weightKg: 19 },
  coatNowMm: {},
  request: {},
  setting: 'salon',
  slotMin: 120,
}
const problems = (change: object) => {
  const parsed = Case.safeParse({ ...GOOD, ...change })
  return parsed.success ? [] : problemsOf(parsed.error).map(({ path, sentence }) => `${path}: ${sentence}`)
}
const dog = (change: object) => problems({ dog: { ...GOOD.dog, ...change } })

describe('a case', () => {
  it('needs no more than this', () => expect(problems({})).toEqual([]))
  it.each<[object, string]>([
    [{ weightKg: 0.2 }, 'dog.weightKg: The weight must be 0.3 to 120 kg.'],
    [{ weightKg: 121 }, 'dog.weightKg: The weight must be 0.3 to 120 kg.'],
    [{ weightKg: 'heavy' }, 'dog.weightKg: Give the weight as a number.'],
    [{ heightCm: 9 }, 'dog.heightCm: The height must be 10 to 120 cm.'],
    [{ lengthCm: 121 }, 'dog.lengthCm: The length must be 10 to 120 cm.'],
    [{ ageMonths: 361 }, 'dog.ageMonths: The age must be 0 to 360 months.'],
    [{ name: '' }, 'dog.name: Give the name of the dog.'],
    [{ paws: 4 }, 'dog.paws: This key is not known here.'],
  ])('a dog with %j is refused by the field', (change, line) => expect(dog(change)).toEqual([line]))
  it.each<[object, string]>([
    [{ slotMin: 4 }, 'slotMin: The slot must be 5 to 720 min.'],
    [{ slotMin: 721 }, 'slotMin: The slot must be 5 to 720 min.'],
    [{ mats: { armpit: 1.5 } }, 'mats.armpit: Mats must be a whole number, 0 to 4.'],
    [{ behaviour: { dryer: 5 } }, 'behaviour.dryer: Behaviour must be 0 to 4.'],
    [{ behaviour: { postman: 1 } }, 'behaviour.postman: This key is not known here.'],
    [{ setting: 'garden' }, 'setting: This must be one of: salon, mobile.'],
    [{ kovit: 'case/2' }, 'kovit: This must be one of: case/1.'],
    [{ date: undefined }, 'date: Give a date as year-month-day, such as 2027-03-02.'],
    [
      { health: [{ kind: 'sad' }] },
      'health[0].kind: This must be one of: skin-red, sore, hot-spot, ear-smell, ear-discharge, lump-new, lump-changed, limp, breathing, heart, seizure, diabetic, arthritis, unsteady, blind, deaf, in-season, stitches, parasites, allergy, crust, lump, other.',
    ],
    [{ request: undefined }, 'request: This is missing, or it is not an object.'],
  ])('%j is refused by the field', (change, line) => expect(problems(change)).toEqual([line]))
  it('names every fault at once', () =>
    expect(problems({ slotMin: 1, setting: 'x', date: '2027-02-30' })).toHaveLength(3))
})

it('a rule that has no sentence of its own is told in short, not in the words of a program', () => {
  const rule = z.object({
    n: z.number().int(),
    many: z.array(z.number()).max(2),
    either: z.union([z.literal(1), z.string()]),
    id: z.uuid(),
  })
  const { error } = rule.safeParse({ n: -1e300, many: [1, 2, 3], either: null, id: 'x' })
  expect(problemsOf(error!).map(({ path, sentence }) => `${path}: ${sentence}`)).toEqual([
    'n: This is too small, or too short.',
    'many: This is too large, or too long.',
    'either: This is none of the forms that are known here.',
    'id: This is not as it should be.',
  ])
})

it('an answer tells the first faults, whatever was sent', () => {
  const { error } = z
    .strictObject({})
    .safeParse(Object.fromEntries(Array.from({ length: 500 }, (_, at) => ['k'.repeat(1000) + at, at])))
  const told = firstProblems(problemsOf(error!))
  expect([told.length, JSON.stringify(told).length < 5000]).toEqual([20, true])
})

it('paths read as a groomer’s colleague would write them', () =>
  expect(showPath(['health', 0, 'zone'])).toBe('health[0].zone'))
