import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { COATS } from '../coat'
import { BUILDS } from '../build'
import type { ZoneId } from '../zones'
import { drawView, type FigureView } from '.'
import { alongOf, shapeShare } from './shapes'
import { area } from './withoutLoops'

const SHAPES = [
  'pompon',
  'oval',
  'plume',
  'flag',
  'carrot',
  'flare',
  'column',
  'bevel',
  'hem',
  'bell',
  'tassel',
  'bob',
  'tips',
]
const DOG = { build: 'square', coat: 'curly' } as const
const part = (view: FigureView, id: string) => Math.abs(area(view.parts.find((each) => each.id === id)?.outline ?? []))
const tail = (shape: string | null) =>
  part(
    drawView('side', DOG, () => 50, { shapeOf: (zone) => (zone.startsWith('tail') ? shape : null) }),
    'tail',
  )

describe('shapes are cut, not grown', () => {
  it('no shape leaves more hair than there is, nor less than none', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SHAPES),
        fc.double({ min: 0, max: 1.2, noNaN: true }),
        fc.boolean(),
        (shape, along, under) => {
          const share = shapeShare(shape, 'tail', { along, under })
          expect(share >= 0 && share <= 1).toBe(true)
        },
      ),
    )
  })
  it('every shape of a tail encloses less than the coat left whole, and more than the bare tail', () => {
    for (const shape of ['pompon', 'oval', 'plume', 'flag', 'carrot'])
      expect([
        shape,
        tail(shape) < tail(null),
        tail(shape) >
          part(
            drawView('side', DOG, () => 0),
            'tail',
          ),
      ]).toEqual([shape, true, true])
  })
  it('a shape that only names what the length says changes nothing', () => expect(tail('natural')).toBe(tail(null)))
})

describe('what each shape looks like', () => {
  const at = (shape: string, along: number, under = false, zone: ZoneId = 'tail') =>
    shapeShare(shape, zone, { along, under })
  it('a pompon is bare at the root and round at the end', () => {
    expect(at('pompon', 0.2)).toBeLessThan(0.1)
    expect(at('pompon', 0.78)).toBe(1)
    expect(at('pompon', 1.1)).toBeLessThan(0.6)
  })
  it('a carrot thins to the tip', () => expect(at('carrot', 1)).toBeLessThan(at('carrot', 0.1)))
  it('a flag hangs below and is short on top, longest in the middle', () => {
    expect(at('flag', 0.5, true)).toBeGreaterThan(0.9)
    expect(at('flag', 0.5, false)).toBe(0.2)
    expect(at('flag', 0.95, true)).toBeLessThan(at('flag', 0.5, true))
  })
  it('a flare widens to the floor; a bevel is tighter at the pad', () => {
    expect(at('flare', 1)).toBeGreaterThan(at('flare', 0.3))
    expect(at('bevel', 1)).toBeLessThan(at('bevel', 0.5))
  })
  it('a tassel hangs from a shaved ear', () => {
    expect(at('tassel', 0.4)).toBe(0.1)
    expect(at('tassel', 0.8)).toBe(1)
  })
  it('a hem rises toward the tuck', () => expect(at('hem', 0.7)).toBeLessThan(at('hem', 0.3)))
})

describe('along a part', () => {
  const axis = { from: { x: 0, y: 100 }, to: { x: 0, y: 0 } }
  it('is 0 at the root, 1 at the end, and does not mind the side', () => {
    expect(alongOf(axis, { x: 30, y: 100 })).toBe(0)
    expect(alongOf(axis, { x: -5, y: 25 })).toBe(0.75)
    expect(alongOf(axis, { x: 5, y: 0 })).toBe(1)
  })
})

describe('pinned pictures', () => {
  /** A short sum of a picture's outlines; refreshed on purpose only, when the drawing is meant to change. */
  const sum = (view: FigureView) =>
    Math.round(view.parts.reduce((total, { outline }) => total + Math.abs(area(outline)), 0) / 100)
  it('each build in 20 mm of curly coat encloses what it did when it was last looked at', () => {
    const areas = Object.fromEntries(
      BUILDS.map((build) => [build, sum(drawView('side', { build, coat: 'curly' }, () => 20))]),
    )
    expect(areas).toMatchSnapshot()
  })
  it('each coat on a square dog at 40 mm likewise', () => {
    const areas = Object.fromEntries(
      COATS.map((coat) => [coat, sum(drawView('side', { build: 'square', coat }, () => 40))]),
    )
    expect(areas).toMatchSnapshot()
  })
  it('each build’s path of the torso', () => {
    const paths = BUILDS.map((build) => [
      build,
      drawView('side', { build, coat: 'curly' }, () => 20).parts.find(({ id }) => id === 'torso')?.coat,
    ])
    expect(Object.fromEntries(paths)).toMatchSnapshot()
  })
})
