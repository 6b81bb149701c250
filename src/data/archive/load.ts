import { ARCHIVED, TABLES, kindOf, type ArchivedTable, type Column } from '@/core/archive'
import { ownConnection } from './ownConnection'
import { quoted } from './snapshot'

/** Rows a statement, and characters a statement: the server takes 16 MB. */
const MOST_ROWS = 1000
const MOST_CHARS = 4_000_000
/** Statements a transaction. One for a whole table is sorted as a whole by the server, which takes it twice the work. */
const MOST_STATEMENTS = 20

/** Rows on their way into a schema that nobody uses yet. */
export interface Loading {
  /** One row of a table; `chars` is about how long it is. */
  add(table: ArchivedTable, row: Record<string, unknown>, chars: number): Promise<void>
  addPhoto(id: string, jpeg: Buffer): Promise<void>
  /** Writes what is still held back. */
  end(): Promise<void>
  /** Has the database count what it holds by now: else it reads a table that was empty a moment ago from end to end. */
  count(): Promise<void>
  close(): Promise<void>
}

/** Tables that are filled beside those of an archive. */
const MADE_AGAIN = ['visit_folds', 'groom_sums', 'dog_growth']

/** How the columns that the rows of a table have are written. */
interface Way {
  table: ArchivedTable
  names: readonly string[]
  writers: readonly ((value: unknown) => unknown)[]
}

/** Rows that go in with one statement. */
interface Held {
  way: Way
  values: unknown[]
  rows: number
  chars: number
}

export async function openLoading(schema?: string): Promise<Loading> {
  const connection = await ownConnection(schema)
  // Whatever points elsewhere is read back and compared afterwards, so that the server need not look at each row.
  await connection.query('SET foreign_key_checks = 0, unique_checks = 0')
  const photos = new Map<string, Record<string, unknown>>()
  let held: Held | null = null
  let statements = 0
  // While the server writes one statement the next is made ready.
  let written: Promise<void> = Promise.resolve()
  const write = async ({ way: { table, names }, values, rows }: Held) => {
    if (statements === 0) await connection.beginTransaction()
    const places = `(${names.map(() => '?').join(',')})`
    await connection.query(
      `INSERT INTO ${quoted(table)} (${names.map(quoted).join(',')}) VALUES ${Array(rows).fill(places).join(',')}`,
      values,
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
  return {
    async add(table, row, chars) {
      // A picture is put in when its file comes.
      if (table === 'photos') return void photos.set(String(row.id), row)
      if (held && !fits(held.way, table, row)) await flush()
      const now = (held ??= { way: wayOf(table, row), values: [], rows: 0, chars: 0 })
      for (const [at, name] of now.way.names.entries()) now.values.push(now.way.writers[at]?.(row[name]))
      now.rows++
      now.chars += chars
      if (now.rows >= MOST_ROWS || now.chars >= MOST_CHARS) await flush()
    },
    async addPhoto(id, jpeg) {
      await flush()
      await written
      const row = photos.get(id)
      if (!row) throw new Error(`The picture ${id} is not listed.`)
      const { names, writers } = wayOf('photos', row)
      const values = names.map((name, at) => writers[at]?.(row[name]))
      await connection.query(`INSERT INTO photos (${[...names, 'jpeg'].map(quoted).join(',')}) VALUES (?)`, [
        [...values, jpeg],
      ])
    },
    async end() {
      await flush()
      await written
      if (statements > 0) await connection.commit()
      statements = 0
    },
    count: async () =>
      void (await connection.query(`ANALYZE TABLE ${[...TABLES, ...MADE_AGAIN].map(quoted).join(', ')}`)),
    close: () => connection.end(),
  }
}

function wayOf(table: ArchivedTable, row: Record<string, unknown>): Way {
  const columns: Readonly<Record<string, Column>> = ARCHIVED[table]
  const names = Object.keys(row)
  return { table, names, writers: names.map((name) => writer(columns[name])) }
}

/** Whether a row has the same columns, in the same order, as those before it. */
function fits({ table, names }: Way, other: ArchivedTable, row: Record<string, unknown>): boolean {
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
