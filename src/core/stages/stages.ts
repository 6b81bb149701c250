import { z } from 'zod'

export const STAGES = [
  'arrive',
  'look-over',
  'brush-out',
  'rough-in',
  'ears',
  'nails',
  'pre-clip',
  'wash',
  'second-wash',
  'condition',
  'rinse',
  'towel',
  'dry',
  'comb-through',
  'sanitary',
  'pads',
  'body',
  'flat-work',
  'legs',
  'feet',
  'underline',
  'tail',
  'head',
  'blend',
  'step-back',
  'finish',
  'handover',
] as const
export const StageId = z.enum(STAGES)
export type StageId = z.infer<typeof StageId>

export const TRIGGERS = [
  'table',
  'brush',
  'nails',
  'ears',
  'bath',
  'dryer',
  'clipper',
  'face',
  'feet',
  'rear',
  'people',
  'dogs',
] as const
export const Trigger = z.enum(TRIGGERS)
export type Trigger = z.infer<typeof Trigger>

export const FAMILIES = ['look', 'prepare', 'bath', 'dry', 'clip', 'scissor'] as const
export type Family = (typeof FAMILIES)[number]
export type Resource = 'table' | 'tub' | 'dryer'

export interface StageFact {
  label: string
  family: Family
  /** Hands-on minutes for a 7 kg drop coat in fair condition, calm. Source: from memory. */
  handsOnMin: number
  /** Minutes in which hands are free. Source: from memory. */
  waitMin: number
  /** The work grows with the coat's area, not only with the dog. */
  byCoatArea: boolean
  needs: Resource | null
  /** What a dog may mind here; `table` counts at every table stage besides. */
  minds: readonly Trigger[]
}

const stage = (
  label: string,
  family: Family,
  handsOnMin: number,
  needs: Resource | null,
  rest: Partial<StageFact> = {},
): StageFact => ({ label, family, handsOnMin, waitMin: 0, byCoatArea: false, minds: [], needs, ...rest })

export const STAGE_FACTS: Record<StageId, StageFact> = {
  arrive: stage('Arrive', 'look', 4, null),
  'look-over': stage('Look over', 'look', 2, 'table'),
  'brush-out': stage('Brush', 'prepare', 6, 'table', { byCoatArea: true, minds: ['brush'] }),
  'rough-in': stage('Rough in', 'prepare', 5, 'table', { byCoatArea: true, minds: ['clipper'] }),
  ears: stage('Ears', 'prepare', 2, null, { minds: ['ears'] }),
  nails: stage('Nails', 'prepare', 4, null, { minds: ['nails', 'feet'] }),
  'pre-clip': stage('Pre-clip', 'prepare', 5, 'table', { minds: ['clipper'] }),
  wash: stage('Wash', 'bath', 4, 'tub', { byCoatArea: true, minds: ['bath'] }),
  'second-wash': stage('Second wash', 'bath', 3, 'tub', { byCoatArea: true, minds: ['bath'] }),
  condition: stage('Condition', 'bath', 1, 'tub', { byCoatArea: true, waitMin: 5, minds: ['bath'] }),
  rinse: stage('Rinse', 'bath', 3, 'tub', { byCoatArea: true, minds: ['bath'] }),
  towel: stage('Towel', 'bath', 2, null, { byCoatArea: true }),
  dry: stage('Dry', 'dry', 16, 'dryer', { byCoatArea: true, minds: ['dryer'] }),
  'comb-through': stage('Comb through', 'dry', 3, 'table', { byCoatArea: true, minds: ['brush'] }),
  sanitary: stage('Sanitary', 'clip', 2, 'table', { minds: ['clipper', 'rear'] }),
  pads: stage('Pads', 'clip', 3, 'table', { minds: ['clipper', 'feet'] }),
  body: stage('Body', 'clip', 6, 'table', { byCoatArea: true, minds: ['clipper'] }),
  'flat-work': stage('Flat work', 'clip', 4, 'table', { minds: ['clipper', 'face'] }),
  legs: stage('Legs', 'clip', 9, 'table', { byCoatArea: true, minds: ['rear'] }),
  feet: stage('Feet', 'scissor', 6, 'table', { minds: ['feet'] }),
  underline: stage('Underline', 'scissor', 3, 'table'),
  tail: stage('Tail', 'scissor', 3, 'table', { minds: ['rear'] }),
  head: stage('Head', 'scissor', 14, 'table', { minds: ['face'] }),
  blend: stage('Blend', 'scissor', 4, 'table', { byCoatArea: true }),
  'step-back': stage('Step back', 'look', 2, null),
  finish: stage('Finish', 'look', 2, null),
  handover: stage('Handover', 'look', 3, null),
}

export const stageLabel = (id: StageId): string => STAGE_FACTS[id].label
export const familyOf = (id: StageId): Family => STAGE_FACTS[id].family

/** The worst of what this dog minds at a stage, 0 to 4. */
export function behaviourAt(id: StageId, behaviour: Partial<Record<Trigger, number>>): number {
  const { minds, needs } = STAGE_FACTS[id]
  const triggers: readonly Trigger[] = needs === 'table' ? ['table', ...minds] : minds
  return Math.max(0, ...triggers.map((trigger) => behaviour[trigger] ?? 0))
}
