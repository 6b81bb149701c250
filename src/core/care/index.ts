export { cautionsFor } from './cautions'
export type { Caution, CareFacts, Level } from './cautions'
export { mayUseCabinet, referWhy, refers } from './refer'
