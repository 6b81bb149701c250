import { QueryTypes } from 'sequelize'
import { ARCHIVED, kindOf, type ArchivedTable, type Column } from '@/core/archive'
import { database } from './connection'

/** The household, and those that were found to be the same one. */
const HOMES = '(SELECT id FROM households WHERE id = :home OR joined_into = :home)'
const DOGS = `(SELECT id FROM dogs WHERE household_id IN ${HOMES})`
const VISITS = `(SELECT id FROM visits WHERE dog_id IN ${DOGS})`
const BOOKINGS = `(SELECT id FROM bookings WHERE dog_id IN ${DOGS})`

/** Whatever hangs on a household, and by which columns a row of it is found again. Its people are struck out by themselves. */
const HANGS: readonly { table: ArchivedTable; key: readonly string[]; where: string }[] = [
  { table: 'households', key: ['id'], where: `id IN ${HOMES}` },
  { table: 'dogs', key: ['id'], where: `household_id IN ${HOMES}` },
  { table: 'bookings', key: ['id'], where: `dog_id IN ${DOGS}` },
  { table: 'repeats', key: ['id'], where: `dog_id IN ${DOGS}` },
  { table: 'waiting', key: ['id'], where: `dog_id IN ${DOGS}` },
  { table: 'said_words', key: ['id'], where: `dog_id IN ${DOGS}` },
  { table: 'trim_cards', key: ['id'], where: `dog_id IN ${DOGS}` },
  { table: 'visits', key: ['id'], where: `dog_id IN ${DOGS}` },
  { table: 'visit_events', key: ['id'], where: `visit_id IN ${VISITS}` },
  {
    table: 'file_changes',
    key: ['id'],
    where: `(of_kind = 'household' AND of_id IN ${HOMES}) OR (of_kind IN ('dog', 'taken-in', 'card') AND of_id IN ${DOGS})
      OR (of_kind = 'booking' AND of_id IN ${BOOKINGS})`,
  },
  // A decision about a day names whom to tell; days are few, and told by no household.
  { table: 'day_deeds', key: ['day', 'no'], where: '1 = 1' },
]

type Row = Record<string, unknown>

/**
 * Strikes texts out of everything that hangs on a household.
 * @param strike of a text, and of what is kept as JSON
 * @param dry counts only
 * @returns how many rows that are
 */
export async function strikeOut(home: number, strike: (kept: unknown) => unknown, dry: boolean): Promise<number> {
  let struck = 0
  for (const { table, key, where } of HANGS) {
    const columns = Object.entries<Column>(ARCHIVED[table])
      .filter(([name, column]) => ['text', 'json'].includes(kindOf(column)) && !key.includes(name))
      .map(([name, column]) => ({ name, isJson: kindOf(column) === 'json' }))
    const names = [...key, ...columns.map(({ name }) => name)].map((name) => `\`${name}\``).join(', ')
    const rows = await ask<Row>(`SELECT ${names} FROM ${table} WHERE ${where}`, { home })
    for (const row of rows) {
      const changes = columns.flatMap(({ name, isJson }) => changeOf(name, row[name], isJson, strike))
      if (changes.length === 0) continue
      struck++
      if (!dry) await put(table, key, row, changes)
    }
  }
  return struck
}

function changeOf(
  name: string,
  value: unknown,
  isJson: boolean,
  strike: (kept: unknown) => unknown,
): [string, string][] {
  if (typeof value !== 'string') return []
  const struck = isJson ? JSON.stringify(strike(JSON.parse(value))) : String(strike(value))
  const before = isJson ? JSON.stringify(JSON.parse(value)) : value
  return struck === before ? [] : [[name, struck]]
}

async function put(
  table: string,
  key: readonly string[],
  row: Row,
  changes: readonly [string, string][],
): Promise<void> {
  const set = changes.map(([name]) => `\`${name}\` = ?`).join(', ')
  const found = key.map((name) => `\`${name}\` = ?`).join(' AND ')
  await database().sequelize.query(`UPDATE ${table} SET ${set} WHERE ${found}`, {
    replacements: [...changes.map(([, value]) => value), ...key.map((name) => row[name])],
  })
}

const ask = <T extends object>(sql: string, replacements: Row): Promise<T[]> =>
  database().sequelize.query<T>(sql, { type: QueryTypes.SELECT, replacements })

/** Lets the names in what was signed be struck out for as long as this works, in the transaction that it works in. */
export async function whileForgetting<T>(work: () => Promise<T>): Promise<T> {
  const { sequelize } = database()
  await sequelize.query('SET @kovit_forgets = 1')
  try {
    return await work()
  } finally {
    await sequelize.query('SET @kovit_forgets = NULL')
  }
}

const OF_HOME = `(visit_id IN ${VISITS} OR dog_id IN ${DOGS})`

/** Takes away the pictures of a household's dogs and of their paper cards, and what messages said. @returns how many were there */
export async function takeAwayOfHome(home: number, dry: boolean): Promise<{ photos: number; messages: number }> {
  const count = async (sql: string) => Number((await ask<{ n: number }>(sql, { home }))[0]?.n)
  const photos = await count(`SELECT COUNT(*) AS n FROM photos WHERE ${OF_HOME}`)
  const messages = await count(`SELECT COUNT(*) AS n FROM said_words WHERE dog_id IN ${DOGS}`)
  if (!dry) {
    const { sequelize } = database()
    await sequelize.query(`DELETE FROM photos WHERE ${OF_HOME}`, { replacements: { home } })
    await sequelize.query(`UPDATE said_words SET words = '' WHERE dog_id IN ${DOGS}`, { replacements: { home } })
  }
  return { photos, messages }
}

/** What is made again from the rows, and still holds what stood in them. */
export async function dropMadeOf(home: number): Promise<void> {
  const { sequelize } = database()
  await sequelize.query(`DELETE FROM visit_folds WHERE visit_id IN ${VISITS}`, { replacements: { home } })
  await sequelize.query(`DELETE FROM booked_fits WHERE booking_id IN ${BOOKINGS}`, { replacements: { home } })
  await sequelize.query('DELETE FROM brought_pieces')
}
