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
    [0.084, 1.12, 'neck'],
    [0.1, 1, 'neck'],
    [0.128, 0.93, 'shoulder'],
    [0.15, 0.84, 'shoulder'],
    [0.157, 0.73, 'shoulder'],
    [0.153, 0.62, 'shoulder'],
    [0.147, 0.545, 'foreleg'],
    [0.131, 0.47, 'foreleg'],
    [0.125, 0.36, 'foreleg'],
    [0.119, 0.25, 'foreleg'],
    [0.113, 0.12, 'forefoot'],
    [0.13, 0.05, 'forefoot'],
    [0.125, 0, 'pads'],
    [0.062, 0, 'forefoot'],
    [0.053, 0.05, 'forefoot'],
    [0.066, 0.12, 'leg-inside'],
    [0.063, 0.25, 'leg-inside'],
    [0.061, 0.38, 'leg-inside'],
    [0.05, 0.475, 'armpit'],
    [0, 0.53, 'chest'],
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
export const FRONT_LINES = [
  // From the point of the shoulder down the upper arm, and the elbow.
  [
    [0.128, 0.76],
    [0.1, 0.66],
    [0.096, 0.56],
  ],
  [
    [0.118, 0.535],
    [0.132, 0.515],
    [0.14, 0.53],
  ],
] as const
export const REAR_LINES = [
  // The point of the hock with the tendon above it, and the back of the thigh.
  [
    [0.064, 0.278],
    [0.078, 0.256],
    [0.094, 0.278],
  ],
  [
    [0.078, 0.262],
    [0.074, 0.32],
    [0.084, 0.4],
  ],
  [
    [0.044, 0.8],
    [0.07, 0.71],
    [0.062, 0.58],
    [0.036, 0.5],
  ],
] as const
/** The breast before the body, which it overhangs between the legs. In heights. */
export const BREAST: Half = [
  [0, 1.02, 'chest'],
  [0.062, 0.98, 'chest'],
  [0.1, 0.86, 'chest'],
  [0.104, 0.73, 'chest'],
  [0.084, 0.62, 'chest'],
  [0.046, 0.535, 'chest'],
  [0, 0.505, 'chest'],
]

export const REAR: { body: Half; cells: readonly HalfCell[] } = {
  body: [
    [0, 0.985, 'rump'],
    [0.08, 0.97, 'rump'],
    [0.124, 0.9, 'thigh'],
    [0.147, 0.8, 'thigh'],
    [0.155, 0.68, 'thigh'],
    [0.148, 0.57, 'thigh'],
    [0.128, 0.47, 'stifle'],
    [0.108, 0.38, 'hock'],
    [0.097, 0.315, 'hock'],
    [0.102, 0.268, 'hock'],
    [0.091, 0.2, 'hock'],
    [0.089, 0.12, 'hindfoot'],
    [0.109, 0.05, 'hindfoot'],
    [0.104, 0, 'pads'],
    [0.046, 0, 'hindfoot'],
    [0.036, 0.05, 'hindfoot'],
    [0.051, 0.12, 'leg-inside'],
    [0.051, 0.2, 'leg-inside'],
    [0.058, 0.268, 'leg-inside'],
    [0.047, 0.32, 'leg-inside'],
    [0.035, 0.41, 'leg-inside'],
    [0.027, 0.49, 'leg-inside'],
    [0, 0.555, 'sanitary'],
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
