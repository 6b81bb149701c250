import { describe, expect, it } from 'vitest'
import { COATS } from '../coat'
import { BUILDS } from '../build'
import { ZONES } from '../zones'
import { sideView, type FigureView } from '.'
import { boxOf } from './view'

const DOG = { build: 'square', coat: 'curly', heightCm: 52, lengthCm: 52 } as const

const extent = (view: FigureView, id: string) => boxOf(view.parts.find((part) => part.id === id)?.outline ?? [])

describe('the side view', () => {
  it('stands as high and long as the dog was measured', () => {
    const bare = sideView({ ...DOG, coat: 'smooth' }, () => 0)
    expect(extent(bare, 'torso').right - extent(bare, 'torso').left).toBeCloseTo(520, -1)
    expect(extent(bare, 'fore').bottom).toBeCloseTo(0, 1)
    const taller = sideView({ ...DOG, heightCm: 60, lengthCm: 60 }, () => 0)
    expect(extent(taller, 'head').top / extent(bare, 'head').top).toBeCloseTo(60 / 52, 2)
  })
  it('a longer standing coat pushes the outline out by what it is longer, on the back', () => {
    const [short, long] = [10, 30].map(
      (mm) =>
        extent(
          sideView(DOG, () => mm),
          'torso',
        ).top,
    )
    expect((short ?? 0) - (long ?? 0)).toBeGreaterThan(17)
    expect((short ?? 0) - (long ?? 0)).toBeLessThan(21)
  })
  it('a hanging coat stays low on the back', () => {
    const top = (coat: 'curly' | 'drop') =>
      extent(
        sideView({ ...DOG, coat }, () => 60),
        'torso',
      ).top
    expect(top('drop')).toBeGreaterThan(top('curly'))
  })
  it('draws every build and coat without a figure that is no number, and nothing under the floor', () => {
    for (const build of BUILDS)
      for (const coat of COATS) {
        const view = sideView({ build, coat }, () => 40)
        for (const part of view.parts) expect(part.coat).not.toMatch(/NaN|Infinity|undefined/)
        expect(view.box.bottom).toBe(0)
      }
  })
  it('is the same path for the same dog', () => expect(sideView(DOG, () => 9.5)).toEqual(sideView(DOG, () => 9.5)))
  it('anchors every zone', () => expect(Object.keys(sideView(DOG, () => 1).anchors).sort()).toEqual([...ZONES].sort()))
})
