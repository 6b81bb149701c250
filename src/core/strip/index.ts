export { byFamily, plannedSegments, visitSegments, waitsFirst } from './segments'
export type { Segment } from './segments'
