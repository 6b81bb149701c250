import { polygon } from '@turf/helpers'
import { kinks } from '@turf/kinks'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BUILDS } from '../build'
import { COATS } from '../coat'
import { ZONES, type Side, type ZoneId } from '../zones'
import { VIEWS, drawView, sideView, type FigureDog, type FigureView, type LengthAt, type ViewId } from '.'
import { area } from './withoutLoops'

const draw = (id: ViewId, dog: FigureDog, lengthAt: LengthAt): FigureView => drawView(id, dog, lengthAt)
const someCard = fc.array(fc.integer({ min: 0, max: 120 }), { minLength: ZONES.length, maxLength: ZONES.length })
const fromCard =
  (card: readonly number[]): LengthAt =>
  (zone) =>
    card[ZONES.indexOf(zone)] ?? 0
const SQUARE: FigureDog = { build: 'square', coat: 'curly', heightCm: 52, lengthCm: 52 }

describe('outlines in their coat', () => {
  it('never cross themselves, whatever the build, the coat and the card (referee: Turf’s kinks)', () => {
    const someDog = fc.record({ build: fc.constantFrom(...BUILDS), coat: fc.constantFrom(...COATS) })
    fc.assert(
      fc.property(someDog, fc.constantFrom(...VIEWS), someCard, (dog, id, card) => {
        for (const part of draw(id, dog, fromCard(card)).parts) {
          const ring = part.outline.map(({ x, y }) => [x, y])
          if (ring.length < 4) throw new Error(`${id} ${part.id} has no outline`)
          const crossings = kinks(polygon([[...ring, ring[0] as number[]]])).features.length
          expect(`${id} ${part.id}: ${crossings}`).toBe(`${id} ${part.id}: 0`)
        }
      }),
      { seed: 4, numRuns: 80 },
    )
  })

  it('enclose more as any zone grows longer, by the shoelace formula', () => {
    const total = (view: FigureView) => view.parts.reduce((sum, { outline }) => sum + Math.abs(area(outline)), 0)
    for (const id of VIEWS)
      for (const zone of ZONES) {
        const at = (mm: number) => total(draw(id, SQUARE, (each) => (each === zone ? mm : 10)))
        expect(at(30)).toBeGreaterThanOrEqual(at(10) - 1e-6)
      }
    const all = (mm: number) => total(sideView(SQUARE, () => mm))
    expect(all(10)).toBeGreaterThan(all(0))
    expect(all(60)).toBeGreaterThan(all(30))
  })

  /** Distance from a point to a closed line, edge by edge: no code of the figure's own. */
  const toLine = (p: { x: number; y: number }, line: readonly { x: number; y: number }[]): number =>
    Math.min(
      ...line.map((a, at) => {
        const b = line[(at + 1) % line.length] as typeof a
        const [dx, dy] = [b.x - a.x, b.y - a.y]
        const t = Math.max(0, Math.min(1, ((p.x - a.x) * dx + (p.y - a.y) * dy) / (dx * dx + dy * dy || 1)))
        return Math.hypot(p.x - a.x - t * dx, p.y - a.y - t * dy)
      }),
    )
  const skinLine = (path: string) =>
    [...path.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => ({ x: Number(x), y: -Number(y) }))

  it.each(['back', 'neck', 'chest', 'skull', 'bridge', 'foreleg', 'thigh', 'tail', 'skirt', 'cheek'] as const)(
    'lie 25 mm outside the skin in the middle of the %s, on a standing coat, within 1 mm',
    (zone) => {
      const view = sideView(SQUARE, (each) => (each === zone ? 25 : 10))
      const offsets = view.parts
        .filter(({ place, skin }) => place !== 'far' && skin !== '')
        .flatMap(({ outline, skin }) =>
          outline.filter(({ lengthMm }) => lengthMm === 25).map((point) => toLine(point, skinLine(skin))),
        )
      expect(offsets.length).toBeGreaterThan(0)
      expect(Math.abs(Math.max(...offsets) - 25)).toBeLessThan(1)
    },
  )

  it('stay on the floor', () => {
    for (const build of BUILDS)
      for (const id of ['side', 'front', 'rear'] as const)
        expect(Math.max(0, draw(id, { build, coat: 'drop' }, () => 80).box.bottom)).toBe(0)
  })
})

