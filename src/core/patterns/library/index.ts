import type { Pattern, PatternId } from '../types'
import { JACKET_PATTERNS } from './jackets'
import { PLAIN_PATTERNS } from './plain'
import { ROUND_PATTERNS } from './round'

export { EVERY_DOG } from './everyDog'

/** All patterns. Shapes and tools: common practice. */
export const LIBRARY: Record<PatternId, Pattern> = { ...ROUND_PATTERNS, ...JACKET_PATTERNS, ...PLAIN_PATTERNS }
