import { z } from 'zod'
import { CoatId } from '../coat'
import { StageId, familyOf, type Family } from '../stages'

const minutes = z.number().nonnegative()

/** What the house learns from one groom that was wrapped up, as it is written at the close. Minutes throughout. */
export const GroomFacts = z.strictObject({
  coat: CoatId,
  /** Planned hands-on minutes. */
  stages: z.array(z.strictObject({ id: StageId, p50: minutes })),
  /** Hands-on minutes as they were. */
  done: z.partialRecord(StageId, minutes),
  /** From the first stage to the end, waits and pauses with it. */
  doneMin: minutes,
  slotMin: minutes,
  /** What was promised before it began. */
  promised: z.strictObject({ p90: minutes, chance: z.number() }),
  /** 0 to 100; null where nothing was cut. */
  repeat: z.number().nullable(),
  /** The worst grade of the day; null when none was noted. */
  worstGrade: z.number().nullable(),
})
export type GroomFacts = z.infer<typeof GroomFacts>

/** The facts of a groom, with when and by whom. */
export interface Groomed extends GroomFacts {
  /** Calendar month, `2026-11`. */
  month: string
  groomer: string
}

export interface Kept {
  kept: number
  count: number
}

export interface Insight {
  grooms: number
  byFamily: { family: Family; plannedMin: number; doneMin: number }[]
  byCoat: { name: string; minutes: number; count: number }[]
  byGroomer: { name: string; minutes: number; count: number }[]
  /** Of all promises of nine in ten, how many held. */
  ninety: Kept
  /** Promises by tenth of the chance that was said. */
  tenths: { said: number; kept: number; count: number }[]
  /** How much longer than planned a stage takes, % of plan; the furthest first. */
  bias: { stage: StageId; percent: number; count: number }[]
  months: { month: string; slotsKept: number; repeat: number | null; worstGrade: number | null; count: number }[]
}

const FAMILIES: readonly Family[] = ['look', 'prepare', 'bath', 'dry', 'clip', 'scissor']
/** Fewer looks than this are chance, and left out. */
const FEWEST = 3

const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length)
const meanOrNull = (values: readonly (number | null)[]): number | null => {
  const known = values.filter((value) => value !== null)
  return known.length === 0 ? null : mean(known)
}

function groupBy<T, K>(items: readonly T[], keyOf: (item: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>()
  for (const item of items) groups.set(keyOf(item), [...(groups.get(keyOf(item)) ?? []), item])
  return groups
}

const held = ({ doneMin, slotMin }: Groomed): boolean => doneMin <= slotMin

/** What many grooms tell together. */
export function insightOf(grooms: readonly Groomed[]): Insight {
  const averages = (keyOf: (groom: Groomed) => string) =>
    [...groupBy(grooms, keyOf)]
      .map(([name, each]) => ({
        name,
        minutes: Math.round(mean(each.map(({ doneMin }) => doneMin))),
        count: each.length,
      }))
      .sort((a, b) => b.minutes - a.minutes)
  const tenths = [...groupBy(grooms, ({ promised }) => Math.min(9, Math.floor(promised.chance * 10)))].sort(
    ([a], [b]) => a - b,
  )
  return {
    grooms: grooms.length,
    byFamily: FAMILIES.map((family) => familyMinutes(family, grooms)),
    byCoat: averages(({ coat }) => coat),
    byGroomer: averages(({ groomer }) => groomer),
    ninety: { kept: grooms.filter(({ doneMin, promised }) => doneMin <= promised.p90).length, count: grooms.length },
    tenths: tenths
      .filter(([, each]) => each.length >= FEWEST)
      .map(([, each]) => ({
        said: mean(each.map(({ promised }) => promised.chance)),
        kept: each.filter(held).length / each.length,
        count: each.length,
      })),
    bias: biasOf(grooms),
    months: [...groupBy(grooms, ({ month }) => month)]
      .sort(([a], [b]) => a.localeCompare(b))
      .map(([month, each]) => ({
        month,
        count: each.length,
        slotsKept: each.filter(held).length / each.length,
        repeat: meanOrNull(each.map(({ repeat }) => repeat)),
        worstGrade: meanOrNull(each.map(({ worstGrade }) => worstGrade)),
      })),
  }
}

function familyMinutes(family: Family, grooms: readonly Groomed[]): Insight['byFamily'][0] {
  const sums = grooms.map(({ stages, done }) => {
    const there = stages.filter(({ id }) => familyOf(id) === family)
    return {
      planned: there.reduce((sum, { p50 }) => sum + p50, 0),
      done: there.reduce((sum, { id }) => sum + (done[id] ?? 0), 0),
    }
  })
  return { family, plannedMin: mean(sums.map(({ planned }) => planned)), doneMin: mean(sums.map(({ done }) => done)) }
}

/** Geometric means, so that twice and half as long even out. */
function biasOf(grooms: readonly Groomed[]): Insight['bias'] {
  const logs = new Map<StageId, number[]>()
  for (const { stages, done } of grooms)
    for (const { id, p50 } of stages) {
      const doneMin = done[id] ?? 0
      if (doneMin > 0 && p50 > 0) logs.set(id, [...(logs.get(id) ?? []), Math.log(doneMin / p50)])
    }
  return [...logs]
    .filter(([, each]) => each.length >= FEWEST)
    .map(([stage, each]) => ({ stage, percent: Math.round((Math.exp(mean(each)) - 1) * 100), count: each.length }))
    .sort((a, b) => Math.abs(b.percent) - Math.abs(a.percent))
}
