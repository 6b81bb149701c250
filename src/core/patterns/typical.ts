import type { BuildId, EarSet } from '../build'
import type { CoatId } from '../coat'
import type { PatternId } from './types'

/** The dog a pattern is usually drawn on. Source: common practice. */
export const TYPICAL_DOG: Record<PatternId, { coat: CoatId; build: BuildId; ears?: EarSet }> = {
  'one-length': { coat: 'curly', build: 'square' },
  'clean-face-round': { coat: 'curly', build: 'square' },
  'show-puppy': { coat: 'curly', build: 'square' },
  teddy: { coat: 'drop', build: 'toy' },
  'round-cotton': { coat: 'cotton', build: 'toy' },
  'fusion-flare': { coat: 'fleece', build: 'toy' },
  'terrier-jacket': { coat: 'wire', build: 'square', ears: 'folded' },
  'schnauzer-pattern': { coat: 'wire', build: 'square', ears: 'folded' },
  'sporting-jacket': { coat: 'silky', build: 'sporting' },
  'silky-short': { coat: 'silky', build: 'toy' },
  'long-drop': { coat: 'drop', build: 'long-low', ears: 'drop' },
  'parallel-racy': { coat: 'curly', build: 'racy' },
  'utility-short': { coat: 'fleece', build: 'square' },
  'long-natural': { coat: 'fleece', build: 'square' },
  'winter-tidy': { coat: 'double', build: 'heavy', ears: 'pricked' },
  'bath-tidy': { coat: 'drop', build: 'toy' },
}
