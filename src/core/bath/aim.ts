import type { CardEntry } from '../request'

/** What the bath is for, beyond clean. */
export interface BathAim {
  id: 'volume' | 'long' | 'sensitive' | 'dirty'
  words: string
}

/** Kept longer than this a coat wants oils, mm. Source: common practice; mm from memory. */
const LONG_MM = 40

const WORDS: Record<BathAim['id'], string> = {
  sensitive:
    'Mild, without scent, and a second rinse: the skin is sensitive. The owner’s own or the vet’s product comes first.',
  dirty: 'A degreasing wash first, then the second wash.',
  volume: 'Degreasing, with little or no conditioner: it is to be scissored and must stand.',
  long: 'A heavier, oily conditioner: the coat is kept long.',
}

/**
 * Which kind of shampoo and conditioner this trim and this skin ask for. Source: common practice.
 * @param kinds findings and standing facts of the dog
 * @param matted mats or grease were found
 */
export function bathAims(
  card: readonly Pick<CardEntry, 'zone' | 'method' | 'lengthMm'>[],
  kinds: ReadonlySet<string>,
  matted: boolean,
): BathAim[] {
  const scissored = card.filter(({ method }) => method === 'scissor').length
  const cut = card.filter(({ method }) => method !== 'leave').length
  const back = card.find(({ zone }) => zone === 'back')
  const long = back !== undefined && back.lengthMm >= LONG_MM
  const ids: BathAim['id'][] = [
    ...(kinds.has('allergy') || kinds.has('skin-red') ? ['sensitive' as const] : []),
    ...(matted ? ['dirty' as const] : []),
    ...(long ? ['long' as const] : scissored * 2 > cut ? ['volume' as const] : []),
  ]
  return ids.map((id) => ({ id, words: WORDS[id] }))
}
