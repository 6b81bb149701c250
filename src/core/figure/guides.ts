import { measuresOf, type Stature } from '../build'
import { buildFor } from './ears'
import { placer, type Point } from './frames'
import { screen, type FigureView } from './view'

/**
 * A line to hold the drawn dog against: upright or level through the whole picture at so many mm, or between two points.
 * In the view's own coordinates, y downward.
 */
export type Guide = { words: string } & (
  { lies: 'upright'; xMm: number } | { lies: 'level'; yMm: number } | { lies: 'between'; from: Point; to: Point }
)

const cm = (mm: number) => `${Math.round(mm / 10)} cm`

/**
 * What a groomer holds a dog against, view by view: body thirds and the height to the length, the head's ratio, straight
 * parallel legs, level thighs, the triangle of eyes and nose. Source: common practice.
 */
export function guidesOf(view: FigureView, dog: Stature): Guide[] {
  switch (view.id) {
    case 'side':
      return sideGuides(dog)
    case 'head-side':
      return headSideGuides(dog)
    case 'front':
      return [...upright(view, 'foreleg', 'straight to the foot'), level(view, 'armpit', 'elbows level')]
    case 'rear':
      return [...upright(view, 'hock', 'hocks upright'), level(view, 'thigh', 'tops of the thighs level')]
    case 'top':
      return [{ words: 'middle line', lies: 'level', yMm: 0 }, ...flanks(view)]
    case 'head-front':
      return triangle(view)
  }
}

function sideGuides(dog: Stature): Guide[] {
  const { height, length, chestDepth } = measuresOf(dog)
  return [
    { words: `withers ${cm(height)}`, lies: 'level', yMm: -height },
    { words: `elbow ${cm(height - chestDepth)}`, lies: 'level', yMm: chestDepth - height },
    { words: 'breastbone', lies: 'upright', xMm: 0 },
    { words: 'a third', lies: 'upright', xMm: length / 3 },
    { words: 'two thirds', lies: 'upright', xMm: (2 * length) / 3 },
    { words: `length ${cm(length)}`, lies: 'upright', xMm: length },
  ]
}

/** Along the top of the head: occiput, stop, nose. */
function headSideGuides(dog: Stature): Guide[] {
  const measures = measuresOf(dog)
  const place = placer(buildFor(dog), measures)
  const along = (at: number) => screen(place('head', at, HEAD_RULE))
  return [
    { words: `skull ${cm(measures.skull)}`, lies: 'between', from: along(1), to: along(0) },
    { words: `muzzle ${cm(measures.muzzle)}`, lies: 'between', from: along(2), to: along(1) },
  ]
}

/** How far above the head the ruler of its parts is laid, in skulls. By eye. */
const HEAD_RULE = 0.55

type Zone = keyof FigureView['anchors']

function upright({ anchors, rightAnchors }: FigureView, zone: Zone, words: string): Guide[] {
  return [anchors[zone], rightAnchors[zone]].flatMap((at, index) =>
    at ? [{ words: index === 0 ? words : '', lies: 'upright' as const, xMm: at.x }] : [],
  )
}

const level = ({ anchors }: FigureView, zone: Zone, words: string): Guide => ({
  words,
  lies: 'level',
  yMm: anchors[zone]?.y ?? 0,
})

const flanks = ({ anchors, rightAnchors }: FigureView): Guide[] =>
  [anchors.side, rightAnchors.side].flatMap((at, index) =>
    at ? [{ words: index === 0 ? 'sides parallel' : '', lies: 'level' as const, yMm: at.y }] : [],
  )

/** The eyes and the nose of a rounded head make nearly equal sides. */
function triangle({ eyes, anchors }: FigureView): Guide[] {
  const [left, right] = eyes
  const tip = anchors.lips
  if (!left || !right || !tip) return []
  const nose = { x: (left.x + right.x) / 2, y: left.y + (tip.y - left.y) * NOSE_DOWN }
  return [
    { words: 'eyes and nose', lies: 'between', from: left, to: right },
    { words: '', lies: 'between', from: left, to: nose },
    { words: '', lies: 'between', from: right, to: nose },
  ]
}

/** The nose between the eyes and the lips. By eye, from the drawn head. */
const NOSE_DOWN = 0.45
