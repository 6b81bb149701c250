export { CATCH_UPS, CATCH_UP_FACTS, CatchUpId, catchUp, catchUps } from './options'
export type { CatchUp } from './options'
export { chooseCatchUps } from './choose'
