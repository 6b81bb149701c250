import { describe, expect, it } from 'vitest'
import { EAR_SETS, measuresOf, visorToEyeMm } from '../build'
import type { ZoneId } from '../zones'
import { VIEWS, drawView, figureOf, type FigureDog, type FigureView, type LengthAt } from '.'
import { headShare, withinRuns } from './shapes'
import { boxOf } from './view'

const DOG: FigureDog = { build: 'toy', coat: 'drop' }
const only =
  (zone: ZoneId, mm: number): LengthAt =>
  (each) =>
    each === zone ? mm : 5
const fringeOf = (view: FigureView) => view.parts.find(({ id }) => id === 'fringe')
const hem = (visorMm: number, shape: string | null = null) => {
  const view = drawView('head-front', DOG, only('visor', visorMm), { shapeOf: () => shape })
  return { bottom: boxOf(fringeOf(view)?.outline ?? []).bottom, eyeTop: (view.eyes[0]?.y ?? 0) - view.eyeMm }
}

describe('the visor', () => {
  const toEye = visorToEyeMm(measuresOf(DOG))
  it('comes down by what it grows, mm for mm', () =>
    expect(hem(toEye + 12).bottom - hem(toEye + 2).bottom).toBeCloseTo(10, 0))
  it('crosses the eye at the length that is said to reach it', () => {
    const short = hem(toEye - 2)
    expect(short.bottom).toBeLessThan(short.eyeTop)
    const long = hem(toEye + 2)
    expect(long.bottom).toBeGreaterThan(long.eyeTop)
  })
  it('as an arch leaves the middle higher than its corners', () => {
    const outline = fringeOf(drawView('head-front', DOG, only('visor', 30), { shapeOf: () => 'arch' }))?.outline ?? []
    const lowestNear = (x: number) =>
      Math.min(...outline.filter((point) => Math.abs(point.x - x) < 3).map(({ y }) => y))
    const corner = Math.max(...outline.map(({ x }) => x))
    expect(lowestNear(0)).toBeGreaterThan(lowestNear(corner * 0.75) + 2)
  })
  it('lies over the face, and hanging ears over the cheeks and under the hair of the skull', () => {
    const order = drawView('front', DOG, () => 20).parts.map(({ id }) => id)
    const before = (under: string, over: string) => order.indexOf(under) < order.indexOf(over)
    expect([before('skull', 'ear-left'), before('ear-left', 'cap'), before('muzzle', 'fringe')]).toEqual([
      true,
      true,
      true,
    ])
  })
})

describe('ears', () => {
  const earTop = (ears: FigureDog['ears']) => {
    const view = drawView('side', { ...DOG, ears }, () => 3)
    return {
      ear: boxOf(view.parts.find(({ id }) => id === 'ear')?.outline ?? []),
      head: boxOf(view.parts.find(({ id }) => id === 'head')?.outline ?? []),
      anchor: view.anchors['ear-edge'],
    }
  }
  it('stand over the skull when pricked, hang beside it when dropped, and fold between', () => {
    const [pricked, drop, folded] = [earTop('pricked'), earTop('drop'), earTop('folded')]
    expect(pricked.ear.top).toBeLessThan(pricked.head.top - 10)
    expect(drop.ear.bottom).toBeGreaterThan(folded.ear.bottom)
    expect(folded.ear.top).toBeLessThan(drop.ear.top)
  })
  it.each(EAR_SETS)('carry their callout with them when %s', (ears) => {
    const { ear, anchor } = earTop(ears)
    expect(anchor?.x).toBeGreaterThan(ear.left - 1)
    expect(anchor?.x).toBeLessThan(ear.right + 1)
    expect(anchor?.y).toBeGreaterThan(ear.top - 1)
    expect(anchor?.y).toBeLessThan(ear.bottom + 1)
  })
})

