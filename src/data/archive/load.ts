import { READ, TABLES, kindOf, type Column, type ReadTable } from '@/core/archive'
import { takeIndexes } from './indexes'
import { ownConnection } from './ownConnection'
import { quoted } from './snapshot'

/** Rows, and characters, that go to the server together: it takes 16 MB. */
const MOST_ROWS = 1000
const MOST_CHARS = 4_000_000
/** Statements a transaction: the server writes what it may have to take back as well. */
const MOST_STATEMENTS = 20

/** Rows on their way into a schema that nobody uses yet. */
export interface Loading {
  /** One row of a table; `chars` is about how long it is. */
  add(table: ReadTable, row: Record<string, unknown>, chars: number): Promise<void> | void
  addPhoto(id: string, jpeg: Buffer): Promise<void>
  /** Writes what is still held back, and puts indexes back that were taken away. */
  end(): Promise<void>
  /** Has the database count what it holds by now: else it reads a table that was empty a moment ago from end to end. */
  count(): Promise<void>
  close(): Promise<void>
}

/** Tables of which the database checks more than that JSON is JSON, which every row shows when it is read back. */
const CHECKED: ReadonlySet<ReadTable> = new Set(['photos', 'trim_card_zones'])

/** Tables that are filled beside those of an archive. */
const MADE_AGAIN = ['visit_folds', 'groom_sums', 'dog_growth']

/** How the columns that the rows of a table have are written. */
interface Way {
  table: ReadTable
  names: readonly string[]
  writers: readonly ((value: unknown) => unknown)[]
}

/** Rows that go in with one statement. */
interface Held {
  way: Way
  rows: unknown[][]
  chars: number
}

/**
 * @param schema another one than the house's own
 * @param many tables that get many rows, in a schema that goes when this is cut off
 */
export async function openLoading(schema?: string, many: readonly ReadTable[] = []): Promise<Loading> {
  const connection = await ownConnection(schema)
  // Whatever points elsewhere is read back and compared afterwards. Keys that come twice are not put off: of those the
  // database would say at the end of a transaction only that there was a fault.
  await connection.query('SET foreign_key_checks = 0')
  let isChecking = true
  const check = async (table: ReadTable) => {
    if (CHECKED.has(table) === isChecking) return
    isChecking = !isChecking
    await connection.query(`SET check_constraint_checks = ${Number(isChecking)}`)
  }
  let putBack: (() => Promise<void>) | null = await takeIndexes(connection, many)
  const photos = new Map<string, Record<string, unknown>>()
  let held: Held | null = null
  let statements = 0
  // While the server writes one statement the next is made ready.
  let written: Promise<void> = Promise.resolve()
  const write = async ({ way: { table, names }, rows }: Held) => {
    await check(table)
    if (statements === 0) await connection.beginTransaction()
    // As numbers and texts, and not as one long statement: reading that took the server a third of its work.
    await connection.batch(
      `INSERT INTO ${quoted(table)} (${names.map(quoted).join(',')}) VALUES (${names.map(() => '?').join(',')})`,
      rows,
    )
    if (++statements < MOST_STATEMENTS) return
    await connection.commit()
    statements = 0
  }
  const flush = async () => {
    await written
    if (held) written = write(held)
    held = null
    // Whoever waits for it next hears of a fault.
    written.catch(() => {})
  }
  const put = (table: ReadTable, row: Record<string, unknown>, chars: number) => {
    const now = (held ??= { way: wayOf(table, row), rows: [], chars: 0 })
    now.rows.push(valuesOf(now.way, row))
    now.chars += chars
    return now.rows.length >= MOST_ROWS || now.chars >= MOST_CHARS ? flush() : undefined
  }
  return {
    add(table, row, chars) {
      // A picture is put in when its file comes.
      if (table === 'photos') return void photos.set(String(row.id), row)
      if (held && !fits(held.way, table, row)) return flush().then(() => put(table, row, chars))
      return put(table, row, chars)
    },
    async addPhoto(id, jpeg) {
      await flush()
      await written
      const row = photos.get(id)
      if (!row) throw new Error(`The picture ${id} is not listed.`)
      const way = wayOf('photos', row)
      await check('photos')
      await connection.query(`INSERT INTO photos (${[...way.names, 'jpeg'].map(quoted).join(',')}) VALUES (?)`, [
        [...valuesOf(way, row), jpeg],
      ])
    },
    async end() {
      await flush()
      await written
      if (statements > 0) await connection.commit()
      statements = 0
      await putBack?.()
      putBack = null
    },
    count: async () =>
      void (await connection.query(`ANALYZE TABLE ${[...TABLES, ...MADE_AGAIN].map(quoted).join(', ')}`)),
    close: () => connection.end(),
  }
}

/** The database's own number for two rows with one key. */
const SAME_KEY = 1062
export const isTwice = (error: unknown): boolean => (error as { errno?: unknown }).errno === SAME_KEY

function wayOf(table: ReadTable, row: Record<string, unknown>): Way {
  const names = Object.keys(row)
  return { table, names, writers: names.map((name) => writer(READ[table][name])) }
}

const valuesOf = ({ names, writers }: Way, row: Record<string, unknown>): unknown[] =>
  names.map((name, at) => writers[at]?.(row[name]))

/** Whether a row has the same columns, in the same order, as those before it. */
function fits({ table, names }: Way, other: ReadTable, row: Record<string, unknown>): boolean {
  if (table !== other) return false
  let at = 0
  for (const name in row) if (names[at++] !== name) return false
  return at === names.length
}

function writer(column: Column | undefined): (value: unknown) => unknown {
  const kind = column && kindOf(column)
  if (kind === 'json') return (value) => (value === null ? null : JSON.stringify(value))
  if (kind === 'moment') return (value) => (value === null ? null : String(value).replace('T', ' ').replace('Z', ''))
  return (value) => value
}
