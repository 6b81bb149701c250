import { polygon } from '@turf/helpers'
import { kinks } from '@turf/kinks'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BUILDS, EAR_SETS, measuresOf, visorToEyeMm } from '../../build'
import { COATS, type CoatId } from '../../coat'
import { ZONES, type Side, type ZoneId } from '../../zones'
import { drawView, type FigureDog, type FigurePart, type FigureView, type LengthAt } from '..'
import { boxOf } from '../view'
import { area } from '../withoutLoops'

const FLAT: FigureDog = { build: 'toy', coat: 'drop', faceShape: 'flat' }
const CURLY: FigureDog = { build: 'square', coat: 'curly' }
const WIRE: FigureDog = { build: 'square', coat: 'wire', ears: 'folded' }

const face = (dog: FigureDog, lengthAt: LengthAt | number, shapes: Partial<Record<ZoneId, string>> = {}): FigureView =>
  drawView('head-front', dog, typeof lengthAt === 'number' ? () => lengthAt : lengthAt, {
    shapeOf: (zone) => shapes[zone] ?? null,
  })
const only =
  (zone: ZoneId, mm: number, rest = 5, side?: Side): LengthAt =>
  (each, of) =>
    each === zone && (side === undefined || of === side) ? mm : rest
const part = (view: FigureView, id: string): FigurePart => {
  const found = view.parts.find((each) => each.id === id)
  if (!found) throw new Error(`${id} is not drawn`)
  return found
}
const box = (view: FigureView, id: string) => boxOf(part(view, id).outline)
const wide = ({ box: { left, right } }: FigureView) => right - left
const high = ({ box: { top, bottom } }: FigureView) => bottom - top

describe('faces by their muzzle', () => {
  const noseDown = (dog: FigureDog) => {
    const view = face(dog, 3)
    const ys = [...view.nose.matchAll(/[ML]-?[\d.]+ (-?[\d.]+)/g)].map(([, y]) => Number(y))
    return (Math.min(...ys) - (view.eyes[0]?.y ?? 0)) / measuresOf(dog).skull
  }
  it('carry the nose lower the longer the muzzle is measured', () => {
    const downs = [3, 4, 5, 6, 7].map((muzzleCm) => noseDown({ build: 'toy', coat: 'smooth', skullCm: 7, muzzleCm }))
    for (let at = 1; at < downs.length; at++) expect(downs[at]).toBeGreaterThan(downs[at - 1] as number)
  })
  it('are flat where they are called flat, however long the muzzle was measured', () =>
    expect(noseDown({ ...FLAT, muzzleCm: 5 })).toBeCloseTo(noseDown(FLAT), 6))
  it('have rounder and larger eyes the flatter they are', () => {
    const [flat, long] = [face(FLAT, 3), face({ build: 'racy', coat: 'smooth' }, 3)]
    expect(flat.eyeBroad).toBeLessThan(long.eyeBroad)
    expect(flat.eyeMm / measuresOf(FLAT).skull).toBeGreaterThan(long.eyeMm / measuresOf({ build: 'racy' }).skull)
  })
})

