import type { Dog } from '@/data/dogs'

/** `female, neutered`; what nobody said is left out. */
export const sexWords = ({ sex, neutered }: Pick<Dog, 'sex' | 'neutered'>): string =>
  [sex ?? 'sex not said', ...(neutered ? ['neutered'] : [])].join(', ')
