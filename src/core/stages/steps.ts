import type { StageId } from './stages'

/** What is done inside a stage, in order, and what is looked at before it counts as done. Source of all: common practice. */
const STEPS: Partial<Record<StageId, readonly string[]>> = {
  'look-over': ['Skin, ears, eyes, teeth', 'Nails, lumps, gait', 'Grade the mats', 'Measure the coat'],
  'brush-out': ['Line brush from the skin, in layers', 'Then the comb: nothing catches'],
  wash: ['Body first', 'Head last, nose down', 'Rinse the head at once'],
  rinse: ['Until wet hair grips the fingers', 'Between the legs and under the ears'],
  dry: ['Each leg in four planes, bottom to top', 'Re-wet what dried curled', 'Dry to the skin'],
  'comb-through': ['Wide comb', 'Fine comb', 'Nothing catches'],
  body: ['Two or three passes', 'Comb up between', 'Level topline, no tracks, no skirt line'],
  'flat-work': ['Ears, cheeks and neck before the brows', 'Both sides by the same marks'],
  legs: ['Front straight line first', 'Four planes each', 'Straight from chest to toe'],
  feet: [
    'Standing first, foot flat',
    'Look straight down: the first cut fixes the line',
    'Then lift and clear what passes the pad',
  ],
  underline: ['Chest to underline one line', 'Clean between the hind legs'],
  tail: ['It moves and nothing sticks out'],
  head: [
    'Chin',
    'Muzzle sides, then behind the muzzle',
    'Visor',
    'Skull',
    'Cheeks',
    'Ears',
    'The other side by the same marks',
  ],
  blend: ['Erase lines with thinners and chunkers', 'Comb and look again after every cut'],
  'step-back': ['Two metres off, all four sides', 'Let it shake and walk', 'Comb up', 'Left against right'],
  finish: ['After photo', 'Collar last'],
}

/** What of house and dog changes the steps. */
export interface StepFacts {
  footLift: 'on-table' | 'lifted'
  backbrush: 'yes' | 'no'
  difficultDog: 'short-and-kind' | 'explore-first'
  /** The coat stands rather than falls. */
  stands: boolean
  /** The worst of what the dog minds here, 0 to 4. */
  minds: number
  young: boolean
}

/** From this grade on a dog is a difficult one. Source: from memory. */
const DIFFICULT = 3
const LIFTED = [
  'Standing first, foot flat',
  'Look straight down: the first cut fixes the line',
  'Then lifted: only low, a trusted dog, never open shears under the pad',
]

/** The steps inside a stage, as this house does them on this dog. Source: common practice. */
export function stepsOf(stage: StageId, facts?: StepFacts): readonly string[] {
  const steps = STEPS[stage] ?? []
  if (!facts) return steps
  const before = facts.minds >= DIFFICULT || (facts.young && stage === 'look-over') ? [KIND[facts.difficultDog]] : []
  const after = stage === 'comb-through' && facts.backbrush === 'yes' && facts.stands ? ['Backbrush what stands'] : []
  return [...before, ...(stage === 'feet' && facts.footLift === 'lifted' ? LIFTED : steps), ...after]
}

const KIND = {
  'short-and-kind': 'Firm, quiet, no fuss, done fast',
  'explore-first': 'Let it sniff the tool first; stop often',
} as const
