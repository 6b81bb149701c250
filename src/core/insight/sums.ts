import { z } from 'zod'
import { FAMILIES, StageId, familyOf } from '../stages'
import type { GroomFacts } from './facts'

const number = z.number()
const Pair = z.tuple([number, number])
type Pair = z.infer<typeof Pair>

/** What some grooms come to together. Everything in it is a sum: two of them are added, and a groom is taken out again. */
export const GroomSums = z.strictObject({
  count: number,
  doneMin: number,
  /** Grooms that were over within their slot, and within their nine in ten. */
  slotsKept: number,
  ninetyKept: number,
  /** Sums, and of how many. */
  repeat: Pair,
  worstGrade: Pair,
  /** Minutes planned and done, by kind of work. */
  families: z.partialRecord(z.enum(FAMILIES), Pair),
  /** Logarithms of done over planned, and of how many, by stage. */
  stages: z.partialRecord(StageId, Pair),
  /** Chances said, promises kept and how many, by tenth of the chance. */
  tenths: z.record(z.string(), z.tuple([number, number, number])),
})
export type GroomSums = z.infer<typeof GroomSums>

/** Sums of nothing, to add to. */
export const emptySums = (): GroomSums => ({
  count: 0,
  doneMin: 0,
  slotsKept: 0,
  ninetyKept: 0,
  repeat: [0, 0],
  worstGrade: [0, 0],
  families: {},
  stages: {},
  tenths: {},
})

const known = (value: number | null): Pair => (value === null ? [0, 0] : [value, 1])

/** The sums of one groom. */
export function sumsOf({ stages, done, doneMin, slotMin, promised, repeat, worstGrade }: GroomFacts): GroomSums {
  const families: GroomSums['families'] = {}
  const logs: GroomSums['stages'] = {}
  for (const { id, p50 } of stages) {
    const family = familyOf(id)
    const [planned, spent] = families[family] ?? [0, 0]
    const stageMin = done[id] ?? 0
    families[family] = [planned + p50, spent + stageMin]
    if (stageMin > 0 && p50 > 0) logs[id] = [Math.log(stageMin / p50), 1]
  }
  const slotKept = Number(doneMin <= slotMin)
  return {
    count: 1,
    doneMin,
    slotsKept: slotKept,
    ninetyKept: Number(doneMin <= promised.p90),
    repeat: known(repeat),
    worstGrade: known(worstGrade),
    families,
    stages: logs,
    tenths: { [Math.min(9, Math.floor(promised.chance * 10))]: [promised.chance, slotKept, 1] },
  }
}

/** Adds sums to others, which are changed. @param sign -1 takes them out */
export function addSums(to: GroomSums, more: GroomSums, sign: 1 | -1 = 1): void {
  for (const key of ['count', 'doneMin', 'slotsKept', 'ninetyKept'] as const) to[key] += sign * more[key]
  addTo(to.repeat, more.repeat, sign)
  addTo(to.worstGrade, more.worstGrade, sign)
  for (const key of ['families', 'stages', 'tenths'] as const) {
    const [own, added] = [to[key] as Record<string, number[]>, more[key] as Record<string, number[]>]
    for (const [name, sums] of Object.entries(added)) addTo((own[name] ??= sums.map(() => 0)), sums, sign)
  }
}

function addTo(to: number[], more: readonly number[], sign: number): void {
  for (let at = 0; at < more.length; at++) to[at]! += sign * (more[at] as number)
}
