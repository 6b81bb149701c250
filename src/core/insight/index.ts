export { insightOf } from './insight'
export type { Groomed, Insight } from './insight'
