import { describe, expect, it } from 'vitest'
import { DogFile } from '../dog'
import { Case, makePlan } from '../plan'
import { Call, EMPTY_CALL, calledDog, grownMm, proposedFrom } from '.'

const TODAY = '2026-11-25'
const call = (said: Partial<Call>): Call => ({ ...EMPTY_CALL, ...said })

describe('a dog on the telephone', () => {
  it('has nothing to draw before a coat and a weight are known', () => {
    expect(calledDog(EMPTY_CALL, TODAY)).toMatchObject({ file: null, missing: ['its name', 'its coat', 'its weight'] })
    expect(calledDog(call({ dog: 'Puffin', coat: 'drop' }), TODAY).missing).toEqual(['its weight'])
  })
  it('is as its breed usually is, and every such thing is marked usual', () => {
    const { file, missing } = calledDog(call({ dog: 'Puffin', breed: 'Shih tzu' }), TODAY)
    expect(missing).toEqual([])
    expect(file).toMatchObject({
      coat: 'drop',
      build: 'toy',
      weightKg: 5.8,
      faceShape: 'flat',
      measures: { ears: 'drop' },
    })
    expect(file?.more.usual.sort()).toEqual(['build', 'coat', 'ears', 'faceShape', 'heightCm', 'weightKg'])
  })
  it('is as it is said where somebody says it', () => {
    const { file } = calledDog(call({ dog: 'Puffin', breed: 'Shih tzu', weightKg: 6.5, coat: 'cotton' }), TODAY)
    expect(file).toMatchObject({ coat: 'cotton', weightKg: 6.5 })
    expect(file?.more.usual).not.toContain('coat')
    expect(file?.more.usual).not.toContain('weightKg')
  })
  it('of a cross waits for the coat that the groomer sees', () => {
    expect(calledDog(call({ dog: 'Puffin', breed: 'Lhasa cross' }), TODAY).missing).toEqual(['its coat'])
    expect(calledDog(call({ dog: 'Puffin', breed: 'Lhasa cross', coat: 'drop' }), TODAY).missing).toEqual([])
  })
  it('is born on or about so many years ago', () =>
    expect(calledDog(call({ breed: 'pug', ageYears: 3 }), TODAY).file?.bornOn).toBe('2023-11-25'))
  it('makes a whole file and a plan, whatever else is not said', () => {
    const { file, request, coatNowMm, mats } = calledDog(
      call({
        dog: 'Puffin',
        breed: 'Shih tzu',
        mats: 'many',
        minds: { dryer: 3 },
        words: 'half an inch all over',
        health: ['heart'],
      }),
      TODAY,
    )
    expect(DogFile.safeParse(file).success).toBe(true)
    const plan = makePlan(
      Case.parse({
        kovit: 'case/1',
        date: TODAY,
        dog: { name: 'Puffin', coat: 'drop', build: 'toy', weightKg: 6 },
        coatNowMm,
        mats,
        request,
        setting: 'salon',
        slotMin: 120,
      }),
    )
    expect(plan.understood.map(({ lengthMm }) => lengthMm)).toContain(12.7)
    expect(plan.fit.shortestSlotMin).toBeGreaterThan(60)
  })
})

describe('the coat of a call', () => {
  it('is a usual groom grown by its weeks: 12 weeks of a drop coat at 2.6 mm on 10 mm', () =>
    expect(grownMm('drop', 12)).toBe(41))
  it('stops where the coat stops: a smooth one at 20 mm', () => expect(grownMm('smooth', 100)).toBe(20))
})

describe('when a called dog may come', () => {
  const of = (lastWeeks: number | null) => proposedFrom(call({ lastWeeks }), { coat: 'drop' }, TODAY)
  it('is tomorrow where nobody knows, or where its weeks are over', () => {
    expect(of(null)).toBe('2026-11-26')
    expect(of(12)).toBe('2026-11-26')
  })
  it('is when its usual weeks are over: 4 of a drop coat, groomed 2 weeks ago', () => expect(of(2)).toBe('2026-12-09'))
})
