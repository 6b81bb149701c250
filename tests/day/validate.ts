import type { DayPlan, HouseDay } from '@/core/day'
import type { z } from 'zod'
import { at } from './at'

/**
 * Looks a plan of a day over by the rules of the trade, from what it prints alone: written apart from the planner, of which
 * it uses nothing. Tells what is hard and was broken; empty when nothing was.
 */
export function clashesOf(day: z.input<typeof HouseDay>, plan: DayPlan): string[] {
  const rows = plan.work.map((row) => ({ ...row, from: at(row.from), to: at(row.to) }))
  return [
    ...stagesInOrder(day, rows),
    ...handsAlone(rows),
    ...placesAlone(day, rows),
    ...rolesKept(day, rows),
    ...oneTrim(day, rows),
    ...tubKept(rows),
    ...withinReach(rows),
    ...inTime(day, rows),
  ]
}

type Row = Omit<DayPlan['work'][number], 'from' | 'to'> & { from: number; to: number }
type Day = z.input<typeof HouseDay>

const overlap = (a: { from: number; to: number }, b: { from: number; to: number }) => a.from < b.to && b.from < a.to
const pairs = <T>(all: readonly T[]): [T, T][] => all.flatMap((a, x) => all.slice(x + 1).map((b): [T, T] => [a, b]))
const told = (row: Row) =>
  `${row.dog} ${row.stage ?? 'bay'} ${row.from} to ${row.to} (${row.person ?? '-'}, ${row.station ?? '-'})`

const TUB = ['wash', 'second-wash', 'condition', 'rinse']
const BATHERS = ['arrive', 'brush-out', 'ears', 'nails', ...TUB, 'towel', 'dry', 'comb-through', 'handover']
const TABLE = [
  'look-over',
  'brush-out',
  'rough-in',
  'pre-clip',
  'comb-through',
  'sanitary',
  'pads',
  'body',
  'flat-work',
  'legs',
  'feet',
  'underline',
  'tail',
  'head',
  'blend',
]

const dogsOf = (day: Day) => day.dogs.filter(({ noShow }) => !noShow)
const isOver = (day: Day, dog: string, stage: string) =>
  (day.happened ?? []).some((row) => row.dog === dog && row.stage === stage && row.person !== null && row.to !== null)

/** Every stage is there once, in its order, as long as its hands are, rounded up; a wait is kept before what follows. */
function stagesInOrder(day: Day, rows: readonly Row[]): string[] {
  return dogsOf(day).flatMap((dog) => {
    const wanted = (dog.stages ?? []).filter(({ id }) => !isOver(day, dog.id, id))
    const hands = rows.filter(({ dog: id, kind }) => id === dog.id && kind === 'hands').sort((a, b) => a.from - b.from)
    const order = hands.map(({ stage }) => stage).join()
    const waitOf = (row: Row) => Math.ceil(wanted.find(({ id }) => id === row.stage)?.waitMin ?? 0)
    return [
      ...(order === wanted.map(({ id }) => id).join() ? [] : [`order of ${dog.id}: ${order}`]),
      ...hands.filter((row) => !lastsAsItShould(day, wanted, row)).map((row) => `minutes of ${told(row)}`),
      ...hands.flatMap((row, number) => {
        const next = hands[number + 1]
        return next && next.from < row.to ? [`two hands: ${told(row)} and ${told(next)}`] : []
      }),
      ...hands
        .filter((row, number) => {
          const cabinet = row.stage === 'dry' && (day.stations?.cabinet ?? 0) > 0
          const follows = row.stage === 'condition' ? hands.find(({ stage }) => stage === 'rinse') : hands[number + 1]
          return follows && !cabinet && follows.from - row.to < waitOf(row)
        })
        .map((row) => `wait after ${told(row)}`),
    ]
  })
}

function lastsAsItShould(day: Day, wanted: NonNullable<Day['dogs'][number]['stages']>, row: Row): boolean {
  const stage = wanted.find(({ id }) => id === row.stage)
  const begun = (day.happened ?? []).some(
    (seen) => seen.dog === row.dog && seen.stage === row.stage && seen.to === null,
  )
  return !stage || begun || row.to - row.from === Math.ceil(stage.handsMin)
}

/** One pair of hands does one thing, and holds nothing beside it. */
function handsAlone(rows: readonly Row[]): string[] {
  const busy = rows.filter(({ person }) => person !== null)
  return pairs(busy)
    .filter(([a, b]) => a.person === b.person && overlap(a, b))
    .map(([a, b]) => `hands of ${a.person}: ${told(a)} and ${told(b)}`)
}

