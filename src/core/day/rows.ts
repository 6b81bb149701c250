import { without } from '../book'
import { clockOf, minutesOf } from '../people'
import { NONE, type State } from '../shop'
import type { DayWork } from './dayPlan'
import { bayName, type Workshop } from './workshop'

/** A row of a plan with its minutes, to be sorted and drawn. */
export interface Row extends DayWork {
  fromMin: number
  toMin: number
}

/** All rows of a plan: what is under way and to come, in the order of their starts. */
export function rowsOf(shop: Workshop, state: State): Row[] {
  const rows = shop.dogs.flatMap((_, dog) => [...dogRows(shop, state, dog)])
  return [...rows, ...bayRows(shop, state, rows)].sort(
    (a, b) => a.fromMin - b.fromMin || a.toMin - b.toMin || a.dog.localeCompare(b.dog),
  )
}

/** Rows as a plan prints them. */
export const asWork = (rows: readonly Row[]): DayWork[] =>
  rows.map(({ dog, stage, person, station, from, to, kind }) => ({ dog, stage, person, station, from, to, kind }))

function* dogRows(shop: Workshop, state: State, dog: number): Generator<Row> {
  const { floor, pieces, day, dogs } = shop
  const first = floor.first[dog] as number
  const name = dogs[dog]?.id as string
  for (const [at, piece] of (pieces[dog] ?? []).entries()) {
    const task = first + at
    if (piece.seen?.over) {
      yield* restRow(shop, state, dog, at)
      continue
    }
    const station = piece.seen ? piece.seen.station : standsIn(shop, state, task)
    const by = state.worker[task] as number
    let fromMin = piece.seen ? piece.seen.fromMin : (state.start[task] as number)
    // As planned, or as it was played: then every stage of a piece took its share.
    const taken = ((state.end[task] as number) - (state.start[task] as number)) / Math.max(1, piece.minutes)
    for (const stage of piece.stages) {
      const toMin = piece.seen ? piece.seen.endMin : fromMin + stage.minutes * taken
      const row = { dog: name, stage: stage.id, station, fromMin, toMin, from: clockOf(fromMin), to: clockOf(toMin) }
      if (piece.kind === 'cabinet') yield { ...row, person: null, kind: 'wait' }
      else yield { ...row, person: piece.seen ? piece.seen.person : (day.people[by]?.id ?? null), kind: 'hands' }
      const second = state.second[task] as number
      if (second !== NONE) yield { ...row, person: day.people[second]?.id ?? null, kind: 'holds' }
      fromMin = toMin
    }
    yield* restRow(shop, state, dog, at)
  }
}

/** Where a dog stands while a task is done; null: with its person. */
function standsIn({ unitNames }: Workshop, state: State, task: number): string | null {
  const unit = state.unit[task] as number
  if (unit !== NONE) return unitNames[unit] as string
  const bay = state.bay[task] as number
  return bay === NONE ? null : bayName(bay)
}

const asRow = (fromMin: number, toMin: number): Pick<Row, 'fromMin' | 'toMin' | 'from' | 'to' | 'person' | 'kind'> => ({
  fromMin,
  toMin,
  from: clockOf(fromMin),
  to: clockOf(toMin),
  person: null,
  kind: 'wait',
})

/** A stage's own wait after its hands, where the dog stands: conditioner works, or what a stage asks for. */
function* restRow(shop: Workshop, state: State, dog: number, at: number): Generator<Row> {
  const piece = (shop.pieces[dog] ?? [])[at]
  if (!piece || piece.kind === 'cabinet' || piece.waitMin === 0) return
  const task = (shop.floor.first[dog] as number) + at
  const fromMin = piece.seen ? piece.seen.endMin : (state.end[task] as number)
  const toMin = fromMin + piece.waitMin
  if (toMin <= shop.nowMin) return
  yield {
    dog: shop.dogs[dog]?.id as string,
    stage: piece.stages.at(-1)?.id ?? null,
    station: piece.seen ? piece.seen.station : standsIn(shop, state, task),
    ...asRow(fromMin, toMin),
  }
}

/** Stays in a bay, without the minutes in which somebody has hands on the dog there. */
function bayRows({ dogs, day, nowMin }: Workshop, { aside }: State, rows: readonly Row[]): Row[] {
  const all: Row[] = []
  for (let at = 0; at < aside.length; at += 4) {
    const [job, bay, from, to] = aside.slice(at, at + 4) as [number, number, number, number]
    const name = dogs[job]?.id as string
    const here = day.happened.find((row) => row.dog === name && row.stage === null && row.to === null)
    // Since when it has stood there is known where it stands there now.
    const stay = { from: here && from === nowMin ? minutesOf(here.from) : from, to }
    const hands = rows.filter(({ dog, kind }) => dog === name && kind === 'hands')
    for (const wait of without(
      stay,
      hands.map(({ fromMin, toMin }) => ({ from: fromMin, to: toMin })),
    ))
      all.push({ dog: name, stage: null, station: bayName(bay), ...asRow(wait.from, wait.to) })
  }
  return all
}
