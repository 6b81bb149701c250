import { minutesOf } from '../people'
import { floorOf, NONE, type Begun, type Floor, type Job, type Task } from '../shop'
import { unitOf, type DayPerson, type HouseDay, type Stations } from './day'
import { dogsToday, type DogToday } from './dogs'
import { BREAK_MIN, CLEAN_CONTAGIOUS_MIN, CLEAN_MIN } from './facts'
import { isDrying, knownOf, type Known } from './known'
import { joined, piecesOf, type Piece, type PlaceKind } from './pieces'

const PLACES: readonly PlaceKind[] = ['table', 'tub', 'dryer', 'cabinet']

/** A day laid out for the search: jobs are its dogs in order, and behind them breaks of its people. */
export interface Workshop {
  day: HouseDay
  nowMin: number
  dogs: readonly DogToday[]
  /** Pieces of each dog, one a task. */
  pieces: readonly (readonly Piece[])[]
  /** Who takes a break as a job of its own, by the number of the person. */
  resting: readonly number[]
  floor: Floor
  known: Known
  /** Minutes at the blower, by task. */
  dryingMin: Float64Array
  /** Names of units and bays, as `tub 1`. */
  unitNames: readonly string[]
}

/**
 * @param whole pieces that go together are one task
 * @param resting people, by number, who take their break
 */
export function workshopOf(day: HouseDay, whole: boolean, resting: readonly number[] = []): Workshop {
  const nowMin = minutesOf(day.now)
  const dogs = dogsToday(day)
  const pieces = dogs.map((dog) => {
    const single = piecesOf(dog, day.happened, nowMin, day.stations.cabinet > 0)
    return whole ? joined(single) : single
  })
  const jobs = dogs.map((dog, at) => dogJob(day, dog, pieces[at] as Piece[], nowMin))
  const floor = floorOf({
    jobs: [...jobs, ...resting.map((person) => breakJob(person))],
    workers: day.people.map(({ from, to }) => ({ fromMin: minutesOf(from), untilMin: minutesOf(to) })),
    places: PLACES.map((kind) => ({ units: day.stations[kind], cleaned: kind === 'table' || kind === 'tub' })),
    bays: day.stations.bay,
    nowMin,
  })
  const unitNames = PLACES.flatMap((kind) => Array.from({ length: day.stations[kind] }, (_, at) => `${kind} ${at + 1}`))
  const dryingMin = new Float64Array(floor.tasks.length)
  pieces.flat().forEach((piece, task) => isDrying(piece) && (dryingMin[task] = piece.minutes))
  return { day, nowMin, dogs, pieces, resting, floor, known: knownOf(day, pieces), dryingMin, unitNames }
}

export const bayName = (bay: number): string => `bay ${bay + 1}`

const breakJob = (person: number): Job => ({
  tasks: [
    {
      minutes: BREAK_MIN,
      fromMin: 0,
      workers: [person],
      second: false,
      place: NONE,
      holds: true,
      stays: false,
      lag: null,
      sameAs: NONE,
      reach: NONE,
      whole: false,
    },
  ],
  fromMin: 0,
  untilMin: Infinity,
  cleanMin: 0,
  restMin: 0,
  mayStandAside: true,
  begun: null,
})

function dogJob(day: HouseDay, dog: DogToday, pieces: readonly Piece[], nowMin: number): Job {
  const tasks = tasksOf(day, dog, pieces)
  return {
    tasks,
    fromMin: minutesOf(dog.bring),
    untilMin: minutesOf(dog.promise),
    cleanMin: dog.contagious ? CLEAN_CONTAGIOUS_MIN : CLEAN_MIN,
    restMin: pieces.at(-1)?.waitMin ?? 0,
    mayStandAside: !dog.noBay,
    begun: begunOf(day, dog, pieces, nowMin),
  }
}

