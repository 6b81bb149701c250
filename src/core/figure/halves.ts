import type { EarSet } from '../build'
import type { ZoneId } from '../zones'

/** Half an outline from its top to its bottom in the middle line: [x, y, zone of the segment that starts here]. */
export type Half = readonly (readonly [number, number, ZoneId])[]
/** A zone's field: its corners on one side; the other side is its mirror, or none for a zone in the middle. */
export interface HalfCell {
  zone: ZoneId
  corners: readonly (readonly [number, number])[]
}

/** In heights; x outward from the middle. All shapes by eye. */
export const FRONT: { body: Half; cells: readonly HalfCell[] } = {
  body: [
    [0, 1.33, 'neck'],
    [0.078, 1.3, 'neck'],
    [0.086, 1.12, 'neck'],
    [0.108, 1, 'neck'],
    [0.15, 0.91, 'shoulder'],
    [0.18, 0.81, 'shoulder'],
    [0.181, 0.68, 'shoulder'],
    [0.162, 0.54, 'foreleg'],
    [0.143, 0.38, 'foreleg'],
    [0.141, 0.25, 'foreleg'],
    [0.13, 0.12, 'forefoot'],
    [0.147, 0.05, 'forefoot'],
    [0.14, 0, 'pads'],
    [0.072, 0, 'forefoot'],
    [0.064, 0.05, 'forefoot'],
    [0.079, 0.12, 'foreleg'],
    [0.08, 0.25, 'foreleg'],
    [0.083, 0.38, 'leg-inside'],
    [0.062, 0.495, 'armpit'],
    [0, 0.535, 'chest'],
  ],
  cells: [
    {
      zone: 'neck',
      corners: [
        [-0.4, 1.5],
        [-0.4, 1.0],
        [-0.1, 0.985],
        [0, 0.97],
        [0.1, 0.985],
        [0.4, 1.0],
        [0.4, 1.5],
      ],
    },
    {
      zone: 'shoulder',
      corners: [
        [0.4, 1.0],
        [0.1, 0.985],
        [0.105, 0.8],
        [0.1, 0.64],
        [0.4, 0.56],
      ],
    },
    {
      zone: 'foreleg',
      corners: [
        [0.4, 0.56],
        [0.1, 0.64],
        [0.06, 0.54],
        [0.03, 0.44],
        [0.03, 0.09],
        [0.4, 0.09],
      ],
    },
    {
      zone: 'armpit',
      corners: [
        [0.03, 0.42],
        [0.07, 0.42],
        [0.085, 0.5],
        [0.06, 0.54],
        [0.03, 0.54],
      ],
    },
    {
      zone: 'forefoot',
      corners: [
        [0.02, 0.09],
        [0.4, 0.09],
        [0.4, -0.2],
        [0.02, -0.2],
      ],
    },
  ],
}

/** Where a foreleg stands out from the chest, on one side, and where the hocks show from behind. */
export const UPPER_ARM = [
  [0.066, 0.5],
  [0.074, 0.59],
  [0.096, 0.68],
  [0.13, 0.75],
] as const
export const HOCKS = [
  [0.062, 0.285],
  [0.082, 0.262],
  [0.104, 0.285],
] as const

