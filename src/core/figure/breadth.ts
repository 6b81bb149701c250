import type { BuildId } from '../build'

/** How broad a build is against a square dog of its height. By eye. */
export const BROAD: Record<BuildId, number> = {
  square: 1.15,
  'long-low': 1.5,
  toy: 1.2,
  sporting: 1.08,
  racy: 0.95,
  heavy: 1.3,
}
