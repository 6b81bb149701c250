export { DRAWN_UP, isDrawnUp, patternCard, patternInWords, patternLabel } from './lines'
export type { PatternCard } from './lines'
export { EarsShape, FeetShape, JOINS, Join, PATTERNS, PatternId, TailShape } from './types'
export type { PatternLine, Want } from './types'
