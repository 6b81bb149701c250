import type { House } from './schools'

/** What of a dog moves its stages. Age in months, behaviour 0 to 4. */
export interface OrderNeeds {
  ageMonths: number | null
  face: number
  feet: number
}

/** A dog this young is still a puppy; up to here a wriggle counts as youth, months. Source: common practice; months from memory. */
const PUPPY_MONTHS = 12
const YOUNG_MONTHS = 24
const WRIGGLES = 2

const isYoungWriggler = ({ ageMonths, face, feet }: OrderNeeds): boolean =>
  ageMonths !== null && (ageMonths < PUPPY_MONTHS || (ageMonths < YOUNG_MONTHS && Math.max(face, feet) >= WRIGGLES))

/**
 * The house's schools as this dog needs them, and what was changed for it: a young dog that wriggles has face and feet
 * shaved after the dry, when it has worked itself tired. Source: common practice.
 */
export function houseFor(needs: OrderNeeds, house: House): { house: House; moved: string | null } {
  if (house.faceFeetWhen === 'after-dry' || !isYoungWriggler(needs)) return { house, moved: null }
  return {
    house: { ...house, faceFeetWhen: 'after-dry' },
    moved: 'Face and feet wait until after the dry: it is young and wriggles.',
  }
}
