import { readHousePatterns } from '@/data/housePatterns'
import type { OpenHouse } from '../house/openHouse'

/** The house's own patterns beside the library's. */
export async function patternsView({ unit, time }: OpenHouse) {
  const own = await readHousePatterns()
  return {
    unit,
    own: own.map(({ id, name, words, card, madeBy, madeMs }) => ({
      id,
      name,
      words,
      card,
      made: `Made by ${madeBy} on ${time.longDay(madeMs)}`,
    })),
  }
}
