import { FAMILIES, type Family, type StageId } from '../stages'
import { addSums, emptySums, type GroomSums } from './sums'

/** What the grooms of a month by one groomer on one coat, or in one pattern, come to. */
export interface GroomCell {
  /** Calendar month, `2026-11`, or a year. */
  month: string
  coat: string
  groomer: string
  sums: GroomSums
}

/** Minutes of a groom on average, from its first stage to its end. */
export interface Average {
  name: string
  minutes: number
  count: number
}

export interface Kept {
  kept: number
  count: number
}

export interface Insight {
  grooms: number
  byFamily: { family: Family; plannedMin: number; doneMin: number }[]
  byCoat: Average[]
  byGroomer: Average[]
  /** Of all promises of nine in ten, how many held. */
  ninety: Kept
  /** Promises by tenth of the chance that was said. */
  tenths: { said: number; kept: number; count: number }[]
  /** How much longer than planned a stage takes, % of plan; the furthest first. */
  bias: { stage: StageId; percent: number; count: number }[]
  months: { month: string; slotsKept: number; repeat: number | null; worstGrade: number | null; count: number }[]
}

/** Fewer looks than this are chance, and left out. */
const FEWEST = 3

/** What many grooms tell together. */
export function insightOf(cells: readonly GroomCell[]): Insight {
  const all = emptySums()
  for (const { sums } of cells) addSums(all, sums)
  const averages = (keyOf: (cell: GroomCell) => string) =>
    averagesOf([...groupBy(cells, keyOf)].map(([name, few]) => ({ name, ...few })))
  return {
    grooms: all.count,
    byFamily: FAMILIES.map((family) => {
      const [planned, done] = all.families[family] ?? [0, 0]
      const grooms = Math.max(1, all.count)
      return { family, plannedMin: planned / grooms, doneMin: done / grooms }
    }),
    byCoat: averages(({ coat }) => coat),
    byGroomer: averages(({ groomer }) => groomer),
    ninety: { kept: all.ninetyKept, count: all.count },
    tenths: Object.entries(all.tenths)
      .sort(([a], [b]) => Number(a) - Number(b))
      .filter(([, [, , count]]) => count >= FEWEST)
      .map(([, [said, kept, count]]) => ({ said: said / count, kept: kept / count, count })),
    bias: biasOf(all.stages),
    months: [...groupBy(cells, ({ month }) => month)]
      .sort(([a], [b]) => a.localeCompare(b))
      .map(([month, { count, slotsKept, repeat, worstGrade }]) => ({
        month,
        count,
        slotsKept: slotsKept / count,
        repeat: meanOf(repeat),
        worstGrade: meanOf(worstGrade),
      })),
  }
}

/** Minutes of a groom by name, the longest first. */
export const averagesOf = (groups: readonly { name: string; count: number; doneMin: number }[]): Average[] =>
  groups
    .filter(({ count }) => count > 0)
    .map(({ name, doneMin, count }) => ({ name, minutes: Math.round(doneMin / count), count }))
    .sort((a, b) => b.minutes - a.minutes)

const meanOf = ([sum, count]: readonly [number, number]): number | null => (count === 0 ? null : sum / count)

type Few = Pick<GroomSums, 'count' | 'doneMin' | 'slotsKept' | 'repeat' | 'worstGrade'>

/** What a name of a group needs, and no more: ten years are thousands of cells. */
function groupBy(cells: readonly GroomCell[], keyOf: (cell: GroomCell) => string): Map<string, Few> {
  const groups = new Map<string, Few>()
  for (const cell of cells) {
    const { count, doneMin, slotsKept, repeat, worstGrade } = cell.sums
    const key = keyOf(cell)
    const was = groups.get(key)
    groups.set(key, {
      count: (was?.count ?? 0) + count,
      doneMin: (was?.doneMin ?? 0) + doneMin,
      slotsKept: (was?.slotsKept ?? 0) + slotsKept,
      repeat: added(was?.repeat, repeat),
      worstGrade: added(was?.worstGrade, worstGrade),
    })
  }
  return groups
}

const added = (was: Few['repeat'] = [0, 0], [sum, count]: Few['repeat']): Few['repeat'] => [
  was[0] + sum,
  was[1] + count,
]

/** Geometric means, so that twice and half as long even out. */
const biasOf = (stages: GroomSums['stages']): Insight['bias'] =>
  (Object.entries(stages) as [StageId, readonly [number, number]][])
    .filter(([, [, count]]) => count >= FEWEST)
    .map(([stage, [logs, count]]) => ({ stage, percent: Math.round((Math.exp(logs / count) - 1) * 100), count }))
    .sort((a, b) => Math.abs(b.percent) - Math.abs(a.percent))
