import type { ZoneId } from '../zones'
import type { Frame, PartId } from './builds'

type FramePoint = readonly [Frame, number, number]

/** A zone's field on a part: the seam is drawn, the far points only close the field outside the dog. */
export interface Cell {
  zone: ZoneId
  part: PartId
  seam: readonly FramePoint[]
  far: readonly FramePoint[]
}

/** The zone that fills a part where no cell covers it. */
export const GROUND: Record<PartId, ZoneId> = {
  torso: 'side',
  fore: 'foreleg',
  hind: 'thigh',
  head: 'cheek',
  ear: 'ear-out',
  tail: 'tail',
}

/** Fields of the side view, painted in this order: a later one lies over an earlier one. Placed by eye. */
export const CELLS: readonly Cell[] = [
  {
    zone: 'back',
    part: 'torso',
    seam: [
      ['body', 0.27, 0.9],
      ['body', 0.45, 0.86],
      ['body', 0.66, 0.87],
      ['body', 0.83, 0.9],
    ],
    far: [
      ['body', 0.95, 1.4],
      ['body', 0.2, 1.4],
    ],
  },
  {
    zone: 'rump',
    part: 'torso',
    seam: [
      ['body', 0.8, 1.2],
      ['body', 0.815, 0.95],
      ['body', 0.85, 0.86],
      ['body', 0.91, 0.8],
      ['body', 1.2, 0.78],
    ],
    far: [['body', 1.3, 1.3]],
  },
  {
    zone: 'skirt',
    part: 'torso',
    seam: [
      ['chest', 0.1, 0.86],
      ['chest', 0.3, 0.84],
      ['chest', 0.5, 0.8],
      ['chest', 0.64, 0.74],
    ],
    far: [
      ['chest', 0.7, 1.6],
      ['chest', 0.1, 1.6],
    ],
  },
  {
    zone: 'tuck',
    part: 'torso',
    seam: [
      ['body', 0.62, 0.4],
      ['body', 0.635, 0.62],
      ['body', 0.68, 0.72],
      ['body', 0.75, 0.74],
      ['body', 0.85, 0.7],
    ],
    far: [['body', 0.9, 0.3]],
  },
  {
    zone: 'chest',
    part: 'torso',
    seam: [
      ['body', -0.3, 0.86],
      ['body', 0.06, 0.83],
      ['body', 0.115, 0.72],
      ['chest', 0.14, 0.78],
      ['chest', 0.18, 1.4],
    ],
    far: [['chest', -0.4, 1.4]],
  },
  {
    zone: 'shoulder',
    part: 'torso',
    seam: [
      ['body', 0.27, 0.9],
      ['body', 0.315, 0.8],
      ['chest', 0.35, 0.62],
      ['chest', 0.34, 0.84],
      ['chest', 0.2, 0.88],
      ['body', 0.13, 0.66],
      ['body', 0.1, 0.78],
      ['body', 0.17, 0.88],
    ],
    far: [],
  },
  {
    zone: 'neck',
    part: 'torso',
    seam: [
      ['body', 0.34, 1.3],
      ['body', 0.31, 0.97],
      ['body', 0.24, 0.9],
      ['body', 0.12, 0.85],
      ['body', 0.03, 0.83],
      ['body', -0.4, 0.83],
    ],
    far: [
      ['neck', 1.6, 1.6],
      ['neck', 1.6, -1.6],
    ],
  },
  {
    zone: 'throat',
    part: 'torso',
    seam: [
      ['neck', 1.2, 0.28],
      ['neck', 0.95, 0.34],
      ['neck', 0.74, 0.42],
      ['neck', 0.66, 1],
    ],
    far: [['neck', 1.4, 1.2]],
  },
  {
    zone: 'shoulder',
    part: 'fore',
    seam: [
      ['fore', -0.3, 1.0],
      ['fore', 0, 0.98],
      ['fore', 0.3, 1.02],
    ],
    far: [
      ['fore', 0.3, 2],
      ['fore', -0.3, 2],
    ],
  },
  {
    zone: 'armpit',
    part: 'fore',
    seam: [
      ['fore', 0.3, 0.93],
      ['fore', 0.055, 0.93],
      ['fore', 0.035, 1.0],
      ['fore', 0.05, 1.08],
      ['fore', 0.3, 1.1],
    ],
    far: [],
  },
  {
    zone: 'forefoot',
    part: 'fore',
    seam: [
      ['foot', -0.4, 0.085],
      ['foot', -0.03, 0.082],
      ['foot', 0.4, 0.085],
    ],
    far: [
      ['foot', 0.4, -0.3],
      ['foot', -0.4, -0.3],
    ],
  },
  {
    zone: 'stifle',
    part: 'hind',
    seam: [
      ['hind', -0.6, 0.58],
      ['hind', -0.24, 0.58],
      ['hind', -0.17, 0.52],
      ['hind', -0.15, 0.46],
      ['hind', -0.19, 0.41],
      ['hind', -0.6, 0.36],
    ],
    far: [],
  },
  {
    zone: 'hock',
    part: 'hind',
    seam: [
      ['hind', -0.5, 0.37],
      ['hind', -0.06, 0.345],
      ['hind', 0.4, 0.37],
    ],
    far: [
      ['hind', 0.4, -0.3],
      ['hind', -0.5, -0.3],
    ],
  },
  {
    zone: 'hindfoot',
    part: 'hind',
    seam: [
      ['hind', -0.4, 0.085],
      ['hind', 0.02, 0.082],
      ['hind', 0.4, 0.085],
    ],
    far: [
      ['hind', 0.4, -0.3],
      ['hind', -0.4, -0.3],
    ],
  },
  {
    zone: 'skull',
    part: 'head',
    seam: [
      ['head', -0.3, -0.28],
      ['head', 0.3, -0.16],
      ['head', 0.7, -0.06],
      ['head', 0.78, 0.02],
      ['head', 0.8, 0.8],
    ],
    far: [['head', -0.6, 1.2]],
  },
  {
    zone: 'visor',
    part: 'head',
    seam: [
      ['head', 0.78, 0.9],
      ['head', 0.79, 0.02],
      ['head', 0.88, -0.06],
      ['head', 0.98, -0.05],
      ['head', 1.1, 0.9],
    ],
    far: [],
  },
  {
    zone: 'bridge',
    part: 'head',
    seam: [
      ['head', 0.98, 0.6],
      ['head', 1.0, -0.1],
      ['head', 1.1, -0.17],
      ['head', 1.5, -0.19],
      ['head', 1.9, -0.2],
      ['head', 2.3, -0.1],
    ],
    far: [['head', 2.2, 0.8]],
  },
  {
    zone: 'muzzle',
    part: 'head',
    seam: [
      ['head', 2.3, -0.16],
      ['head', 1.9, -0.2],
      ['head', 1.5, -0.19],
      ['head', 1.1, -0.18],
      ['head', 1.02, -0.28],
      ['head', 1.12, -0.42],
      ['head', 1.5, -0.4],
      ['head', 1.95, -0.34],
      ['head', 2.3, -0.34],
    ],
    far: [],
  },
  {
    zone: 'lips',
    part: 'head',
    seam: [
      ['head', 2.3, -0.33],
      ['head', 1.95, -0.34],
      ['head', 1.5, -0.4],
      ['head', 1.12, -0.42],
      ['head', 1.1, -0.5],
      ['head', 1.5, -0.48],
      ['head', 2.3, -0.46],
    ],
    far: [],
  },
  {
    zone: 'chin',
    part: 'head',
    seam: [
      ['head', 2.4, -0.44],
      ['head', 1.5, -0.47],
      ['head', 1.14, -0.5],
      ['head', 1.1, -0.7],
      ['head', 1.1, -1.6],
    ],
    far: [['head', 2.4, -1.6]],
  },
  {
    zone: 'throat',
    part: 'head',
    seam: [
      ['head', 0.72, -1.6],
      ['head', 0.56, -0.72],
      ['head', 0.34, -0.5],
      ['head', -0.2, -0.44],
      ['head', -0.8, -0.4],
    ],
    far: [['head', -0.8, -1.6]],
  },
  {
    zone: 'ear-edge',
    part: 'ear',
    seam: [
      ['ear', 0.52, -1],
      ['ear', 0.6, 0],
      ['ear', 0.52, 1],
    ],
    far: [
      ['ear', 2, 1],
      ['ear', 2, -1],
    ],
  },
  {
    zone: 'tail-base',
    part: 'tail',
    seam: [
      ['tail', 0.22, -1],
      ['tail', 0.2, 0],
      ['tail', 0.22, 1],
    ],
    far: [
      ['tail', -1, 1],
      ['tail', -1, -1],
    ],
  },
  {
    zone: 'tail-tip',
    part: 'tail',
    seam: [
      ['tail', 0.72, 1],
      ['tail', 0.7, 0],
      ['tail', 0.72, -1],
    ],
    far: [
      ['tail', 2, -1],
      ['tail', 2, 1],
    ],
  },
]

