import { DEFAULT_HOUSE } from '../order'
import type { Wish } from '../request'
import type { Case } from './case'

/** What short scissors leave at the canal, mm. Source: from memory. */
const CANAL_MM = 3

/** Hair in the ear canal goes by the house's school, unless somebody asked for something else there. */
export function canalWish(wish: Wish, { house }: Pick<Case, 'house'>, presentMm: number): Wish {
  if (wish.zone !== 'ear-canal' || wish.explicit) return wish
  const school = (house ?? DEFAULT_HOUSE).earHair
  if (school === 'leave') return { ...wish, want: { by: 'leave' }, why: 'House rule: hair in the ear is left.' }
  if (school === 'pluck')
    return { ...wish, want: { by: 'strip', lengthMm: 0 }, why: 'House rule: hair in the ear is plucked.' }
  return {
    ...wish,
    want: { by: 'thin', lengthMm: Math.min(CANAL_MM, presentMm) },
    why: 'House rule: hair in the ear is cut short.',
  }
}
