import { isBathers, isTrim, minutesOf } from '../people'
import { STAGE_FACTS, type StageId } from '../stages'
import { lognormalLeft } from '../time'
import type { Happened } from './day'
import type { DogToday } from './dogs'

/** Where a stage is done: a kind of place, or wherever the dog stands. */
export type PlaceKind = 'table' | 'tub' | 'dryer' | 'cabinet'

/** A stretch of a dog's groom that one pair of hands does without a stop: one stage or several, or a wait in the cabinet. */
export interface Piece {
  stages: { id: StageId; minutes: number; medianMin: number; sigma: number }[]
  minutes: number
  kind: 'hands' | 'cabinet'
  place: PlaceKind | null
  /** What it waits after its own, before the next piece begins; in reach: whoever did it stays until the tub goes on. */
  waitMin: number
  inReach: boolean
  bathers: boolean
  trim: boolean
  held: boolean
  /** Who it is fixed to, and from when at the earliest, min; null and 0 where nothing is. */
  by: string | null
  fromMin: number
  /** What was seen of it; null: to come. */
  seen: { fromMin: number; endMin: number; person: string | null; station: string | null; over: boolean } | null
}

/** The pieces of a dog's groom in order, those first that happened. */
export function piecesOf(dog: DogToday, rows: readonly Happened[], nowMin: number, hasCabinet: boolean): Piece[] {
  const single = dog.stages.flatMap((stage) => piecesOfStage(dog, stage, rows, nowMin, hasCabinet))
  const begun = single.filter(({ seen }) => seen !== null)
  begun.sort((a, b) => (a.seen?.fromMin ?? 0) - (b.seen?.fromMin ?? 0) || Number(b.seen?.over) - Number(a.seen?.over))
  return [...begun, ...single.filter(({ seen }) => seen === null)]
}

/** No longer than this in one piece: a break has to fit between two, min. From memory. */
const MOST_AT_ONCE_MIN = 120

/** Pieces that follow each other in the same hands and place, as one: nobody leaves a dog in the middle without a reason. */
export function joined(pieces: readonly Piece[]): Piece[] {
  const all: Piece[] = []
  for (const piece of pieces) {
    const last = all.at(-1)
    if (last && goTogether(last, piece)) all[all.length - 1] = oneOf(last, piece)
    else all.push(piece)
  }
  return all
}

function goTogether(a: Piece, b: Piece): boolean {
  if (a.seen || b.seen || a.kind !== 'hands' || b.kind !== 'hands' || a.waitMin > 0) return false
  if (a.minutes + b.minutes > MOST_AT_ONCE_MIN || a.by !== b.by || b.fromMin > 0) return false
  const sameHands = a.bathers === b.bathers && a.trim === b.trim && a.held === b.held
  return sameHands && (a.place === b.place || (b.place === null && a.place !== null))
}

const oneOf = (a: Piece, b: Piece): Piece => ({
  ...a,
  stages: [...a.stages, ...b.stages],
  minutes: a.minutes + b.minutes,
  waitMin: b.waitMin,
  inReach: b.inReach,
})

function piecesOfStage(
  dog: DogToday,
  { id, handsMin, waitMin, sigma }: DogToday['stages'][number],
  rows: readonly Happened[],
  nowMin: number,
  hasCabinet: boolean,
): Piece[] {
  const { needs } = STAGE_FACTS[id]
  const mine = rows.filter(({ dog: other, stage }) => other === dog.id && stage === id)
  const inCabinet = id === 'dry' && waitMin > 0 && hasCabinet
  const hands: Piece = {
    stages: [{ id, minutes: Math.ceil(handsMin), medianMin: handsMin, sigma }],
    minutes: Math.ceil(handsMin),
    kind: 'hands',
    place: needs,
    waitMin: inCabinet ? 0 : Math.ceil(waitMin),
    inReach: id === 'condition',
    bathers: isBathers(id),
    trim: isTrim(id),
    held: dog.heldAt.has(id),
    by: fixedTo(dog, id),
    fromMin: inCabinet ? 0 : fixedFrom(dog, id),
    seen: seenOf(
      mine.filter(({ person }) => person !== null),
      nowMin,
      (spentMin) => Math.max(1, Math.ceil(lognormalLeft({ medianMin: handsMin, sigma }, spentMin).medianMin)),
    ),
  }
  if (!inCabinet) return [hands]
  const wait = Math.ceil(waitMin)
  const cabinet: Piece = {
    ...hands,
    stages: [{ id, minutes: wait, medianMin: wait, sigma: 0 }],
    minutes: wait,
    kind: 'cabinet',
    place: 'cabinet',
    held: false,
    by: null,
    fromMin: fixedFrom(dog, id),
    seen: seenOf(
      mine.filter(({ person }) => person === null),
      nowMin,
      (spentMin) => Math.max(0, wait - spentMin),
    ),
  }
  // Hands at the dryer without a cabinet before them: today it is dried without.
  return hands.seen && !cabinet.seen ? [hands] : [cabinet, hands]
}

/** One groomer does the whole trim: who is fixed to one of its stages is fixed to all. */
function fixedTo({ locks }: DogToday, id: StageId): string | null {
  const lock = locks.find(
    ({ stage, person }) => person !== undefined && (stage === id || (isTrim(id) && isTrim(stage))),
  )
  return lock?.person ?? null
}

function fixedFrom({ locks }: DogToday, id: StageId): number {
  const from = locks.find(({ stage }) => stage === id)?.from
  return from === undefined ? 0 : minutesOf(from)
}

function seenOf(rows: readonly Happened[], nowMin: number, leftMin: (spentMin: number) => number): Piece['seen'] {
  const first = rows[0]
  if (!first) return null
  const underWay = rows.find(({ to }) => to === null)
  const { person, station } = underWay ?? (rows.at(-1) as Happened)
  const fromMin = Math.min(...rows.map(({ from }) => minutesOf(from)))
  if (underWay)
    return { fromMin, endMin: nowMin + leftMin(nowMin - minutesOf(underWay.from)), person, station, over: false }
  const endMin = Math.max(...rows.map(({ to }) => minutesOf(to as string)))
  return { fromMin, endMin, person, station, over: true }
}
