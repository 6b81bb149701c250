import { QueryTypes, type WhereOptions } from 'sequelize'
import { GroomFacts, GroomSums, addSums, emptySums, sumsOf } from '@/core/insight'
import { HELD, database, inTransaction } from './connection'
import { jsonOf } from './jsonOf'
import type { Row } from './models'
import type { GroomFactsFields, GroomSumsFields } from './models/rows'

const FACTS_FORMAT = 1

export interface StoredFacts {
  visitId: number
  dogId: number
  staffId: number
  startedMs: number
  facts: GroomFacts
}

/** Sums of some grooms: by calendar month, groomer and coat. */
export interface SummedCell {
  month: string
  staffId: number
  coat: string
  sums: GroomSums
}

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

/** What is to be added to the sums. */
class Sums {
  private readonly cells = new Map<string, SummedCell>()

  /** To its month, and to its year, which is a month of four figures. */
  add(month: string, staffId: number, facts: GroomFacts, sign: 1 | -1 = 1): void {
    const { coat } = facts
    const sums = sumsOf(facts)
    for (const span of [month, month.slice(0, YEAR_CHARS)]) {
      const key = keyOf({ month: span, staffId, coat })
      const cell = this.cells.get(key) ?? { month: span, staffId, coat, sums: emptySums() }
      addSums(cell.sums, sums, sign)
      this.cells.set(key, cell)
    }
  }

  /** All of them read and written together, in one order, so that two that add at once never wait for each other. */
  async keep(): Promise<void> {
    const { groomSums } = database().models
    const moved = [...this.cells].sort(([a], [b]) => a.localeCompare(b)).map(([, cell]) => cell)
    const all = (key: 'month' | 'staffId' | 'coat') => [...new Set(moved.map((cell) => cell[key]))]
    const rows = await groomSums.findAll({
      where: { month: all('month'), staffId: all('staffId'), coat: all('coat') } as WhereOptions<GroomSumsFields>,
      order: [
        ['month', 'ASC'],
        ['staffId', 'ASC'],
        ['coat', 'ASC'],
      ],
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

const keyOf = ({ month, staffId, coat }: Pick<SummedCell, 'month' | 'staffId' | 'coat'>): string =>
  `${month} ${staffId} ${coat}`

/** The sums of a span of months, or of years, the last one included. @param of one groomer or one coat; all when left out */
export async function readSums(
  [from, to]: readonly [from: string, to: string],
  of: { staffId?: number; coat?: string } = {},
): Promise<SummedCell[]> {
  const only = `${of.staffId === undefined ? '' : 'AND staff_id = :staffId'} ${of.coat === undefined ? '' : 'AND coat = :coat'}`
  const rows = await database().sequelize.query<GroomSumsFields>(
    `SELECT month, staff_id AS staffId, coat, sums FROM groom_sums
     WHERE month BETWEEN :from AND :to AND CHAR_LENGTH(month) = :chars ${only}`,
    { type: QueryTypes.SELECT, replacements: { from, to, chars: from.length, ...of } },
  )
  return rows.map(({ sums, ...cell }) => ({ ...cell, sums: JSON.parse(sums) as GroomSums }))
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