/** A dog holds its place until it is seen in another; a table and a tub are cleaned before the next. */
function placesAlone(day: Day, rows: readonly Row[]): string[] {
  const stays = dogsOf(day).flatMap((dog) => {
    const own = rows
      .filter(({ dog: id, kind }) => id === dog.id && kind !== 'holds')
      .sort((a, b) => a.from - b.from || a.to - b.to)
    const placed: { dog: string; station: string; from: number; to: number }[] = []
    for (const row of own) {
      const last = placed.at(-1)
      if (last)
        last.to = Math.max(
          last.to,
          row.station === last.station || row.station === null ? row.to : Math.min(row.from, Infinity),
        )
      if (row.station !== null && row.station !== last?.station)
        placed.push({ dog: dog.id, station: row.station, from: row.from, to: row.to })
    }
    return placed.map((stay) => {
      const cleaned = /^(table|tub)/.test(stay.station)
      return { ...stay, to: stay.to + (cleaned ? (dog.contagious ? 5 : 3) : 0) }
    })
  })
  const kinds = { table: 1, tub: 1, dryer: 1, cabinet: 0, bay: 2, ...day.stations }
  const unknown = stays.filter(({ station }) => {
    const [kind, number] = station.split(' ') as [keyof typeof kinds, string]
    return Number(number) > kinds[kind]
  })
  return [
    ...unknown.map(({ station }) => `no such place: ${station}`),
    ...pairs(stays)
      .filter(([a, b]) => a.station === b.station && a.dog !== b.dog && overlap(a, b))
      .map(([a, b]) => `${a.station}: ${a.dog} ${a.from} to ${a.to} and ${b.dog} ${b.from} to ${b.to}`),
  ]
}

function rolesKept(day: Day, rows: readonly Row[]): string[] {
  const kindFor = (stage: string) =>
    TABLE.includes(stage) ? 'table' : TUB.includes(stage) ? 'tub' : stage === 'dry' ? 'dryer' : null
  return rows.flatMap((row) => {
    if (row.kind !== 'hands' || row.stage === null) return []
    const role = day.people.find(({ id }) => id === row.person)?.role
    const kind = kindFor(row.stage)
    return [
      ...(role === undefined || (role === 'bather' && !BATHERS.includes(row.stage)) ? [`role: ${told(row)}`] : []),
      ...(kind !== null && !row.station?.startsWith(kind) ? [`place: ${told(row)}`] : []),
    ]
  })
}

/** One groomer does the whole trim, what is over counted in. */
function oneTrim(day: Day, rows: readonly Row[]): string[] {
  const isTrim = (stage: string | null) => stage !== null && stage !== 'look-over' && !BATHERS.includes(stage)
  return dogsOf(day).flatMap(({ id }) => {
    const done = (day.happened ?? []).filter((row) => row.dog === id && row.person !== null && isTrim(row.stage))
    const to = rows.filter((row) => row.dog === id && row.kind === 'hands' && isTrim(row.stage))
    const people = new Set([...done, ...to].map(({ person }) => person))
    return people.size > 1 ? [`trim of ${id} by ${[...people].join(' and ')}`] : []
  })
}

/** A dog keeps its tub from its first to its last tub stage. */
const tubKept = (rows: readonly Row[]): string[] =>
  [...new Set(rows.map(({ dog }) => dog))].flatMap((dog) => {
    const own = rows.filter((row) => row.dog === dog && row.kind === 'hands').sort((a, b) => a.from - b.from)
    const wet = own.filter(({ stage }) => stage !== null && TUB.includes(stage))
    const [first, last] = [wet[0], wet.at(-1)]
    if (!first || !last) return []
    const within = rows.filter((row) => row.dog === dog && row.from >= first.from && row.to <= last.to)
    return within.some(({ station }) => station !== first.station) ? [`tub of ${dog}`] : []
  })

/** Whoever put conditioner on does nothing for another dog until it is rinsed. */
const withinReach = (rows: readonly Row[]): string[] =>
  rows
    .filter(({ stage, kind }) => stage === 'condition' && kind === 'hands')
    .flatMap((put) => {
      const rinse = rows.find(({ dog, stage, kind }) => dog === put.dog && stage === 'rinse' && kind === 'hands')
      if (!rinse) return []
      const stretch = { from: put.to, to: rinse.from }
      return rows
        .filter((row) => row.person === put.person && row.dog !== put.dog && overlap(row, stretch))
        .map((row) => `conditioner of ${put.dog} left for ${told(row)}`)
    })

/** Nothing begins before now, nor before the dog or the person comes. */
function inTime(day: Day, rows: readonly Row[]): string[] {
  // A wait goes on from hands that are over.
  const begun = (row: Row) =>
    (day.happened ?? []).some(
      (seen) => seen.dog === row.dog && seen.stage === row.stage && (row.kind === 'wait' || at(seen.from) === row.from),
    )
  return rows
    .filter((row) => !begun(row))
    .filter((row) => {
      const dog = day.dogs.find(({ id }) => id === row.dog)
      const person = day.people.find(({ id }) => id === row.person)
      return row.from < at(day.now) || (dog && row.from < at(dog.bring)) || (person && row.from < at(person.from))
    })
    .map((row) => `too early: ${told(row)}`)
}