describe('both sides of the dog', () => {
  const extent = (view: FigureView) => [-view.box.left, view.box.right]
  it.each(['front', 'rear', 'head-front'] as const)('are mirrors from the %s when both are cut alike', (id) => {
    const [left, right] = extent(drawView(id, SQUARE, () => 20))
    expect(left).toBeCloseTo(right ?? 0, 6)
  })
  it('are mirrors from above', () => {
    const { box } = drawView('top', SQUARE, () => 20)
    expect(-box.top).toBeCloseTo(box.bottom, 6)
  })
  it('from the front the dog’s right is at the viewer’s left: a longer right ear stands out there', () => {
    const longer =
      (side: Side): LengthAt =>
      (zone, of) =>
        zone === 'ear-edge' && of === side ? 40 : 10
    const [left, right] = extent(drawView('head-front', SQUARE, longer('right')))
    expect(left).toBeGreaterThan((right ?? 0) + 20)
    const [farther, nearer] = extent(drawView('head-front', SQUARE, longer('left')))
    expect(nearer).toBeGreaterThan((farther ?? 0) + 20)
  })
  it('from behind the dog’s right is at the viewer’s right', () => {
    const [left, right] = extent(drawView('rear', SQUARE, (zone, of) => (zone === 'thigh' && of === 'right' ? 60 : 10)))
    expect(right).toBeGreaterThan((left ?? 0) + 30)
  })
  it('from behind a longer right ear is at the viewer’s right too', () => {
    const ear = (side: Side) =>
      drawView('rear', SQUARE, (zone, of) => (zone === 'ear-edge' && of === 'right' ? 40 : 5)).parts.find(
        ({ id }) => id === `ear-${side}`,
      )?.outline ?? []
    expect(Math.max(...ear('right').map(({ x }) => x))).toBeGreaterThan(
      -Math.min(...ear('left').map(({ x }) => x)) + 20,
    )
  })
  it('every field of a pair says whose side it is', () => {
    for (const id of ['front', 'rear', 'top', 'head-front'] as const)
      for (const cell of drawView(id, SQUARE, () => 10).cells)
        if (['shoulder', 'foreleg', 'thigh', 'brow', 'cheek'].includes(cell.zone)) expect(cell.side).toBeDefined()
  })
})

describe('the dog as it was measured', () => {
  const bare: LengthAt = () => 0
  it('stands as high at the withers in every upright view', () => {
    for (const build of BUILDS) {
      const dog = { build, coat: 'smooth', heightCm: 40 } as const
      const rear = drawView('rear', dog, bare).parts.find(({ id }) => id === 'body')
      const highest = Math.max(...(rear?.outline ?? []).map(({ y }) => y)) / 400
      // The croup lies a little under the withers.
      expect(highest).toBeGreaterThan(0.97)
      expect(highest).toBeLessThan(1)
    }
  })
  it('is as long from above as it was measured', () => {
    const body = drawView('top', { ...SQUARE, lengthCm: 60 }, bare).parts.find(({ id }) => id === 'body')
    const xs = (body?.outline ?? []).map(({ x }) => x)
    expect((Math.max(...xs) - Math.min(...xs)) / 612).toBeCloseTo(1, 2)
  })
  it('is the same picture every time, remembered or not', () => {
    const length: LengthAt = (zone: ZoneId) => zone.length
    for (const id of VIEWS)
      expect(JSON.stringify(draw(id, SQUARE, length))).toBe(JSON.stringify(draw(id, SQUARE, length)))
    for (let other = 20; other < 110; other++) sideView({ ...SQUARE, heightCm: other }, length)
    expect(sideView(SQUARE, length).parts[3]?.coat).toBe(sideView({ ...SQUARE }, length).parts[3]?.coat)
  })
})
