import { describe, expect, it } from 'vitest'
import { bathAims, bathFor, bodySurfaceM2, mix, spoons } from '.'

describe('the bath', () => {
  const wet = ['wash', 'condition', 'rinse']
  const total = (bath: ReturnType<typeof bathFor>) => (bath.mixes[0]?.productMl ?? 0) + (bath.mixes[0]?.waterMl ?? 0)
  it('takes 600 ml of solution a square metre, 0.7 of it for a short coat, half as much again for a long one', () => {
    const surface = bodySurfaceM2(19)
    expect(total(bathFor(wet, 19, 30, false))).toBe(Math.round(600 * surface))
    expect(total(bathFor(wet, 19, 9, false))).toBe(Math.round(600 * surface * 0.7))
    expect(total(bathFor(wet, 19, 41, false))).toBe(Math.round(600 * surface * 1.5))
  })
  it('takes a quarter more where it is matted', () =>
    expect(total(bathFor(wet, 19, 30, true))).toBe(Math.round(600 * bodySurfaceM2(19) * 1.25)))
  it('takes 12 l to wet and 25 l for a rinse, a square metre', () =>
    expect(bathFor(wet, 19, 30, false).waterLitres).toBe(Math.round(37 * bodySurfaceM2(19))))
  it('is dry when nothing is washed', () =>
    expect(bathFor(['arrive'], 19, 30, false)).toEqual({ waterMaxC: 38, waterLitres: 0, mixes: [] }))
  it('three spoons in half a litre are near 1:10 (common practice)', () => {
    const { productMl } = mix('condition', 10, 500)
    expect(productMl).toBe(45)
    expect(spoons(productMl)).toBe(3)
  })
  it('a little product is half a spoon, none is none', () => expect([spoons(8), spoons(0)]).toEqual([0.5, 0]))
  it('product and water are the whole, to the millilitre', () => {
    for (const ml of [100, 333, 431]) {
      const { productMl, waterMl } = mix('condition', 10, ml)
      expect(productMl + waterMl).toBe(ml)
    }
  })
})

describe('what the bath is for (common practice)', () => {
  const card = (method: 'scissor' | 'clip', lengthMm: number) =>
    (['back', 'side', 'foreleg'] as const).map((zone) => ({ zone, method, lengthMm }))
  const aims = (...args: Parameters<typeof bathAims>) => bathAims(...args).map(({ id }) => id)
  const none = new Set<string>()
  it('a coat to be scissored is degreased, one kept long is oiled, a clipped one is only washed', () => {
    expect(aims(card('scissor', 25), none, false)).toEqual(['volume'])
    expect(aims(card('scissor', 60), none, false)).toEqual(['long'])
    expect(aims(card('clip', 9.5), none, false)).toEqual([])
  })
  it('a sensitive skin comes first, and mats ask for a wash before the wash', () =>
    expect(aims(card('scissor', 25), new Set(['allergy']), true)).toEqual(['sensitive', 'dirty', 'volume']))
})
