import { describe, expect, it } from 'vitest'
import { COATS } from '../coat'
import { BUILDS } from '../build'
import { ZONES } from '../zones'
import { sideView } from '.'

const DOG = { build: 'square', coat: 'curly', heightCm: 52, lengthCm: 52 } as const

describe('the side view', () => {
  it('stands as high and long as the dog was measured', () => {
    const { boxes } = sideView({ ...DOG, coat: 'smooth' }, () => 0)
    expect(boxes.torso.right - boxes.torso.left).toBeCloseTo(520, -1)
    expect(boxes.fore.bottom).toBeCloseTo(0, 1)
    const taller = sideView({ ...DOG, heightCm: 60, lengthCm: 60 }, () => 0)
    expect(taller.boxes.head.top / boxes.head.top).toBeCloseTo(60 / 52, 2)
  })
  it('a longer standing coat pushes the outline out by what it is longer, on the back', () => {
    const [short, long] = [10, 30].map((mm) => sideView(DOG, () => mm).boxes.torso.top)
    expect((short ?? 0) - (long ?? 0)).toBeGreaterThan(17)
    expect((short ?? 0) - (long ?? 0)).toBeLessThan(21)
  })
  it('a hanging coat stays low on the back', () => {
    const top = (coat: 'curly' | 'drop') => sideView({ ...DOG, coat }, () => 60).boxes.torso.top
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
