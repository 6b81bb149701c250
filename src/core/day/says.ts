import { minutesOf } from '../people'
import type { HouseDay } from './day'
import { dogsToday } from './dogs'
import type { Row } from './rows'

/** An id as a name in a sentence. @example named('quill') // 'Quill' */
export const named = (id: string): string => id.charAt(0).toUpperCase() + id.slice(1)

/** Waits shorter than this are not worth a word, min. */
const TELLING_MIN = 5

/** Who waits in a bay, for what. */
export function* saysWaits(rows: readonly Row[]): Generator<string> {
  for (const { dog, station, stage, fromMin, toMin } of rows) {
    if (stage !== null || toMin - fromMin < TELLING_MIN) continue
    const next = rows.find((row) => row.dog === dog && row.kind === 'hands' && row.fromMin >= toMin)
    const where = next?.station?.replace(/ \d+$/, '')
    yield `${named(dog)} waits ${toMin - fromMin} min in ${station ?? 'a bay'}${where ? ` for the ${where}` : ''}.`
  }
}

/** A plan that needs more bays than the house has. */
export function* saysNoRoom({ stations }: HouseDay, bays: number): Generator<string> {
  if (stations.bay > bays)
    yield 'The dogs stand in each other’s way and no bay is free: somebody holds one by hand until its place is.'
}

/** What the time of a dog that does not come is good for. */
export function* saysNoShows(day: HouseDay): Generator<string> {
  for (const { id, bring, promise, ...dog } of day.dogs) {
    if (!dog.noShow) continue
    const own = dogsToday({ ...day, dogs: [{ id, bring, promise, ...dog, noShow: false }] })[0]
    const hands = Math.round((own?.stages ?? []).reduce((sum, { handsMin }) => sum + handsMin, 0))
    const from = minutesOf(bring) > minutesOf(day.now) ? bring : day.now
    yield `${named(id)} does not come: ${hands} min of hands between ${from} and ${promise} are free for another dog, or for those that run late.`
  }
}
