import { tenth, type Point } from '@/core/figure'

/** Width of a taper's wedge at its ends, px. */
const THIN_PX = 0.4
const THICK_PX = 3.6

export const pathThrough = (points: readonly Point[]): string =>
  points.map(({ x, y }, at) => `${at === 0 ? 'M' : 'L'}${tenth(x)} ${tenth(y)}`).join('')

/** A seam that grows from thin to thick along its way, as a filled shape. */
export function wedge(along: readonly Point[], px: number): string {
  const last = along.length - 1
  const sides = along.map(({ x, y }, at) => {
    const before = along[Math.max(0, at - 1)] as Point
    const after = along[Math.min(last, at + 1)] as Point
    const turn = Math.hypot(after.x - before.x, after.y - before.y) || 1
    const half = ((THIN_PX + ((THICK_PX - THIN_PX) * at) / Math.max(1, last)) * px) / 2
    const across = { x: (-(after.y - before.y) / turn) * half, y: ((after.x - before.x) / turn) * half }
    return [
      { x: x + across.x, y: y + across.y },
      { x: x - across.x, y: y - across.y },
    ] as const
  })
  return `${pathThrough([...sides.map(([one]) => one), ...sides.map(([, other]) => other).reverse()])}Z`
}
