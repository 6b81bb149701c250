import { STAGE_FACTS, type StageId, type Trigger } from './stages'

/** What of the dog shows outside the work on it: people when it comes in, other dogs when it goes out past them. */
const AROUND: Partial<Record<StageId, Trigger>> = { arrive: 'people', handover: 'dogs' }

/** How the dog takes what is asked about at a stage; null where there is nothing to ask. */
export function notedAt(stage: StageId): Trigger | null {
  const { minds, needs } = STAGE_FACTS[stage]
  return AROUND[stage] ?? minds[0] ?? (needs === 'table' ? 'table' : null)
}
