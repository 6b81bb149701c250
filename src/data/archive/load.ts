import { ARCHIVED, TABLES, kindOf, type ArchivedTable, type Column } from '@/core/archive'
import { ownConnection } from './ownConnection'
import { quoted } from './snapshot'

/** Rows a statement, and characters a statement: the server takes 16 MB. */
const MOST_ROWS = 1000
const MOST_CHARS = 4_000_000
/** Statements a transaction. */
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

const valuesOf = (table: ArchivedTable, row: Record<string, unknown>): unknown[] =>
  Object.entries(row).map(([name, value]) => kept((ARCHIVED[table] as Record<string, Column>)[name] as Column, value))

export async function openLoading(schema?: string): Promise<Loading> {
  const connection = await ownConnection(schema)
  // Whatever points elsewhere is read back and compared afterwards, so that the server need not look at each row.
  await connection.query('SET foreign_key_checks = 0, unique_checks = 0')
  const photos = new Map<string, Record<string, unknown>>()
  let held: { table: ArchivedTable; names: string[]; rows: unknown[][]; chars: number } | null = null
  let statements = 0
  // While the server writes one statement the next is made ready.
  let written: Promise<void> = Promise.resolve()
  const write = async ({ table, names, rows }: NonNullable<typeof held>) => {
    if (statements === 0) await connection.beginTransaction()
    const places = `(${names.map(() => '?').join(',')})`
    await connection.query(
      `INSERT INTO ${quoted(table)} (${names.map(quoted).join(',')}) VALUES ${rows.map(() => places).join(',')}`,
      rows.flat(),
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
      const names = Object.keys(row)
      if (held && (held.table !== table || held.names.join() !== names.join())) await flush()
      const now = (held ??= { table, names, rows: [], chars: 0 })
      now.rows.push(valuesOf(table, row))
      now.chars += chars
      if (now.rows.length >= MOST_ROWS || now.chars >= MOST_CHARS) await flush()
    },
    async addPhoto(id, jpeg) {
      await flush()
      await written
      const row = photos.get(id)
      if (!row) throw new Error(`The picture ${id} is not listed.`)
      await connection.query(`INSERT INTO photos (${[...Object.keys(row), 'jpeg'].map(quoted).join(',')}) VALUES (?)`, [
        [...valuesOf('photos', row), jpeg],
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

function kept(column: Column, value: unknown): unknown {
  if (value === null) return null
  const kind = kindOf(column)
  if (kind === 'json') return JSON.stringify(value)
  return kind === 'moment' ? String(value).replace('T', ' ').replace('Z', '') : value
}
