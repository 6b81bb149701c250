import { describe, expect, it } from 'vitest'
import { BUILDS, type BuildId } from '../build'
import { COATS } from '../coat'
import { drawView, sideView, type FigureView, type ViewId } from '.'
import { boxOf } from './view'

const MM = 12
const draw = (id: ViewId, build: BuildId, mm = MM): FigureView =>
  drawView(id, { build, coat: 'smooth', heightCm: 50, lengthCm: 50 }, () => mm)
const partOf = (view: FigureView, id: string) => view.parts.find((part) => part.id === id)
const box = (view: FigureView, id: string) => boxOf(partOf(view, id)?.outline ?? [])
const orderOf = ({ parts }: FigureView, ...ids: string[]) => ids.map((id) => parts.findIndex((part) => part.id === id))
/** Where a part stands at a height, mm: the middle of its outline there. */
function middleAt(view: FigureView, id: string, heightMm: number): number {
  const near = (partOf(view, id)?.outline ?? []).filter(({ y }) => Math.abs(y - heightMm) < 12)
  const xs = near.map(({ x }) => x)
  return (Math.min(...xs) + Math.max(...xs)) / 2
}

describe.each(BUILDS)('a %s dog', (build) => {
  const side = draw('side', build)

  it('stands on four legs: each far foot is a step from its twin, further than its upper leg', () => {
    for (const [near, far] of [
      ['fore', 'farFore'],
      ['hind', 'farHind'],
    ] as const) {
      const apart = (heightMm: number) => Math.abs(middleAt(side, far, heightMm) - middleAt(side, near, heightMm))
      expect(apart(20), near).toBeGreaterThan(35)
      expect(apart(20), near).toBeGreaterThan(apart(150) + 5)
    }
  })

  it('has its far feet on the floor, no lower and hardly higher', () => {
    for (const far of ['farFore', 'farHind']) {
      expect(box(side, far).bottom).toBeLessThanOrEqual(0)
      expect(box(side, far).bottom).toBeGreaterThan(-20)
    }
  })

  it('carries its head as high from the front as from the side', () => {
    const front = box(draw('front', build), 'skull')
    const head = box(side, 'head')
    expect(front.top).toBeGreaterThan(head.top - 35)
    expect(front.top).toBeLessThan(head.top + 45)
  })

  it('shows neck and head beyond its back from behind, under everything else', () => {
    const rear = draw('rear', build)
    const [neck, skull, body] = orderOf(rear, 'neck', 'skull', 'body') as [number, number, number]
    expect(Math.max(neck, skull)).toBeLessThan(body)
    for (const id of ['neck', 'skull', 'ear-left', 'ear-right']) expect(partOf(rear, id)?.place, id).toBe('far')
    expect(box(rear, 'skull').top).toBeLessThan(box(rear, 'body').top)
  })

  it('has its head on its neck from above, with no gap to the body', () => {
    const top = draw('top', build, 0)
    expect(box(top, 'neck').left).toBeLessThan(box(top, 'head').right)
    expect(box(top, 'neck').right).toBeGreaterThan(box(top, 'body').left)
  })
})

describe('ears', () => {
  const top = (ears: 'drop' | 'pricked') => drawView('top', { build: 'square', coat: 'curly', ears }, () => 20)
  it('that hang lie under the hair of the head from above; that stand stand over it', () => {
    const [hangs, under] = orderOf(top('drop'), 'ear-left', 'head') as [number, number]
    const [stands, over] = orderOf(top('pricked'), 'ear-left', 'head') as [number, number]
    expect([hangs < under, stands > over]).toEqual([true, true])
  })
  it.each(COATS)('leave the eyes of a %s dog free, however long the hair inside them', (coat) => {
    const face = (mm: number) =>
      drawView('head-front', { build: 'square', coat, ears: 'drop' }, (zone) => (zone === 'ear-in' ? mm : 8))
    const [left] = face(40).eyes.filter(({ x }) => x > 0)
    const beside = (partOf(face(40), 'ear-left')?.outline ?? []).filter(({ y }) => Math.abs(y + (left?.y ?? 0)) < 8)
    expect(Math.min(...beside.map(({ x }) => x))).toBeGreaterThan((left?.x ?? 0) + face(40).eyeMm)
  })
  it('are the same from both sides in any build', () => {
    for (const build of BUILDS) {
      const view = draw('head-front', build)
      expect(box(view, 'ear-left').right).toBeCloseTo(-box(view, 'ear-right').left, 0)
    }
  })
  it('take their own lengths in the small picture too', () => {
    const small = (mm: number) =>
      box(
        sideView({ build: 'toy', coat: 'silky' }, (zone) => (zone === 'ear-edge' ? mm : 10), 'small'),
        'ear',
      ).bottom
    expect(small(40)).toBeGreaterThan(small(5) + 20)
  })
})