describe('a flat face', () => {
  const FLAT: FigureDog = { ...DOG, faceShape: 'flat' }
  const nose = (dog: FigureDog, view: 'side' | 'head-front') =>
    (drawView(view, dog, () => 3).nose.match(/-?\d+(\.\d+)?/g) ?? []).map(Number)
  it('is another picture in every view that shows it', () => {
    for (const view of VIEWS.filter((id) => id !== 'rear')) {
      const skins = (dog: FigureDog) =>
        drawView(view, dog, () => 3)
          .parts.map(({ skin }) => skin)
          .join()
      expect(skins(FLAT), view).not.toBe(skins(DOG))
    }
  })
  it('stands out of the skull by less than half of a usual muzzle, and its nose lies higher', () => {
    const reach = (dog: FigureDog) => Math.min(...nose(dog, 'side').filter((_, at) => at % 2 === 0))
    const skullFront = (dog: FigureDog) => drawView('side', dog, () => 3).eyes[0]?.x ?? 0
    expect(skullFront(FLAT) - reach(FLAT)).toBeLessThan((skullFront(DOG) - reach(DOG)) * 0.65)
    const top = (dog: FigureDog) => Math.min(...nose(dog, 'head-front').filter((_, at) => at % 2 === 1))
    expect(top(FLAT)).toBeLessThan(top(DOG))
  })
  it('is as long as it is measured, where somebody measured it', () =>
    expect(measuresOf({ build: 'toy', faceShape: 'flat', muzzleCm: 3 }).muzzle).toBe(30))
})

describe('the head from close by', () => {
  it('shows the head with its ears, and names only what is near', () => {
    const view = drawView('head-side', DOG, () => 10)
    const { headBox } = drawView('side', DOG, () => 10)
    expect(view.close).toBe(true)
    expect(view.box.left).toBeLessThan(headBox?.left ?? 0)
    expect(view.anchors.skull).toBeDefined()
    expect(view.anchors.back).toBeUndefined()
  })
})

describe('shapes of the head', () => {
  it('a dome is full in the middle and half at its ends', () => {
    expect(headShare('dome', 0.5)).toBeCloseTo(1, 9)
    expect(headShare('dome', 0)).toBeCloseTo(0.5, 9)
  })
  it('leave everything where no shape is asked', () => {
    expect(headShare(null, 0.2)).toBe(1)
    expect(headShare('pompon', 0.2)).toBe(1)
  })
  it('reach over neighbours that share them, round the seam of the outline too', () =>
    expect(withinRuns(['dome', 'line', 'line', 'dome'])).toEqual([0.75, 0.25, 0.75, 0.25]))
  it('one shape all round has no ends', () => expect(withinRuns(['dome', 'dome'])).toEqual([0.25, 0.75]))
  it('a dome pushes the skull out less at its ends than a plain length', () => {
    const top = (shape: string | null) =>
      drawView('head-front', DOG, () => 40, { shapeOf: (zone) => (zone === 'skull' ? shape : null) }).box
    expect(top('dome').right).toBeLessThanOrEqual(top(null).right)
    expect(Math.abs(top('dome').top - top(null).top)).toBeLessThan(12)
  })
})

describe('what a figure is drawn from', () => {
  it('leaves out what nobody measured', () =>
    expect(figureOf({ build: 'toy', coat: 'drop', heightCm: null, tailCm: 9, ears: undefined })).toEqual({
      build: 'toy',
      coat: 'drop',
      tailCm: 9,
    }))
  it('is another picture for every measure, in the views that show it', () => {
    const path = (dog: FigureDog) =>
      VIEWS.map((id) =>
        drawView(id, dog, () => 4)
          .parts.map(({ skin }) => skin)
          .join(),
      ).join()
    const changed = [
      { neckCm: 12 },
      { chestDepthCm: 13 },
      { skullCm: 9 },
      { muzzleCm: 6 },
      { earLeatherCm: 8 },
      { tailCm: 16 },
      { ears: 'pricked' as const },
    ]
    for (const measure of changed) expect(path({ ...DOG, ...measure })).not.toBe(path(DOG))
  })
})
