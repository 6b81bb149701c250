import type { RunningWait } from '@/core/visit'

/** A wait as the bench shows it: of a stage, or of the facial that works while the bath goes on. */
export type ShownWait = Omit<RunningWait, 'stage'> & { stage: RunningWait['stage'] | 'facial' }
