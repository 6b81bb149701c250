import type { QueryInterface, Sequelize } from 'sequelize'
import { QueryTypes } from 'sequelize'
import { Umzug, SequelizeStorage } from 'umzug'
import { errorNumber, type Database } from '../connection'
import { FIRST_TABLES } from './0001-first-tables'
import { KIT_AND_PATTERNS } from './0002-kit-and-patterns'
import { MEASURES } from './0003-measures'
import { SIGNED } from './0004-signed'
import { HOUSE_CAUTIONS } from './0005-house-cautions'
import { OWN_ORDER } from './0006-own-order'
import { PHOTOS_PEOPLE_STATIONS } from './0007-photos-people-stations'
import { PACE } from './0008-pace'
import { ONE_TRUTH } from './0009-one-truth'
import { KEPT_LOG } from './0010-kept-log'
import { HOUSE_OF_ONES_OWN } from './0011-house-of-ones-own'
import { THE_BOOK } from './0012-the-book'
import { THE_TRAIL } from './0013-the-trail'
import { WHO_IS_AT_THE_TABLE } from './0014-who-is-at-the-table'
import { THE_DAY_AS_TAKEN } from './0015-the-day-as-taken'
import { PAPER_CARDS } from './0020-paper-cards'
import { TEN_YEARS } from './0021-ten-years'
import { ZONES_ON_THEIR_CARD } from './0022-zones-on-their-card'
import { GROOMS_BY_PATTERN } from './0023-grooms-by-pattern'
import { WHERE_DOORS_ARE } from './0016-where-doors-are'
import { BACKUPS } from './0017-backups'
import { BROUGHT_IN } from './0018-brought-in'
import { A_NAME_STRUCK_OUT } from './0019-a-name-struck-out'

/** Every change of the tables, oldest first. A migration that has run is never edited. */
const MIGRATIONS = [
  { name: '0001-first-tables', statements: FIRST_TABLES },
  { name: '0002-kit-and-patterns', statements: KIT_AND_PATTERNS },
  { name: '0003-measures', statements: MEASURES },
  { name: '0004-signed', statements: SIGNED },
  { name: '0005-house-cautions', statements: HOUSE_CAUTIONS },
  { name: '0006-own-order', statements: OWN_ORDER },
  { name: '0007-photos-people-stations', statements: PHOTOS_PEOPLE_STATIONS },
  { name: '0008-pace', statements: PACE },
  { name: '0009-one-truth', statements: ONE_TRUTH },
  { name: '0010-kept-log', statements: KEPT_LOG },
  { name: '0011-house-of-ones-own', statements: HOUSE_OF_ONES_OWN },
  { name: '0012-the-book', statements: THE_BOOK },
  { name: '0013-the-trail', statements: THE_TRAIL },
  { name: '0014-who-is-at-the-table', statements: WHO_IS_AT_THE_TABLE },
  { name: '0015-the-day-as-taken', statements: THE_DAY_AS_TAKEN },
  { name: '0016-where-doors-are', statements: WHERE_DOORS_ARE },
  { name: '0017-backups', statements: BACKUPS },
  { name: '0018-brought-in', statements: BROUGHT_IN },
  { name: '0019-a-name-struck-out', statements: A_NAME_STRUCK_OUT },
  { name: '0020-paper-cards', statements: PAPER_CARDS },
  { name: '0021-ten-years', statements: TEN_YEARS },
  { name: '0022-zones-on-their-card', statements: ZONES_ON_THEIR_CARD },
  { name: '0023-grooms-by-pattern', statements: GROOMS_BY_PATTERN },
]

/** Whether every change of the tables has run. */
export async function isUpToDate({ sequelize }: Database): Promise<boolean> {
  const executed = await new SequelizeStorage({ sequelize }).executed()
  return MIGRATIONS.every(({ name }) => executed.includes(name))
}

export const isMigration = (name: string): boolean => MIGRATIONS.some((each) => each.name === name)

/** What a database is refused with that a later Kovit has changed already. */
export class NewerDatabase extends Error {}

/**
 * Brings the tables up to date, going on where an earlier start was cut off. Returns the names of the migrations that ran.
 * @param last goes no further than this one
 * @throws NewerDatabase when a later Kovit has changed the tables; nothing is touched then
 */
export async function migrate({ sequelize }: Database, last?: string): Promise<string[]> {
  await sequelize.query('CREATE TABLE IF NOT EXISTS migration_steps (name VARCHAR(100) PRIMARY KEY, done INT NOT NULL)')
  const storage = new SequelizeStorage({ sequelize })
  const umzug = new Umzug<QueryInterface>({
    migrations: MIGRATIONS.map(({ name, statements }) => ({
      name,
      up: ({ context }) => runSteps(context.sequelize, name, statements),
    })),
    context: sequelize.getQueryInterface(),
    storage,
    logger: undefined,
  })
  const known = new Set(MIGRATIONS.map(({ name }) => name))
  const later = (await storage.executed()).filter((name) => !known.has(name))
  if (later.length > 0)
    throw new NewerDatabase(
      `This house was last opened by a newer Kovit (${later.join(', ')}). Start that one; nothing was changed.`,
    )
  return (await umzug.up(last === undefined ? undefined : { to: last })).map(({ name }) => name)
}

/** "Is there already" for a table, a column, an index, a trigger, a constraint. */
const THERE_ALREADY = [1050, 1060, 1061, 1359, 1826]

/**
 * Runs the statements of a migration one by one and remembers how far it came: the database cannot take back half a
 * migration. A statement whose mark was cut off may have been done, and is then there already.
 */
async function runSteps(sequelize: Sequelize, name: string, statements: readonly string[]): Promise<void> {
  const [before] = await sequelize.query<{ done: number }>('SELECT done FROM migration_steps WHERE name = ?', {
    replacements: [name],
    type: QueryTypes.SELECT,
  })
  if (!before) await sequelize.query('INSERT INTO migration_steps (name, done) VALUES (?, 0)', { replacements: [name] })
  for (const [step, statement] of statements.entries()) {
    if (before && step < before.done) continue
    try {
      await sequelize.query(statement)
    } catch (error) {
      const wasCutOff = before !== undefined && step === before.done
      if (!wasCutOff || !THERE_ALREADY.includes(errorNumber(error) ?? 0)) throw error
    }
    await sequelize.query('UPDATE migration_steps SET done = ? WHERE name = ?', { replacements: [step + 1, name] })
  }
}
