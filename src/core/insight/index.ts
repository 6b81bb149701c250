export { averagesOf, insightOf } from './insight'
export type { Average, Group, Insight, Summed } from './insight'
export { GroomFacts, NO_PATTERN } from './facts'
export { GroomSums, addSums, emptySums, sumsOf } from './sums'
