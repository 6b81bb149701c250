import { describe, expect, it } from 'vitest'
import { drawView, guidesOf, type FigureDog, type Guide, type ViewId } from '.'

const DOG: FigureDog = { build: 'square', coat: 'curly', heightCm: 52, lengthCm: 52 }
const guides = (id: ViewId): Guide[] =>
  guidesOf(
    drawView(id, DOG, () => 10),
    DOG,
  )
const named = (id: ViewId, words: string) => guides(id).find((guide) => guide.words === words)

describe('guides', () => {
  it('stand where the dog was measured: withers at 520 mm, elbow at 285, thirds of its length', () => {
    expect(named('side', 'withers 52 cm')).toMatchObject({ lies: 'level', yMm: -520 })
    expect(named('side', 'elbow 29 cm')).toMatchObject({ lies: 'level', yMm: -285 })
    expect(named('side', 'length 52 cm')).toMatchObject({ lies: 'upright', xMm: 520 })
    const third = named('side', 'a third')
    expect(third?.lies === 'upright' && third.xMm).toBeCloseTo(173.33, 2)
  })
  it('measure the head along itself: skull and muzzle as long as they are', () => {
    const long = (guide: Guide | undefined) =>
      guide?.lies === 'between' ? Math.hypot(guide.to.x - guide.from.x, guide.to.y - guide.from.y) : 0
    expect(long(named('head-side', 'skull 11 cm'))).toBeCloseTo(112, 6)
    expect(long(named('head-side', 'muzzle 11 cm'))).toBeCloseTo(112, 6)
  })
  it.each(['front', 'rear'] as const)('hold the legs of the %s view upright, as far out on both sides', (id) => {
    const [left, right] = guides(id).flatMap((guide) => (guide.lies === 'upright' ? [guide.xMm] : []))
    expect(left).toBeCloseTo(-(right ?? 0), 6)
    expect(Math.abs(left ?? 0)).toBeGreaterThan(20)
  })
  it('make the eyes and the nose a triangle with two equal sides', () => {
    const [eyes, left, right] = guides('head-front').map((guide) =>
      guide.lies === 'between' ? Math.hypot(guide.to.x - guide.from.x, guide.to.y - guide.from.y) : 0,
    )
    expect(left).toBeCloseTo(right ?? 0, 6)
    expect(eyes).toBeGreaterThan(20)
  })
})
