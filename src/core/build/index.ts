export { BUILDS, BuildId } from './builds'
export { measuresOf } from './measures'
export type { Measures } from './measures'