export const REAR: { body: Half; cells: readonly HalfCell[] } = {
  body: [
    [0, 0.985, 'rump'],
    [0.085, 0.965, 'rump'],
    [0.133, 0.87, 'thigh'],
    [0.156, 0.74, 'thigh'],
    [0.163, 0.61, 'thigh'],
    [0.148, 0.49, 'stifle'],
    [0.112, 0.37, 'hock'],
    [0.11, 0.28, 'hock'],
    [0.098, 0.2, 'hock'],
    [0.1, 0.12, 'hindfoot'],
    [0.12, 0.05, 'hindfoot'],
    [0.112, 0, 'pads'],
    [0.05, 0, 'hindfoot'],
    [0.042, 0.05, 'hindfoot'],
    [0.058, 0.12, 'hock'],
    [0.056, 0.2, 'hock'],
    [0.052, 0.28, 'leg-inside'],
    [0.042, 0.38, 'leg-inside'],
    [0.03, 0.47, 'leg-inside'],
    [0, 0.545, 'sanitary'],
  ],
  cells: [
    {
      zone: 'thigh',
      corners: [
        [0.4, 0.86],
        [0.11, 0.83],
        [0.06, 0.68],
        [0.06, 0.53],
        [0.4, 0.53],
      ],
    },
    {
      zone: 'stifle',
      corners: [
        [0.4, 0.53],
        [0.06, 0.53],
        [0.07, 0.42],
        [0.4, 0.4],
      ],
    },
    {
      zone: 'hock',
      corners: [
        [0.4, 0.4],
        [0.07, 0.42],
        [0.07, 0.1],
        [0.4, 0.1],
      ],
    },
    {
      zone: 'leg-inside',
      corners: [
        [0.06, 0.62],
        [0.07, 0.42],
        [0.07, 0.1],
        [0.03, 0.1],
        [0.01, 0.54],
      ],
    },
    {
      zone: 'hindfoot',
      corners: [
        [0.01, 0.1],
        [0.4, 0.1],
        [0.4, -0.2],
        [0.01, -0.2],
      ],
    },
    {
      zone: 'sanitary',
      corners: [
        [-0.045, 0.8],
        [0, 0.83],
        [0.045, 0.8],
        [0.05, 0.64],
        [0.02, 0.5],
        [-0.02, 0.5],
        [-0.05, 0.64],
      ],
    },
  ],
}

/** The neck beyond the back, seen from behind. In heights. */
export const NECK_BEYOND: Half = [
  [0, 1.33, 'neck'],
  [0.078, 1.3, 'neck'],
  [0.086, 1.12, 'neck'],
  [0.108, 1, 'neck'],
  [0.115, 0.9, 'neck'],
  [0, 0.86, 'neck'],
]

/** From above, the dog facing left: [across, along] in lengths, along from the breastbone. */
export const TOP: { body: Half; cells: readonly HalfCell[] } = {
  body: [
    [0, -0.02, 'neck'],
    [0.085, 0, 'neck'],
    [0.105, 0.14, 'neck'],
    [0.155, 0.27, 'shoulder'],
    [0.17, 0.46, 'side'],
    [0.14, 0.68, 'tuck'],
    [0.155, 0.84, 'thigh'],
    [0.12, 0.97, 'rump'],
    [0, 1, 'tail-base'],
  ],
  cells: [
    {
      zone: 'neck',
      corners: [
        [-0.4, -0.3],
        [-0.4, 0.17],
        [-0.05, 0.2],
        [0.05, 0.2],
        [0.4, 0.17],
        [0.4, -0.3],
      ],
    },
    {
      zone: 'shoulder',
      corners: [
        [0.4, 0.17],
        [0.05, 0.2],
        [0.06, 0.37],
        [0.4, 0.37],
      ],
    },
    {
      zone: 'side',
      corners: [
        [0.4, 0.37],
        [0.06, 0.37],
        [0.06, 0.63],
        [0.4, 0.63],
      ],
    },
    {
      zone: 'tuck',
      corners: [
        [0.4, 0.63],
        [0.09, 0.63],
        [0.09, 0.74],
        [0.4, 0.74],
      ],
    },
    {
      zone: 'thigh',
      corners: [
        [0.4, 0.74],
        [0.08, 0.74],
        [0.08, 0.95],
        [0.4, 0.95],
      ],
    },
    {
      zone: 'rump',
      corners: [
        [-0.08, 0.8],
        [0.08, 0.8],
        [0.08, 0.95],
        [0.4, 0.95],
        [0.4, 1.3],
        [-0.4, 1.3],
        [-0.4, 0.95],
        [-0.08, 0.95],
      ],
    },
  ],
}

