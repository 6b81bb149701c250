export { WATER_MAX_C, bathFor, bodySurfaceM2, mix } from './bath'
export type { Mix } from './bath'