describe('hair of a face', () => {
  const someTrim = fc.array(fc.tuple(fc.integer({ min: 0, max: 250 }), fc.integer({ min: 0, max: 250 })), {
    minLength: ZONES.length,
    maxLength: ZONES.length,
  })
  const someDog = fc.record({
    build: fc.constantFrom(...BUILDS),
    coat: fc.constantFrom(...COATS),
    ears: fc.constantFrom(...EAR_SETS),
    faceShape: fc.constantFrom('normal' as const, 'flat' as const),
  })
  const someShape = fc.constantFrom(
    null,
    'round',
    'dome',
    'arch',
    'V',
    'beard',
    'tube',
    'oval',
    'bell',
    'tassel',
    'bob',
  )

  it('never crosses itself, whatever the face, the trim of each side and the shape (referee: Turf’s kinks)', () => {
    fc.assert(
      fc.property(someDog, someTrim, someShape, fc.constantFrom('head-front', 'side'), (dog, trim, shape, from) => {
        const lengthAt: LengthAt = (zone, side) => trim[ZONES.indexOf(zone)]?.[side === 'right' ? 1 : 0] ?? 0
        for (const { id, outline } of drawView(from as 'side', dog, lengthAt, { shapeOf: () => shape }).parts) {
          const ring = outline.map(({ x, y }) => [x, y])
          const crossings = kinks(polygon([[...ring, ring[0] as number[]]])).features.length
          expect(`${id}: ${crossings}`).toBe(`${id}: 0`)
        }
      }),
      { seed: 18, numRuns: 120 },
    )
  })

  it.each(COATS)(
    'of %s grows from 1 to 250 mm without a jump: no edge, surface or line leaps within a millimetre',
    (coat) => {
      for (const dog of [{ ...FLAT, coat }, { build: 'square', coat, ears: 'pricked' } as const]) {
        let before = face(dog, 1)
        for (let mm = 2; mm <= 250; mm++) {
          const now = face(dog, mm)
          expect(now.parts.map(({ id }) => id)).toEqual(before.parts.map(({ id }) => id))
          now.parts.forEach((each, at) => expect(leap(before.parts[at] as FigurePart, each)).toBeLessThan(MOST_LEAP_MM))
          before = now
        }
      }
    },
  )
  /** By how much a part's edges move, mm; its surface by its own breadth; a line or a veil that comes counts for itself. */
  const MOST_LEAP_MM = 4
  const leap = (a: FigurePart, b: FigurePart): number => {
    const [was, is] = [boxOf(a.outline), boxOf(b.outline)]
    const edges = (['left', 'right', 'top', 'bottom'] as const).map((edge) => Math.abs(was[edge] - is[edge]))
    const surface = Math.abs(Math.abs(area(a.outline)) - Math.abs(area(b.outline))) / 2
    const round = 2 * (is.right - is.left + is.bottom - is.top)
    const lines = Math.abs((a.weight ?? 1) - (b.weight ?? 1)) + Math.abs((a.opacity ?? 1) - (b.opacity ?? 1))
    return Math.max(...edges, surface / round, lines * 10)
  }

  it('that hangs makes a head longer, not fatter', () => {
    const [short, long] = [face(FLAT, 20), face(FLAT, 100)]
    expect(high(long) - high(short)).toBeGreaterThan(40)
    expect(wide(long) - wide(short)).toBeLessThan((high(long) - high(short)) / 2)
  })
  it('that stands raises a topknot in full and widens it by less than half', () => {
    const cap = (mm: number) => box(face(CURLY, only('skull', mm)), 'cap')
    expect(cap(30).top - cap(60).top).toBeCloseTo(30, 0)
    expect(cap(60).right - cap(30).right).toBeLessThan(15)
  })
  it.each<[CoatId, string]>([
    ['wire', 'muzzle'],
    ['curly', 'beard'],
    ['drop', 'beard'],
    ['smooth', 'beard'],
  ])('of %s lengthens the chin by what it grows', (coat, id) => {
    const low = (mm: number) => box(face({ ...WIRE, coat }, only('chin', mm)), id).bottom
    expect(Math.abs(low(40) - low(10) - 30)).toBeLessThan(1)
  })
  it('takes the shape it is cut to: each leaves less than the whole, and another outline', () => {
    const muzzle = (shape: string | null) => {
      const shapes = shape === null ? {} : { muzzle: shape, lips: shape, chin: shape }
      return Math.abs(area(part(face(CURLY, 22, shapes), 'muzzle').outline))
    }
    const surfaces = [null, 'round', 'oval', 'tube'].map(muzzle)
    for (let at = 1; at < surfaces.length; at++)
      expect((surfaces[at] as number) / (surfaces[at - 1] as number)).toBeLessThan(0.99)
    const ear = (shape: string | null) =>
      Math.abs(
        area(part(face(CURLY, 22, shape === null ? {} : { 'ear-edge': shape, 'ear-out': shape }), 'ear-left').outline),
      )
    for (const shape of ['bob', 'tips', 'bell', 'tassel']) expect(ear(shape) / ear(null), shape).toBeLessThan(0.97)
  })
  it.each<[ZoneId, string]>([
    ['ear-edge', 'ear-left'],
    ['cheek', 'skull'],
    ['muzzle', 'muzzle'],
  ])('that stands lies 25 mm off the skin in the middle of the %s, within 1 mm', (zone, id) => {
    const { outline, skin } = part(face({ ...CURLY, ears: 'drop' }, only(zone, 25, 10)), id)
    const bare = [...skin.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => ({ x: Number(x), y: -Number(y) }))
    const middle = outline.filter(({ lengthMm }) => lengthMm === 25)
    const off = Math.max(
      ...middle.map((point) => Math.min(...bare.map(({ x, y }) => Math.hypot(x - point.x, y - point.y)))),
    )
    expect(Math.abs(off - 25)).toBeLessThan(1)
  })
  it('cut as one round holds the ears inside it', () => {
    const view = face({ build: 'toy', coat: 'cotton' }, 26, { skull: 'round', cheek: 'round', 'ear-edge': 'round' })
    const round = box(view, 'cap')
    for (const ear of ['ear-left', 'ear-right'])
      expect([box(view, ear).left >= round.left - 2, box(view, ear).right <= round.right + 2]).toEqual([true, true])
  })
})

