export { insightOf } from './insight'
export { GroomFacts } from './insight'
export type { Groomed, Insight } from './insight'
