import { polygon } from '@turf/helpers'
import { kinks } from '@turf/kinks'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BUILDS, EAR_SETS, measuresOf, measuresProblem } from '../build'
import { COATS } from '../coat'
import { VIEWS, drawView, type FigureDog, type LengthAt } from '.'
import { boxOf } from './view'

const bare: LengthAt = () => 0
const part = (dog: FigureDog, view: (typeof VIEWS)[number], id: string) =>
  boxOf(drawView(view, dog, bare).parts.find((each) => each.id === id)?.outline ?? [])
const DOG: FigureDog = { build: 'square', coat: 'smooth', heightCm: 52, lengthCm: 52 }

describe('the figure has the proportions that were measured', () => {
  it('a tail twice as long is drawn twice as long', () => {
    const tall = (tailCm: number) =>
      part({ ...DOG, tailCm }, 'rear', 'tail').bottom - part({ ...DOG, tailCm }, 'rear', 'tail').top
    expect(tall(30) / tall(15)).toBeCloseTo(2, 1)
  })
  it('a head grows with the skull: a third more is a third broader from the front', () => {
    const broad = (skullCm: number) => part({ ...DOG, skullCm }, 'head-front', 'skull').right
    expect(broad(16) / broad(12)).toBeCloseTo(16 / 12, 1)
  })
  it('a muzzle half as long brings the nose nearer by that', () => {
    const nose = (muzzleCm: number) => part({ ...DOG, muzzleCm }, 'side', 'head').left
    const nearer = nose(5) - nose(10)
    expect(nearer).toBeGreaterThan(40)
    expect(nearer).toBeLessThan(51)
  })
  it('a deeper chest lowers the elbow and the underline, not the back', () => {
    const torso = (chestDepthCm: number) => part({ ...DOG, chestDepthCm }, 'side', 'torso')
    expect(torso(28).bottom - torso(23).bottom).toBeGreaterThan(40)
    expect(torso(28).top).toBeCloseTo(torso(23).top, 6)
  })
  it('a longer neck carries the head higher', () => {
    const head = (neckCm: number) => part({ ...DOG, neckCm }, 'side', 'head').top
    expect(head(15) - head(25)).toBeGreaterThan(60)
  })
  it('an ear is as long as its leather', () => {
    const ear = (earLeatherCm: number) => part({ ...DOG, ears: 'drop', earLeatherCm }, 'side', 'ear')
    const long = (box: ReturnType<typeof ear>) => box.bottom - box.top
    expect(long(ear(12)) / long(ear(6))).toBeCloseTo(2, 1)
  })
  it('never crosses itself, whatever was measured, on any build with any ears (referee: Turf’s kinks)', () => {
    const share = fc.double({ min: 0.75, max: 1.3, noNaN: true })
    const someDog = fc.record({
      build: fc.constantFrom(...BUILDS),
      coat: fc.constantFrom(...COATS),
      ears: fc.constantFrom(...EAR_SETS),
      shares: fc.array(share, { minLength: 5, maxLength: 5 }),
    })
    fc.assert(
      fc.property(someDog, fc.constantFrom(...VIEWS), fc.nat(70), ({ build, coat, ears, shares }, id, mm) => {
        const usual = measuresOf({ build })
        const [neck, skull, muzzle, tail, height] = shares as [number, number, number, number, number]
        const dog: FigureDog = {
          build,
          coat,
          ears,
          neckCm: (usual.neck * neck) / 10,
          skullCm: (usual.skull * skull) / 10,
          muzzleCm: (usual.muzzle * muzzle) / 10,
          tailCm: (usual.tail * tail) / 10,
          heightCm: (usual.height * height) / 10,
        }
        if (measuresProblem(dog) !== null) return
        for (const { id: name, outline } of drawView(id, dog, () => mm).parts) {
          const ring = outline.map(({ x, y }) => [x, y])
          const crossings = kinks(polygon([[...ring, ring[0] as number[]]])).features.length
          expect(`${id} ${name}: ${crossings}`).toBe(`${id} ${name}: 0`)
        }
      }),
      { numRuns: 60 },
    )
  })
})
