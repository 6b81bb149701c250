import { staysOf, type DayPlan, type HouseDay, type Stay } from '@/core/day'
import { minutesOf } from '@/core/people'
import { familyOf, stageLabel, type Family, type StageId } from '@/core/stages'
import { CABINET_CHECK_MIN } from '@/core/time'

/** A stretch of one dog in one pair of hands: stages of one family that follow each other. */
export interface Piece {
  dog: string
  person: string
  family: Family
  fromMin: number
  toMin: number
  stages: string[]
  ids: StageId[]
  station: string | null
  state: 'done' | 'now' | 'planned'
  holds: boolean
  /** Somebody has fixed who does it, or from when. */
  locked: boolean
}

/** All pieces of a day, what happened and what is planned, by their start. */
export function piecesOf(day: HouseDay, plan: DayPlan): Piece[] {
  const nowMin = minutesOf(day.now)
  const rows = [
    ...day.happened.flatMap((row) => (row.to === null ? [] : [{ ...row, to: row.to, kind: 'hands' as const }])),
    ...plan.work,
  ]
    .flatMap(({ dog, person, stage, station, from, to, kind }) =>
      person === null || stage === null
        ? []
        : [{ dog, person, stage, station, kind, fromMin: minutesOf(from), toMin: minutesOf(to) }],
    )
    .sort((a, b) => a.fromMin - b.fromMin || a.toMin - b.toMin)
  const last = new Map<string, Piece>()
  const all: Piece[] = []
  for (const { dog, person, stage, station, kind, fromMin, toMin } of rows) {
    const family = familyOf(stage)
    const state = toMin <= nowMin ? 'done' : fromMin < nowMin ? 'now' : 'planned'
    const before = last.get(person)
    const joins =
      before?.dog === dog &&
      before.family === family &&
      before.state === state &&
      fromMin - before.toMin <= 1 &&
      before.holds === (kind === 'holds')
    if (before && joins) {
      before.toMin = toMin
      before.stages.push(stageLabel(stage))
      before.ids.push(stage)
      before.locked ||= isLocked(day, dog, stage)
      continue
    }
    const piece = {
      dog,
      person,
      family,
      fromMin,
      toMin,
      stages: [stageLabel(stage)],
      ids: [stage],
      locked: isLocked(day, dog, stage),
      station,
      state,
      holds: kind === 'holds',
    } as const
    all.push({ ...piece, stages: [...piece.stages], ids: [...piece.ids] })
    last.set(person, all.at(-1) as Piece)
  }
  return all
}

const isLocked = ({ dogs }: HouseDay, dog: string, stage: StageId): boolean =>
  dogs.some(({ id, locks }) => id === dog && locks.some((lock) => lock.stage === stage))

/** A dog's stay as it is drawn: in a cabinet with the looks that it is due. */
export interface DrawnStay extends Stay {
  looksMin: number[]
}

export const drawnStays = (day: HouseDay, plan: DayPlan): DrawnStay[] =>
  staysOf(day, plan).map((stay) => ({
    ...stay,
    looksMin: stay.station.startsWith('cabinet')
      ? Array.from(
          { length: Math.max(0, Math.ceil((stay.toMin - stay.fromMin) / CABINET_CHECK_MIN) - 1) },
          (_, at) => stay.fromMin + (at + 1) * CABINET_CHECK_MIN,
        )
      : [],
  }))

/** The day's hours from the first to the last that something is in, minutes. */
export function hoursOf(pieces: readonly Piece[], day: HouseDay): { fromMin: number; toMin: number } {
  const begins = [...pieces.map(({ fromMin }) => fromMin), ...day.dogs.map(({ bring }) => minutesOf(bring))]
  const ends = [...pieces.map(({ toMin }) => toMin), ...day.dogs.map(({ promise }) => minutesOf(promise))]
  return { fromMin: Math.floor(Math.min(...begins) / 60) * 60, toMin: Math.ceil(Math.max(...ends) / 60) * 60 }
}

/** Who has the dog at the end: in whose lane its promise stands. */
export const promisesIn = (pieces: readonly Piece[], plan: DayPlan, day: HouseDay) =>
  day.dogs.flatMap(({ id, promise }) => {
    const own = pieces.filter(({ dog, holds }) => dog === id && !holds)
    const scissored = own.filter(({ family }) => family === 'scissor' || family === 'clip')
    const by = (scissored.at(-1) ?? own.at(-1))?.person
    const done = plan.dogs.find((dog) => dog.id === id)?.done
    return by === undefined || done === undefined
      ? []
      : [{ dog: id, person: by, atMin: minutesOf(promise), late: minutesOf(done) > minutesOf(promise), promise }]
  })

/** The next changes: who goes where, into whose hands; and who is done. */
export function nextChanges(plan: DayPlan, nowMin: number, most: number) {
  const dones = plan.dogs.map(({ id, done }) => ({ atMin: minutesOf(done), dog: id, what: 'is done', who: null }))
  const moves = plan.work.flatMap((row, at) => {
    if (row.kind === 'holds' || row.station === null) return []
    const before = plan.work.slice(0, at).filter(({ dog, station }) => dog === row.dog && station !== null)
    if (before.at(-1)?.station === row.station) return []
    const place = row.station.replace(/ \d+$/, '')
    return [{ atMin: minutesOf(row.from), dog: row.dog, what: `to the ${place}`, who: row.person }]
  })
  return [...moves, ...dones]
    .filter(({ atMin }) => atMin >= nowMin)
    .sort((a, b) => a.atMin - b.atMin)
    .slice(0, most)
}