function tasksOf(day: HouseDay, dog: DogToday, pieces: readonly Piece[]): Task[] {
  const tubs = pieces.flatMap(({ place }, at) => (place === 'tub' ? [at] : []))
  const [firstTub, lastTub] = [tubs[0] ?? Infinity, tubs.at(-1) ?? -1]
  return pieces.map((piece, at) => {
    const before = pieces[at - 1]
    const condition = pieces.findLastIndex((other, number) => number < at && other.inReach)
    // Whoever put the conditioner on stays until the tub goes on, or does what else is done in it.
    const goesOn = pieces.findIndex(({ place }, number) => number > at && place === 'tub')
    const until = pieces.findIndex(({ place }, number) => number > condition && place === 'tub')
    const between = condition >= 0 && until >= 0 && at < until
    const waits = condition >= 0 && at === until ? condition : at - 1
    return {
      minutes: piece.minutes,
      fromMin: piece.fromMin,
      workers: piece.kind === 'cabinet' ? [] : fittest(day.people, dog, piece),
      second: piece.held && day.people.length > 1,
      place: piece.place === null ? NONE : PLACES.indexOf(piece.place),
      holds: true,
      stays: at > firstTub && at <= lastTub,
      lag:
        before && !between && (pieces[waits]?.waitMin ?? 0) > 0
          ? { after: waits, minutes: pieces[waits]?.waitMin ?? 0 }
          : null,
      sameAs: between ? condition : NONE,
      reach: piece.inReach && goesOn >= 0 ? goesOn : NONE,
      whole: piece.trim,
    }
  })
}

/** Who may do a piece: whom it was promised first, then those with the skill, then bathers, so that groomers stay free. */
function fittest(people: readonly DayPerson[], dog: DogToday, { bathers, by }: Piece): number[] {
  const rank = ({ id, role, skills }: DayPerson) =>
    (dog.difficult && !skills.includes('difficult dogs') ? 4 : 0) +
    (bathers ? (role === 'bather' ? 0 : 1) : id === dog.groomer ? 0 : 1)
  return people
    .map((person, at) => ({ person, at }))
    .filter(({ person }) => (bathers || person.role === 'groomer') && (by === null || person.id === by))
    .sort((a, b) => rank(a.person) - rank(b.person) || a.at - b.at)
    .map(({ at }) => at)
}

function begunOf(day: HouseDay, dog: DogToday, pieces: readonly Piece[], nowMin: number): Begun | null {
  const seen = pieces.filter((piece) => piece.seen !== null)
  const rows = day.happened.filter(({ dog: other }) => other === dog.id).sort((a, b) => a.from.localeCompare(b.from))
  if (rows.length === 0) return null
  const by = seen.map((piece) => day.people.findIndex(({ id }) => id === piece.seen?.person))
  const trim = seen.findIndex((piece) => piece.trim)
  const last = rows.at(-1) as (typeof rows)[number]
  const left = last.stage === null && last.to !== null
  const stands = left || last.station === null ? lastPlace(rows, left) : unitOf(day.stations, last.station)
  return {
    done: seen.length,
    readyMin: Math.max(nowMin, ...seen.map((piece) => piece.seen?.endMin ?? nowMin)),
    unit: stands && stands.kind !== 'bay' ? unitNumber(day.stations, stands) : NONE,
    bay: stands?.kind === 'bay' ? stands.number - 1 : NONE,
    whole: trim < 0 ? NONE : (by[trim] as number),
    ends: seen.map((piece) => piece.seen?.endMin ?? nowMin),
    by,
  }

  /** After a stage that needs no place a dog stays where it was. */
  function lastPlace(all: typeof rows, gone: boolean) {
    if (gone) return null
    const placed = all.filter(({ station }) => station !== null)
    const where = placed.at(-1)?.station
    return where ? unitOf(day.stations, where) : null
  }
}

function unitNumber(stations: Stations, { kind, number }: { kind: keyof Stations; number: number }): number {
  const before = PLACES.slice(0, PLACES.indexOf(kind as PlaceKind))
  return before.reduce((sum, place) => sum + stations[place], 0) + number - 1
}
