import { measuresOf, visorToEyeMm, type Stature } from '../build'
import { grownMm, rateAt, type CoatId, type Rates } from '../coat'
import type { ZoneId } from '../zones'
import { CLEAR_MM, longestClearMm } from './clearance'

/** Something that happens to a coat that is left to grow. */
export interface Ahead {
  id: 'visor' | 'hem' | 'wish'
  zone: ZoneId
  /** Weeks from now, rounded up; 0 when it is so already. */
  week: number
  words: string
}

/** Nobody looks further ahead than this, weeks. */
const MOST_WEEKS = 26

interface AheadOf {
  dog: Stature & { coat: CoatId }
  rates: Rates
  presentMm: (zone: ZoneId) => number
  wishes: readonly { zone: ZoneId; wantedMm: number; name: string }[]
}

/** What comes in the weeks ahead: the visor reaches the eye, the hem comes near the floor, a wish is long enough. */
export function ahead({ dog, rates, presentMm, wishes }: AheadOf): Ahead[] {
  const weekOf = (zone: ZoneId, lengthMm: number): number | null => {
    for (let week = 0; week <= MOST_WEEKS; week++)
      if (grownMm(presentMm(zone), week, dog.coat, rateAt(zone, dog.coat, rates)) >= lengthMm) return week
    return null
  }
  const hemMm = longestClearMm(dog, 'skirt', CLEAR_MM)
  const events: (Omit<Ahead, 'week'> & { lengthMm: number })[] = [
    { id: 'visor', zone: 'visor', lengthMm: visorToEyeMm(measuresOf(dog)), words: 'the visor reaches the eye' },
    ...(hemMm === null
      ? []
      : [{ id: 'hem' as const, zone: 'skirt' as const, lengthMm: hemMm, words: 'the hem comes near the floor' }]),
    ...wishes.map(({ zone, wantedMm, name }) => ({
      id: 'wish' as const,
      zone,
      lengthMm: wantedMm,
      words: `${name} is long enough`,
    })),
  ]
  const dated = events.flatMap(({ lengthMm, ...event }) => {
    const week = weekOf(event.zone, lengthMm)
    return week === null ? [] : [{ ...event, week }]
  })
  return dated.sort((a, b) => a.week - b.week)
}
