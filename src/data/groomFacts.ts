import { QueryTypes, type WhereOptions } from 'sequelize'
import { GroomFacts, GroomSums, NO_PATTERN, addSums, emptySums, sumsOf } from '@/core/insight'
import { Request } from '@/core/request'
import { HELD, database, inTransaction } from './connection'
import { jsonOf } from './jsonOf'
import type { Row } from './models'
import type { GroomFactsFields, GroomSumsFields } from './models/rows'

/** 2: with the pattern. */
export const FACTS_FORMAT = 2

export interface StoredFacts {
  visitId: number
  dogId: number
  staffId: number
  startedMs: number
  facts: GroomFacts
}

/** Sums of grooms of a month or a year, of a groomer or everybody, of a coat, a pattern or all. */
type SummedCell = Omit<GroomSumsFields, 'sums'> & { sums: GroomSums }

/** In sums of everybody, of every coat and of every pattern. */
const OF_ALL = { staffId: 0, coat: '', pattern: '' }

/**
 * Writes what the house learns from a groom, and adds it to the sums; written again after an amendment, when what it said
 * before is taken out of them.
 * @param month in which the groom counts, by the house's own clock
 */
export function keepFacts({ startedMs, facts, ...ids }: StoredFacts, month: string): Promise<void> {
  return inTransaction(async () => {
    const { groomFacts } = database().models
    const before = await groomFacts.findByPk(ids.visitId, HELD)
    const sums = new Sums()
    if (before?.summedIn) sums.add(before.summedIn, before.staffId, factsIn(before), -1)
    sums.add(month, ids.staffId, facts)
    await groomFacts.upsert({
      ...ids,
      startedAt: new Date(startedMs),
      format: FACTS_FORMAT,
      facts: JSON.stringify(facts),
      summedIn: month,
    })
    await sums.keep()
  })
}

/**
 * Adds grooms to the sums that are in none yet: those from before there were any, and of a house that was brought back.
 * Those that began together are added together: they are of few months.
 * @returns how many were added; none when it is done
 */
export function sumMissing(monthOf: (startedMs: number) => string, most = 2000): Promise<number> {
  return inTransaction(async () => {
    const { groomFacts } = database().models
    const rows = await groomFacts.findAll({
      where: { summedIn: null },
      order: [['startedAt', 'ASC']],
      limit: most,
      ...HELD,
    })
    const sums = new Sums()
    const inMonth = new Map<string, number[]>()
    for (const row of rows) {
      const month = monthOf(row.startedAt.getTime())
      sums.add(month, row.staffId, factsIn(row))
      const known = inMonth.get(month)
      if (known) known.push(row.visitId)
      else inMonth.set(month, [row.visitId])
    }
    await sums.keep()
    for (const [month, visitId] of inMonth) await groomFacts.update({ summedIn: month }, { where: { visitId } })
    return rows.length
  })
}

/** Forgets all sums, so that they are made again. */
export const dropSums = (): Promise<void> =>
  inTransaction(async () => {
    await database().models.groomSums.destroy({ where: {} })
    await database().models.groomFacts.update({ summedIn: null }, { where: {} })
  })

const factsIn = ({ facts }: Row<GroomFactsFields>): GroomFacts => jsonOf(GroomFacts, facts)

const YEAR_CHARS = 4
const asYear = (month: string): string => `Y${month.slice(0, YEAR_CHARS)}`

/** What is to be added to the sums. */
class Sums {
  /** By month, groomer, coat and pattern. */
  private readonly added = new Map<string, SummedCell>()

  add(month: string, staffId: number, facts: GroomFacts, sign: 1 | -1 = 1): void {
    const cell = { month, staffId, coat: facts.coat, pattern: facts.pattern ?? NO_PATTERN }
    addTo(this.added, cell, sumsOf(facts), sign)
  }

