import { isSameThing, type HealthFact } from '../health'
import type { Remark } from '../request'
import type { Day } from '../units'
import type { DogFile } from './file'

type Kept = Pick<DogFile, 'health' | 'behaviour'>
/** What of an owner's remark goes into the file. */
export type ForFile = Extract<Remark['about'], { kind: 'health' | 'temper' }>

export const isForFile = (about: Remark['about']): about is ForFile =>
  about.kind === 'health' || about.kind === 'temper'

/**
 * A file with what an owner said: a finding pinned where they said, or how the dog takes something, never milder than it is
 * known. Said again it changes nothing.
 */
export function withRemark(kept: Kept, about: ForFile, words: string, since: Day): Kept {
  if (about.kind === 'temper') {
    const grade = Math.max(kept.behaviour[about.trigger] ?? 0, about.grade)
    return { ...kept, behaviour: { ...kept.behaviour, [about.trigger]: grade } }
  }
  const { health, zone, side } = about
  const finding: HealthFact = {
    // A lump that is told of is new until a hand has found it again.
    ...(health === 'lump-new' ? { kind: 'lump', status: 'new' } : { kind: health }),
    ...(zone ? { zone } : {}),
    ...(side ? { side } : {}),
    words: words.slice(0, MOST_WORDS),
    since,
    saidBy: 'the owner',
  }
  const isKnown = kept.health.some((each) => isSameThing(each, finding))
  return isKnown ? kept : { ...kept, health: [...kept.health, finding] }
}

const MOST_WORDS = 400
