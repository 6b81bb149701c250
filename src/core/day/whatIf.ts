import { clockOf, minutesOf } from '../people'
import type { DayDog, HouseDay } from './day'

/** What can be supposed of a day: nothing of it is kept. */
export type WhatIf =
  | { kind: 'ill'; person: string }
  | { kind: 'place'; place: 'table' | 'tub' | 'dryer' | 'cabinet' | 'bay' }
  | { kind: 'dog'; from: string }
  | { kind: 'no-show'; dog: string }

/** A dog of which nothing is known is promised for so long after it comes, min. From memory: a usual groom with room. */
const PROMISED_MIN = 150

/** Who is not there so long after their time may not come at all, min. Common practice. */
const ABSENT_AFTER_MIN = 15

/** Dogs that should have been there by now, and were not seen. */
export const absentFrom = ({ dogs, happened, now }: HouseDay): string[] =>
  dogs
    .filter(
      ({ id, bring }) =>
        !happened.some(({ dog }) => dog === id) && minutesOf(now) - minutesOf(bring) >= ABSENT_AFTER_MIN,
    )
    .map(({ id }) => id)

/** The same day, supposed otherwise. */
export function supposed(day: HouseDay, what: WhatIf): HouseDay {
  switch (what.kind) {
    case 'ill':
      return without(day, what.person)
    case 'place':
      return { ...day, stations: { ...day.stations, [what.place]: day.stations[what.place] + 1 } }
    case 'dog':
      return { ...day, dogs: [...day.dogs, ...oneMore(day, what.from)] }
    case 'no-show':
      return { ...day, dogs: day.dogs.map((dog) => (dog.id === what.dog ? { ...dog, noShow: true } : dog)) }
  }
}

/** Who is ill was promised to nobody, nothing is fixed to them, and what they had in hand is begun anew by somebody else. */
function without(day: HouseDay, person: string): HouseDay {
  return {
    ...day,
    people: day.people.filter(({ id }) => id !== person),
    happened: day.happened.filter((row) => row.person !== person || row.to !== null),
    dogs: day.dogs.map(({ groomer, ...dog }) => ({
      ...dog,
      ...(groomer === undefined || groomer === person ? {} : { groomer }),
      locks: dog.locks.filter((lock) => lock.person !== person),
    })),
  }
}

/** Another dog like the middle one of the day, by its hands. */
function oneMore({ dogs }: HouseDay, from: string): DayDog[] {
  const hands = ({ stages = [] }: DayDog) => stages.reduce((sum, { handsMin }) => sum + handsMin, 0)
  const middle = [...dogs].sort((a, b) => hands(a) - hands(b))[Math.floor(dogs.length / 2)]
  if (!middle) return []
  const { case: known, stages, behaviour, handlers } = middle
  const promise = clockOf(Math.min(1439, minutesOf(from) + PROMISED_MIN))
  return [
    {
      id: 'One more dog',
      bring: from,
      promise,
      case: known,
      stages,
      behaviour,
      handlers,
      contagious: false,
      noShow: false,
      frail: false,
      locks: [],
      noBay: false,
    },
  ]
}