  /** Each groom counts for its groomer and for everybody, among all, those of its coat and of its pattern, in month and year. */
  private spread(): SummedCell[] {
    const cells = new Map<string, SummedCell>()
    for (const { month, staffId, coat, pattern, sums } of this.added.values())
      for (const span of [month, asYear(month)])
        for (const whose of [staffId, OF_ALL.staffId]) {
          const of = { ...OF_ALL, month: span, staffId: whose }
          for (const cell of [of, { ...of, coat }, { ...of, pattern }]) addTo(cells, cell, sums)
        }
    return [...cells].sort(([a], [b]) => a.localeCompare(b)).map(([, cell]) => cell)
  }

  /** All of them read and written together, in one order, so that two that add at once never wait for each other. */
  async keep(): Promise<void> {
    const { groomSums } = database().models
    const moved = this.spread()
    const all = (key: keyof CellOf) => [...new Set(moved.map((cell) => cell[key]))]
    const rows = await groomSums.findAll({
      where: Object.fromEntries(KEYS.map((key) => [key, all(key)])) as WhereOptions<GroomSumsFields>,
      order: KEYS.map((key) => [key, 'ASC']),
      ...HELD,
    })
    const there = new Map(rows.map((row) => [keyOf(row), jsonOf(GroomSums, row.sums)]))
    const summed = moved.map((cell) => {
      const sums = there.get(keyOf(cell)) ?? emptySums()
      addSums(sums, cell.sums)
      return { ...cell, sums: JSON.stringify(sums) }
    })
    await groomSums.bulkCreate(summed, { updateOnDuplicate: ['sums'] })
  }
}

type CellOf = Omit<SummedCell, 'sums'>
const KEYS = ['staffId', 'coat', 'pattern', 'month'] as const satisfies (keyof CellOf)[]
const keyOf = (cell: CellOf): string => KEYS.map((key) => cell[key]).join(' ')

function addTo(cells: Map<string, SummedCell>, cell: CellOf, more: GroomSums, sign: 1 | -1 = 1): void {
  const known = cells.get(keyOf(cell)) ?? { ...cell, sums: emptySums() }
  addSums(known.sums, more, sign)
  cells.set(keyOf(cell), known)
}

/** Of whose grooms, of which coat or of which pattern; of all when left out. */
export interface SumsOf {
  staffId?: number
  coat?: string
  pattern?: string
}

/** From when to when, the last one included: two months, or two years. */
export type SumsSpan = readonly [from: string, to: string]

/** The sums of each month, or of each year, of a span. */
export async function readSums(span: SumsSpan, of: SumsOf = {}): Promise<{ month: string; sums: GroomSums }[]> {
  const rows = await database().sequelize.query<{ month: string; sums: string }>(
    `SELECT month, sums FROM groom_sums
     WHERE staff_id = :staffId AND coat = :coat AND pattern = :pattern AND month BETWEEN :from AND :to`,
    { type: QueryTypes.SELECT, replacements: { ...keysOf(span), ...OF_ALL, ...of } },
  )
  return rows.map(({ month, sums }) => ({ month: month.replace('Y', ''), sums: JSON.parse(sums) as GroomSums }))
}

const COLUMNS = { staffId: 'staff_id', coat: 'coat', pattern: 'pattern' } as const

/** How many grooms of a span there were by each groomer, on each coat or in each pattern, and their minutes together. */
export async function readGroups(
  by: keyof SumsOf,
  span: SumsSpan,
  of: SumsOf = {},
): Promise<{ name: string; count: number; doneMin: number }[]> {
  const which = (Object.keys(COLUMNS) as (keyof SumsOf)[]).map(
    (key) => `${COLUMNS[key]} ${key === by && of[key] === undefined ? '<>' : '='} :${key}`,
  )
  const rows = await database().sequelize.query<{ name: string | number; count: number; doneMin: number }>(
    `SELECT ${COLUMNS[by]} AS name, SUM(grooms) AS count, SUM(done_min) AS doneMin FROM groom_sums FORCE INDEX (groups_of_a_month)
     WHERE month BETWEEN :from AND :to AND ${which.join(' AND ')} GROUP BY ${COLUMNS[by]}`,
    { type: QueryTypes.SELECT, replacements: { ...keysOf(span), ...OF_ALL, ...of } },
  )
  return rows.map(({ name, count, doneMin }) => ({
    name: String(name),
    count: Number(count),
    doneMin: Number(doneMin),
  }))
}

