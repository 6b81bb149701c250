import type { BladeId, CombId } from '../lengths'

export interface CommonKit {
  id: string
  label: string
  says: string
  blades: readonly BladeId[]
  combs: readonly CombId[]
}

/** Kits to start from; every tool can be added or taken out afterwards. Source: common practice, chosen from memory. */
export const COMMON_KITS: readonly CommonKit[] = [
  {
    id: 'first',
    label: 'A first kit',
    says: 'Six blades, four combs: nearly every pet trim.',
    blades: ['40', '30', '15', '10', '7F', '5F'],
    combs: ['4', '2', '1', '0'],
  },
  {
    id: 'salon',
    label: 'A salon kit',
    says: 'Steps under 10 mm without scissors, combs to an inch.',
    blades: ['40', '30', '15', '10', '8.5', '7F', '5F', '4F', '3F'],
    combs: ['4', '2', '1½', '1', '0', 'A', 'C', 'E'],
  },
  {
    id: 'van',
    label: 'A light kit for a van',
    says: 'Few blades, all combs over a 30: less to carry and to sharpen.',
    blades: ['30', '10', '7F'],
    combs: ['4', '2', '1', '0', 'A'],
  },
]
