import type { Means } from '../catch-up'
import { FULL_KIT, type Lay } from '../lengths'
import type { Case } from './case'
import { coatToday } from './coatToday'

/** Hanging coat is clipped against the lay: a comb keeps its own length and leaves it more even. */
export const laysFor = (input: Case): readonly Lay[] => (input.dog.coat === 'drop' ? ['against'] : ['with', 'against'])

/** What this groom can be done with: the kit, the lays that suit the coat, and the coat itself. */
export const meansOf = (input: Case): Means => ({
  kit: input.kit ?? FULL_KIT,
  lays: laysFor(input),
  presentMm: coatToday(input),
})
