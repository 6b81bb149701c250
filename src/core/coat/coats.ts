import { z } from 'zod'

export const COATS = ['curly', 'fleece', 'cotton', 'drop', 'silky', 'wire', 'double', 'smooth'] as const
export const CoatId = z.enum(COATS)
export type CoatId = z.infer<typeof CoatId>

interface CoatFact {
  like: string
  /** mm a week. Source: from memory; a dog's own rate replaces it. */
  growthMmPerWeek: number
  /** 1 stands off the skin, 0 hangs. Source: from memory. */
  stands: number
  /** Length at which growth stops, mm; null: none that matters. Source: from memory. */
  terminalMm: number | null
  /** Work on the whole coat against a drop coat. Source: from memory. */
  workFactor: number
  /** Usual weeks between grooms, from and to. Source: common practice; double and smooth from memory. */
  returnWeeks: readonly [number, number]
  dries: 'must be stretched dry' | 'should be stretched dry' | 'dries as it lies'
}

export const COAT_FACTS: Record<CoatId, CoatFact> = {
  curly: {
    like: 'poodle, lagotto, water dogs',
    growthMmPerWeek: 3.0,
    stands: 1.0,
    terminalMm: null,
    workFactor: 1.3,
    returnWeeks: [3, 6],
    dries: 'must be stretched dry',
  },
  fleece: {
    like: 'doodle crosses',
    growthMmPerWeek: 2.8,
    stands: 0.7,
    terminalMm: null,
    workFactor: 1.4,
    returnWeeks: [3, 6],
    dries: 'must be stretched dry',
  },
  cotton: {
    like: 'bichon, coton',
    growthMmPerWeek: 2.6,
    stands: 0.9,
    terminalMm: null,
    workFactor: 1.25,
    returnWeeks: [3, 6],
    dries: 'must be stretched dry',
  },
  drop: {
    like: 'shih tzu, lhasa, maltese',
    growthMmPerWeek: 2.6,
    stands: 0.2,
    terminalMm: null,
    workFactor: 1,
    returnWeeks: [4, 8],
    dries: 'should be stretched dry',
  },
  silky: {
    like: 'setter, spaniel, cavalier',
    growthMmPerWeek: 2.0,
    stands: 0.2,
    terminalMm: 120,
    workFactor: 0.95,
    returnWeeks: [6, 8],
    dries: 'should be stretched dry',
  },
  wire: {
    like: 'terriers, schnauzers',
    growthMmPerWeek: 1.8,
    stands: 0.5,
    terminalMm: 60,
    workFactor: 0.9,
    returnWeeks: [6, 10],
    dries: 'dries as it lies',
  },
  double: {
    like: 'collie, spitz, retriever',
    growthMmPerWeek: 1.5,
    stands: 0.4,
    terminalMm: 70,
    workFactor: 1.2,
    returnWeeks: [8, 12],
    dries: 'dries as it lies',
  },
  smooth: {
    like: 'short coats',
    growthMmPerWeek: 0.8,
    stands: 0.1,
    terminalMm: 20,
    workFactor: 0.5,
    returnWeeks: [8, 12],
    dries: 'dries as it lies',
  },
}