const keysOf = (span: SumsSpan) => {
  const [from, to] = span.map((end) => (end.length === YEAR_CHARS ? asYear(end) : end))
  return { from, to }
}

/** The pattern of a dog's last groom that began before a moment; null: none, or none was named. */
export async function readPatternBefore(dogId: number, beforeMs: number): Promise<string | null> {
  const [row] = await database().sequelize.query<{ pattern: string | null }>(
    `SELECT JSON_VALUE(known.facts, '$.pattern') AS pattern FROM visits AS visit
       JOIN groom_facts AS known ON known.visit_id = visit.id
     WHERE visit.dog_id = :dogId AND visit.started_at < :before ORDER BY visit.started_at DESC LIMIT 1`,
    { type: QueryTypes.SELECT, replacements: { dogId, before: new Date(beforeMs) } },
  )
  return row?.pattern ?? null
}

/** Grooms of some dogs of which one is from before its pattern was kept, each dog's together and in order; none when it is done. */
export async function readWithoutPattern(dogs: number) {
  const rows = await database().sequelize.query<{ visitId: number; dogId: number; dog: string; request: string }>(
    `SELECT visit.id AS visitId, visit.dog_id AS dogId, dog.name AS dog, booking.request
     FROM (SELECT DISTINCT dog_id FROM groom_facts WHERE format < :format ORDER BY dog_id LIMIT :dogs) AS those
       JOIN visits AS visit ON visit.dog_id = those.dog_id JOIN groom_facts AS known ON known.visit_id = visit.id
       JOIN bookings AS booking ON booking.id = visit.booking_id JOIN dogs AS dog ON dog.id = visit.dog_id
     ORDER BY visit.dog_id, visit.started_at`,
    { type: QueryTypes.SELECT, replacements: { format: FACTS_FORMAT, dogs } },
  )
  return rows.map(({ request, ...row }) => ({ ...row, request: jsonOf(Request, request) }))
}

/** Keeps a pattern with grooms from before it was kept; what somebody wrote meanwhile stays. They are in no sums yet. */
export async function keepPattern(pattern: string | null, visitIds: readonly number[]): Promise<void> {
  await database().sequelize.query(
    `UPDATE groom_facts SET facts = JSON_SET(facts, '$.pattern', :pattern), format = :format
     WHERE visit_id IN (:visitIds) AND format < :format`,
    { replacements: { pattern, visitIds: [...visitIds], format: FACTS_FORMAT } },
  )
}

/** The first year of which anything is known; null: none. */
export async function readFirstYear(): Promise<string | null> {
  const first = await database().models.groomSums.findOne({ attributes: ['month'], order: [['month', 'ASC']] })
  return first?.month.slice(0, YEAR_CHARS) ?? null
}

/** Whether some grooms are in no sums yet. */
export const isSumMissing = async (): Promise<boolean> =>
  (await database().models.groomFacts.findOne({ attributes: ['visitId'], where: { summedIn: null } })) !== null

/** Of some visits the hands-on minutes, where they are known. */
export async function readMinutesOf(visitIds: readonly number[]): Promise<Map<number, number>> {
  const rows = await database().models.groomFacts.findAll({ where: { visitId: [...visitIds] } })
  return new Map(rows.map((row) => [row.visitId, sumMin(factsIn(row).done)]))
}

const sumMin = (minutes: GroomFacts['done']): number => Object.values(minutes).reduce((sum, each) => sum + each, 0)