describe('what lies over what', () => {
  const order = (dog: FigureDog, ...ids: string[]) => {
    const painted = face(dog, 20).parts.map(({ id }) => id)
    return ids.map((id) => painted.indexOf(id))
  }
  it('a standing ear is behind the skull, a hanging one before the cheek and under the hair of the skull', () => {
    const [pricked, skull] = order({ ...CURLY, ears: 'pricked' }, 'ear-left', 'skull') as [number, number]
    expect(pricked).toBeLessThan(skull)
    const [under, drop, over] = order({ ...CURLY, ears: 'drop' }, 'skull', 'ear-left', 'cap') as [
      number,
      number,
      number,
    ]
    expect([under < drop, drop < over]).toEqual([true, true])
  })
  it.each(EAR_SETS.filter((ears) => ears !== 'pricked'))('%s ears leave the eyes free', (ears) => {
    for (const coat of COATS) {
      const view = face({ build: 'square', coat, ears }, 18)
      const [left] = view.eyes
      const beside = part(view, 'ear-left').outline.filter(({ y }) => Math.abs(y + (left?.y ?? 0)) < view.eyeMm)
      for (const { x } of beside) expect(x).toBeGreaterThan((left?.x ?? 0) + view.eyeMm)
    }
  })
  it('a moustache hides the mouth and parts over the beard', () => {
    const view = face(FLAT, 60)
    expect(part(view, 'moustache-left').place).toBe('beard')
    expect(box(view, 'moustache-left').left).toBeGreaterThan(box(view, 'moustache-right').right)
  })
})

describe('the visor', () => {
  const toEye = visorToEyeMm(measuresOf(FLAT))
  const veil = (mm: number, from: 'head-front' | 'side') =>
    part(drawView(from, FLAT, only('visor', mm)), 'fringe').opacity ?? 1
  it.each(['head-front', 'side'] as const)(
    'lets a hidden eye be told through it, and only then, in the %s view',
    (from) => {
      expect(veil(toEye - 1, from)).toBe(1)
      expect(veil(toEye + 15, from)).toBeLessThan(0.9)
      expect(veil(250, from)).toBeGreaterThan(0.8)
    },
  )
  it('of hanging hair parts in the middle where nobody cut it to a line', () => {
    const at = (out: number, shape?: string) => {
      const view = face(FLAT, only('visor', toEye + 25), shape ? { visor: shape } : {})
      const { outline } = part(view, 'fringe')
      const reach = boxOf(outline).right * out
      return Math.min(...outline.filter(({ x }) => Math.abs(x - reach) < 3).map(({ y }) => y))
    }
    expect(at(0)).toBeGreaterThan(at(0.7) + 5)
    expect(at(0, 'straight')).toBeLessThan(at(0.7, 'straight') + 1)
  })
})

describe('left and right', () => {
  it.each<[ZoneId, string, FigureDog]>([
    ['ear-edge', 'ear', FLAT],
    ['ear-edge', 'ear', CURLY],
    ['muzzle', 'moustache', FLAT],
    ['brow', 'brow', WIRE],
  ])('%s: 6 mm more on one side are seen there, and there alone', (zone, id, dog) => {
    const [even, longer] = [face(dog, only(zone, 20)), face(dog, only(zone, 26, 5, 'right'))]
    const twenty = face(dog, (each, of) => (each === zone ? (of === 'right' ? 26 : 20) : 5))
    const grew = (side: Side) =>
      Math.abs(area(part(twenty, `${id}-${side}`).outline)) / Math.abs(area(part(even, `${id}-${side}`).outline))
    expect(grew('right')).toBeGreaterThan(1.03)
    expect(grew('left')).toBeCloseTo(1, 6)
    expect(box(longer, `${id}-right`).bottom - box(face(dog, only(zone, 5)), `${id}-right`).bottom).toBeGreaterThan(2)
  })
})

describe('a face to point at', () => {
  const HEAD: readonly ZoneId[] = [
    'skull',
    'visor',
    'brow',
    'cheek',
    'bridge',
    'muzzle',
    'lips',
    'chin',
    'ear-edge',
    'ear-in',
    'throat',
  ]
  it.each(EAR_SETS)('has a place for the callout of every zone of the head, with %s ears', (ears) => {
    for (const build of BUILDS) {
      const { anchors, box: all } = face({ build, coat: 'curly', ears }, 12)
      for (const zone of HEAD) {
        const at = anchors[zone]
        expect(at && at.x > all.left && at.x < all.right && at.y > all.top && at.y < all.bottom, zone).toBe(true)
      }
    }
  })
  it('can be picked zone by zone, each side for itself', () => {
    for (const dog of [FLAT, CURLY, WIRE]) {
      const view = face(dog, 12)
      const zones = new Set([...view.parts.map(({ ground }) => ground), ...view.cells.map(({ zone }) => zone)])
      for (const zone of [...HEAD, 'eye-corner'] as const)
        if (!zone.startsWith('ear-') && zone !== 'throat') expect(zones).toContain(zone)
      for (const { zone, side } of view.cells) if (zone === 'cheek' || zone === 'brow') expect(side).toBeDefined()
    }
  })
})

describe('forelegs', () => {
  const apart = (forelegs: FigureDog['forelegs'], heightShare: number) => {
    const view = drawView('front', { ...CURLY, coat: 'smooth', forelegs }, () => 0)
    const near = part(view, 'body').outline.filter(({ y }) => Math.abs(y - heightShare * view.heightMm) < 10)
    return Math.max(...near.map(({ x }) => x))
  }
  it('that are turned out turn at the foot, not at the elbow', () => {
    expect(apart('turned out', 0.04)).toBeGreaterThan(apart('straight', 0.04) + 8)
    expect(apart('turned out', 0.5)).toBeCloseTo(apart('straight', 0.5), 6)
  })
})
