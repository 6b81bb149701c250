import { z } from 'zod'
import { CoatId } from '@/core/coat'
import { averagesOf, insightOf } from '@/core/insight'
import { mayDo } from '@/core/rights'
import { showDay } from '@/core/units'
import { countDogs } from '@/data/drawer'
import { isSumMissing, readFirstYear, readGroups, readSums } from '@/data/groomFacts'
import { readGrowths } from '@/data/growth'
import type { OpenHouse } from '../house/openHouse'
import { rebuildSums } from './rebuildFacts'
import type { Person } from '../who/whoAsks'

/** So many dogs' growth is drawn; more lines tell nothing. */
const MOST_LINES = 6
/** A growth learned from fewer measures is the table's. */
const FEWEST_MEASURES = 3

/** How far back is looked, months. */
export const SPANS = { year: 12, 'three years': 36, all: null } as const
export const Span = z.enum(Object.keys(SPANS) as [keyof typeof SPANS])

/** Of which grooms something is asked: how far back, by whom, and on which coat or in which pattern. */
export const InsightAsked = z.object({
  span: Span.catch('year').default('year'),
  by: z.coerce.number().int().positive().optional().catch(undefined),
  coat: CoatId.optional().catch(undefined),
  pattern: z.string().min(1).max(80).optional().catch(undefined),
})
export type InsightAsked = z.infer<typeof InsightAsked>

/** What the house's own grooms say. Of people only who may see all sees more than themself. */
export async function insightView(
  { span, by, coat, pattern }: InsightAsked,
  { time, timeZone, nowMs, nameOf, everybody }: OpenHouse,
  who: Pick<Person, 'id' | 'name' | 'role' | 'owner'>,
) {
  // A house that was brought back has its grooms, and not yet their sums.
  if (await isSumMissing()) await rebuildSums(timeZone)
  const everybodys = mayDo(who, 'figures')
  const ofOne = everybodys ? by : by === undefined ? undefined : who.id
  const thisMonth = time.day(nowMs).slice(0, 7)
  const months = SPANS[span]
  const thisYear = thisMonth.slice(0, 4)
  // All of it is told year by year.
  const [since, until] =
    months === null ? [(await readFirstYear()) ?? thisYear, thisYear] : [monthsBefore(thisMonth, months), thisMonth]
  const whose = ofOne ? { staffId: ofOne } : {}
  const which = pattern ? { pattern } : coat ? { coat } : {}
  const range = [since, until] as const
  const of = { ...whose, ...which }
  const [sums, coats, groomers, patterns, growth, dogs] = await Promise.all([
    readSums(range, of),
    readGroups('coat', range, of),
    readGroups('staffId', range, of),
    readGroups('pattern', range, whose),
    readGrowths(FEWEST_MEASURES, MOST_LINES),
    countDogs(),
  ])
  const named = groomers.map(({ name, ...group }) => ({ ...group, name: nameOf(Number(name)) }))
  const insight = insightOf({ months: sums, coats, groomers: named })
  const byGroomer = insight.byGroomer.filter(({ name }) => everybodys || name === who.name)
  return {
    insight: { ...insight, byGroomer },
    everybodys,
    /** Of all coats: sums of a pattern know none. */
    byPattern: averagesOf(patterns),
    asked: { span, by: ofOne ?? null, coat: pattern ? null : (coat ?? null), pattern: pattern ?? null },
    /** Who can be asked for. */
    people: everybodys ? everybody.map(({ id, name }) => ({ id, name })) : [{ id: who.id, name: who.name }],
    since: months === null ? since : `${showDay(`${since}-01`)} ${since.slice(0, 4)}`,
    growth: { ...growth, dogs: dogs.all },
  }
}

/** @example monthsBefore('2027-03', 12) // '2026-03' */
function monthsBefore(month: string, months: number): string {
  const count = Number(month.slice(0, 4)) * 12 + Number(month.slice(5)) - 1 - months
  return `${Math.floor(count / 12)}-${String((count % 12) + 1).padStart(2, '0')}`
}
