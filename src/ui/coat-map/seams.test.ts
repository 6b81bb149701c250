import { describe, expect, it } from 'vitest'
import { pathThrough, wedge } from './seams'

const LINE = [
  { x: 0, y: 0 },
  { x: 50, y: 0 },
  { x: 100, y: 0 },
]
const ys = (path: string) => [...path.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)])

describe('seams', () => {
  it('run through their points', () => expect(pathThrough(LINE)).toBe('M0 0L50 0L100 0'))
  it('a taper’s wedge grows from 0.4 to 3.6 px, whatever the scale', () => {
    for (const px of [1, 10]) {
      const widthAt = (x: number) => {
        const at = ys(wedge(LINE, px))
          .filter(([each]) => each === x)
          .map(([, y]) => y ?? 0)
        return (Math.max(...at) - Math.min(...at)) / px
      }
      expect(widthAt(100)).toBeCloseTo(3.6, 0)
      expect(widthAt(0)).toBeLessThan(0.7)
      expect(widthAt(50)).toBeGreaterThan(widthAt(0))
    }
  })
})
