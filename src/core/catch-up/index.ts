export { CATCH_UPS, CATCH_UP_FACTS, CatchUpId, catchUp, catchUps } from './options'
export type { CatchUp, Means } from './options'
export { chooseCatchUps } from './choose'