/** Where a callout's leader touches each zone. */
export const ANCHORS: Partial<Record<ZoneId, FramePoint>> = {
  skull: ['head', 0.45, 0.0],
  visor: ['head', 0.86, 0.0],
  brow: ['head', 0.86, 0.0],
  'eye-corner': ['head', 0.98, -0.15],
  lashes: ['head', 0.9, -0.1],
  bridge: ['head', 1.4, -0.13],
  muzzle: ['head', 1.45, -0.3],
  lips: ['head', 1.4, -0.44],
  chin: ['head', 1.55, -0.5],
  cheek: ['head', 0.8, -0.45],
  'ear-out': ['ear', 0.3, 0],
  'ear-in': ['ear', 0.15, 0.1],
  'ear-edge': ['ear', 0.82, 0],
  'ear-canal': ['ear', 0, 0],
  throat: ['neck', 0.9, 0.42],
  neck: ['neck', 0.5, 0.2],
  shoulder: ['body', 0.22, 0.78],
  chest: ['body', 0.06, 0.72],
  back: ['body', 0.55, 0.93],
  side: ['body', 0.52, 0.74],
  belly: ['chest', 0.5, 0.93],
  skirt: ['chest', 0.45, 0.9],
  tuck: ['body', 0.7, 0.68],
  rump: ['body', 0.9, 0.87],
  sanitary: ['body', 0.97, 0.86],
  armpit: ['fore', 0.055, 1.0],
  foreleg: ['fore', 0, 0.6],
  thigh: ['hind', -0.12, 0.62],
  stifle: ['hind', -0.2, 0.5],
  hock: ['hind', 0.02, 0.24],
  'leg-inside': ['hind', -0.2, 0.58],
  forefoot: ['foot', -0.03, 0.04],
  hindfoot: ['hind', 0.0, 0.04],
  pads: ['foot', -0.04, 0.008],
  'tail-base': ['tail', 0.1, 0.03],
  tail: ['tail', 0.45, 0.02],
  'tail-tip': ['tail', 0.85, 0],
}
