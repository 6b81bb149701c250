export { insightOf } from './insight'
export type { GroomCell, Insight } from './insight'
export { GroomFacts } from './facts'
export { GroomSums, addSums, emptySums, sumsOf } from './sums'
