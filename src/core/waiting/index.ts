export { firstOfGaps, whoFits } from './whoFits'
export type { FitsGap, Gap, Waiting, WaitingLine } from './whoFits'
