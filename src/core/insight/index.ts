export { averagesOf, insightOf } from './insight'
export type { Average, GroomCell, Insight } from './insight'
export { GroomFacts, NO_PATTERN } from './facts'
export { GroomSums, addSums, emptySums, sumsOf } from './sums'
