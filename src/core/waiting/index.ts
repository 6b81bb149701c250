export { firstOfGaps, whoFits, whoFitsEach } from './whoFits'
export type { FitsGap, Gap, Waiting, WaitingLine } from './whoFits'