/** In skulls about the middle of the head, from the front. */
export const HEAD_FRONT: {
  skull: Half
  muzzle: Half
  skullCells: readonly HalfCell[]
  muzzleCells: readonly HalfCell[]
} = {
  skull: [
    [0, 0.5, 'skull'],
    [0.22, 0.47, 'skull'],
    [0.38, 0.3, 'skull'],
    [0.425, 0.1, 'skull'],
    [0.43, -0.08, 'cheek'],
    [0.41, -0.27, 'cheek'],
    [0.29, -0.43, 'cheek'],
    [0.12, -0.52, 'throat'],
    [0, -0.53, 'throat'],
  ],
  muzzle: [
    [0, 0.04, 'bridge'],
    [0.1, -0.02, 'muzzle'],
    [0.19, -0.2, 'muzzle'],
    [0.215, -0.36, 'muzzle'],
    [0.19, -0.5, 'lips'],
    [0.12, -0.6, 'chin'],
    [0, -0.65, 'chin'],
  ],
  skullCells: [
    {
      zone: 'brow',
      corners: [
        [0.1, 0.12],
        [0.22, 0.15],
        [0.36, 0.1],
        [0.34, 0.04],
        [0.2, 0.08],
        [0.1, 0.06],
      ],
    },
    {
      zone: 'cheek',
      corners: [
        [0.6, 0.02],
        [0.36, 0.02],
        [0.24, -0.08],
        [0.18, -0.3],
        [0.16, -0.7],
        [0.6, -0.7],
      ],
    },
    {
      zone: 'eye-corner',
      corners: [
        [0.06, 0.06],
        [0.13, 0.05],
        [0.12, -0.04],
        [0.06, -0.08],
      ],
    },
  ],
  muzzleCells: [
    {
      zone: 'bridge',
      corners: [
        [-0.075, 0.2],
        [-0.065, -0.08],
        [0, -0.14],
        [0.065, -0.08],
        [0.075, 0.2],
      ],
    },
    {
      zone: 'lips',
      corners: [
        [-0.4, -0.42],
        [-0.12, -0.44],
        [0, -0.38],
        [0.12, -0.44],
        [0.4, -0.42],
        [0.4, -0.52],
        [0.1, -0.52],
        [-0.1, -0.52],
        [-0.4, -0.52],
      ],
    },
    {
      zone: 'chin',
      corners: [
        [-0.4, -0.52],
        [-0.1, -0.52],
        [0.1, -0.52],
        [0.4, -0.52],
        [0.4, -1],
        [-0.4, -1],
      ],
    },
  ],
}

/** An ear from the front, in ear leathers from its root, x outward: hanging, standing, folded. */
export const EAR_FRONT: Record<EarSet, readonly (readonly [number, number, ZoneId])[]> = {
  drop: [
    [-0.1, 0.05, 'ear-out'],
    [0.12, 0.06, 'ear-out'],
    [0.26, -0.2, 'ear-edge'],
    [0.28, -0.6, 'ear-edge'],
    [0.18, -0.92, 'ear-edge'],
    [0.02, -0.98, 'ear-in'],
    [-0.08, -0.7, 'ear-in'],
    [-0.1, -0.3, 'ear-in'],
  ],
  pricked: [
    [-0.26, -0.05, 'ear-in'],
    [-0.2, 0.4, 'ear-edge'],
    [0.02, 0.98, 'ear-edge'],
    [0.2, 0.5, 'ear-edge'],
    [0.26, 0, 'ear-out'],
    [0.1, -0.16, 'ear-out'],
  ],
  folded: [
    [-0.22, -0.04, 'ear-in'],
    [-0.14, 0.24, 'ear-out'],
    [0.14, 0.36, 'ear-out'],
    [0.42, 0.2, 'ear-edge'],
    [0.54, -0.14, 'ear-edge'],
    [0.44, -0.42, 'ear-edge'],
    [0.26, -0.3, 'ear-edge'],
    [0.08, -0.1, 'ear-in'],
  ],
  rose: [
    [-0.14, 0, 'ear-in'],
    [-0.04, 0.16, 'ear-out'],
    [0.26, 0.1, 'ear-out'],
    [0.42, -0.06, 'ear-edge'],
    [0.3, -0.2, 'ear-edge'],
    [0.04, -0.16, 'ear-edge'],
  ],
}

/** A tail seen from behind, in tail lengths from its root upward or downward. */
export const TAIL_REAR: Half = [
  [0, 1, 'tail-tip'],
  [0.034, 0.96, 'tail-tip'],
  [0.05, 0.72, 'tail'],
  [0.062, 0.4, 'tail'],
  [0.074, 0.14, 'tail-base'],
  [0.06, 0, 'tail-base'],
  [0, -0.035, 'tail-base'],
]
