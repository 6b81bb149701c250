import type { Measures } from '../../build'
import { COAT_FACTS } from '../../coat'
import { curvePath } from '../curve'
import type { Build } from '../builds'
import type { Place } from '../frames'
import type { DrawOptions, FigurePart } from '../view'
import { REACHES } from './brows'
import { FALLS } from './cap'
import { fallOf, isRound } from './fall'
import { atMost, grown, lineAt, mass, type OnHead, type Spot } from './mass'
import { SEEN_THROUGH } from './visor'

/** A visor falls no lower than this under the eye, in skulls. By eye. */
const LOWEST = 0.8
/** The skull's own edge from the brow to the occiput, as the builds have it. By eye. */
const SKULL: readonly Spot[] = [
  [0.94, 0.02],
  [0.83, 0.06],
  [0.5, 0.09],
  [0.2, 0.05],
  [0.02, -0.02],
]

interface Head {
  build: Build
  measures: Measures
  place: Place
  stepMm: number
  /** A visor so long comes down to the eye, mm. */
  toEyeMm: number
}

/** What of the face's hair the same head shows from the side: the visor, a terrier's brow, and the skull's hair over the ear's root. */
export function sideHair(head: Head, options: DrawOptions): FigurePart[] {
  const fall = fallOf(options.dog.coat)
  const on: OnHead = { at: (a, b) => head.place('head', a, b), unitMm: head.measures.skull, stepMm: head.stepMm }
  return [
    sideVisor(head, on, options),
    ...(fall === 'bristles' ? [sideBrow(head, on, options)] : []),
    ...(fall === 'stands' || fall === 'hangs' ? [sideCap(on, options)] : []),
  ]
}

function sideVisor({ build, toEyeMm }: Head, on: OnHead, { dog, heightMm, lengthAt }: DrawOptions): FigurePart {
  const lengthMm = lengthAt('visor')
  const eye = build.eye[1]
  const lid = eye + 0.06
  const low = Math.max(eye - LOWEST, lid + (toEyeMm - lengthMm) / on.unitMm)
  const under = Math.min(0.01, low)
  const below = Math.max(0, lid - low)
  const ahead = 0.03 * grown(lengthMm / on.unitMm, 0.2) + 0.1 * atMost(below, 0.6)
  const hem: Spot[] = [
    [0.7, Math.min(0.02, under + 0.05)],
    [0.84, under + 0.01],
    [0.96 + ahead, under],
    [0.99 + ahead, (under + 0.02) / 2],
    [0.97, 0.025],
  ]
  return mass(on, dog.coat, heightMm, {
    id: 'fringe',
    place: 'fringe',
    ground: 'visor',
    lengthMm,
    corners: [[0.64, 0.06], ...hem, [0.84, 0.07], [0.72, 0.08]],
    hem,
    weight: lineAt(lengthMm, 9),
    opacity: 1 - (1 - SEEN_THROUGH) * grown(below, 0.06),
  })
}

function sideBrow({ build }: Head, on: OnHead, { dog, heightMm, lengthAt }: DrawOptions): FigurePart {
  const lengthMm = lengthAt('brow', 'left')
  const falls = (REACHES * lengthMm) / on.unitMm
  const lid = build.eye[1] + 0.06
  return mass(on, dog.coat, heightMm, {
    id: 'brow',
    place: 'fringe',
    ground: 'brow',
    lengthMm,
    corners: [
      [0.7, lid + 0.02],
      [0.78, 0.05 + 0.2 * falls],
      [0.92, 0.05 + 0.3 * falls],
      [1.02 + 0.2 * falls, 0.01 - 0.3 * falls],
      [1.04 + 0.3 * falls, -0.04 - falls],
      [0.97, lid - 0.03 - 0.6 * falls],
      [0.86, lid],
    ],
    weight: lineAt(lengthMm, 6),
  })
}

/** Hair of the skull lies over the root of the ear: in a line as the topknot's, or falling as far as it is long. */
function sideCap(on: OnHead, { dog, heightMm, lengthAt, shapeOf }: DrawOptions): FigurePart {
  const lengthMm = lengthAt('skull')
  const length = lengthMm / on.unitMm
  const { stands } = COAT_FACTS[dog.coat]
  const hangs = 1 - stands
  const falls = hangs * atMost(FALLS * length, 0.9)
  const sags = stands * atMost(0.35 * length, 0.16)
  const inside = shapeOf && isRound(shapeOf) ? 0.5 : 0.8
  const up = inside * (stands * length + hangs * atMost(length, 0.05))
  const upper = SKULL.map(([a, b], at): Spot => [
    a + (at === 0 ? 0.3 * up : at === 4 ? -0.3 * up : 0),
    b + up * (at === 0 || at === 4 ? 0.5 : 1) - 0.015,
  ])
  const low = -0.1 - sags - falls
  const lower: Spot[] = [
    [0.06, -0.12 - 0.6 * sags - 0.5 * falls],
    [0.22, low],
    [0.46, low - 0.02],
    [0.66, low + 0.4 * falls + 0.02],
    [0.8, -0.04 - 0.2 * falls],
  ]
  return mass(on, dog.coat, heightMm, {
    id: 'cap',
    place: 'top',
    ground: 'skull',
    lengthMm,
    corners: [...upper, ...lower],
    hem: [...lower, ...upper.slice(0, 2)],
    weight: lineAt(lengthMm, 18),
  })
}

/** Lines along the fall of hanging hair, on the head's side and on its ear. */
export function sideStrands(head: Head, { dog, lengthAt }: DrawOptions): { head: string; ear: string } {
  if (fallOf(dog.coat) !== 'hangs') return { head: '', ear: '' }
  const { place, measures, stepMm } = head
  const down = (a: number, b: number, mm: number) => {
    const from = place('head', a, b)
    const points = [0, 0.5, 1].map((share) => ({ x: from.x + 0.06 * mm * share, y: from.y - mm * share }))
    return curvePath(points, stepMm)
  }
  const chinMm = atMost(1.2 * lengthAt('chin'), measures.skull)
  const cheekMm = atMost(1.2 * lengthAt('cheek', 'left'), measures.skull)
  const earMm = atMost(1.3 * lengthAt('ear-edge', 'left'), measures.earLeather)
  const ear = [-0.12, 0, 0.12].map((b) => {
    const tip = place('ear', 0.94, b)
    const low = tip.y - 0.5 * lengthAt('ear-edge', 'left')
    return curvePath(
      [
        { x: tip.x, y: low + earMm },
        { x: tip.x, y: low },
      ],
      stepMm,
    )
  })
  return {
    head:
      [1.25, 1.45, 1.65, 1.82].map((a) => down(a, -0.36, chinMm)).join('') +
      [0.6, 0.76, 0.92, 1.08].map((a) => down(a, -0.3, cheekMm)).join(''),
    ear: ear.join(''),
  }
}
