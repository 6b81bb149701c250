import { ARCHIVED, kindOf, type ArchivedTable, type Column } from '@/core/archive'
import { tryStoredEvent } from '@/core/formats'
import type { VisitEvent } from '@/core/visit'
import { ownConnection } from './ownConnection'

/** Lines are handed on in pieces of about so many characters. */
const PIECE = 256 * 1024

/** The house at one moment, whatever is written meanwhile. */
export interface Snapshot {
  /** A table as JSON Lines, in the order of its key; whole lines a piece. JSON that an archive brought is compact already. */
  lines(table: ArchivedTable, isCompact?: boolean): AsyncGenerator<Buffer>
  photo(id: string): Promise<Buffer>
  /** All pictures, with their size in bytes. */
  photos(): Promise<{ id: string; bytes: number }[]>
  /** Visits that somebody worked at, evenly over all. */
  someVisits(most: number): Promise<number[]>
  /** What the house kept of what happened at visits; a line that nobody can read is left out. */
  logs(visitIds: readonly number[]): Promise<Map<number, VisitEvent[]>>
  /** The last change of the tables. */
  tablesAfter(): Promise<string>
  rows(table: ArchivedTable): Promise<number>
  close(): Promise<void>
}

/** @param schema another one than the house's own */
export async function openSnapshot(schema?: string): Promise<Snapshot> {
  const connection = await ownConnection(schema)
  await connection.query('SET SESSION TRANSACTION ISOLATION LEVEL REPEATABLE READ')
  await connection.query('START TRANSACTION WITH CONSISTENT SNAPSHOT, READ ONLY')
  const ask = async (sql: string, values: unknown[] = []): Promise<unknown[][]> => connection.query(sql, values)
  const keyOf = async (table: string): Promise<string> => {
    const rows = await ask(
      `SELECT column_name FROM information_schema.key_column_usage
         WHERE table_schema = DATABASE() AND table_name = ? AND constraint_name = 'PRIMARY' ORDER BY ordinal_position`,
      [table],
    )
    return rows.map(([name]) => quoted(String(name))).join(', ')
  }
  return {
    async *lines(table, isCompact = false) {
      const columns = Object.entries<Column>(ARCHIVED[table])
      const names = columns.map(([name]) => quoted(name)).join(', ')
      const write = columns.map(([name, column]) => writer(name, column, isCompact))
      let piece = ''
      const rows = connection.queryStream(`SELECT ${names} FROM ${quoted(table)} ORDER BY ${await keyOf(table)}`)
      for await (const row of rows as AsyncIterable<unknown[]>) {
        piece += `{${write.map((one, at) => one(row[at])).join(',')}}\n`
        if (piece.length < PIECE) continue
        yield Buffer.from(piece)
        piece = ''
      }
      if (piece !== '') yield Buffer.from(piece)
    },
    photo: async (id) => (await ask('SELECT jpeg FROM photos WHERE id = ?', [id]))[0]?.[0] as Buffer,
    photos: async () =>
      (await ask('SELECT id, LENGTH(jpeg) FROM photos ORDER BY id')).map(([id, bytes]) => ({
        id: String(id),
        bytes: Number(bytes),
      })),
    someVisits: async (most) => {
      const ids = (await ask('SELECT id FROM visits ORDER BY id')).map(([id]) => Number(id))
      const step = Math.max(1, Math.floor(ids.length / most))
      return ids.filter((_, at) => at % step === 0).slice(0, most)
    },
    logs: async (visitIds) => {
      const logs = new Map<number, VisitEvent[]>(visitIds.map((id) => [id, []]))
      if (visitIds.length === 0) return logs
      const rows = await ask('SELECT visit_id, payload, format FROM visit_events WHERE visit_id IN (?)', [visitIds])
      for (const [visit, payload, format] of rows) {
        const read = tryStoredEvent(String(payload), Number(format))
        if (read.ok) logs.get(Number(visit))?.push(read.value)
      }
      return logs
    },
    tablesAfter: async () => String((await ask('SELECT MAX(name) FROM sequelize_meta'))[0]?.[0]),
    rows: async (table) => Number((await ask(`SELECT COUNT(*) FROM ${quoted(table)}`))[0]?.[0]),
    close: () => connection.end(),
  }
}

export const quoted = (name: string): string => `\`${name.replaceAll('`', '``')}\``

/** Writes a value of a column with its key. JSON is written compact, as it is when it is read back. */
function writer(name: string, column: Column, isCompact: boolean): (value: unknown) => string {
  const key = `${JSON.stringify(name)}:`
  const kind = kindOf(column)
  const written = isCompact && kind === 'json' ? String : WRITERS[kind]
  return (value) => key + (value === null ? 'null' : written(value))
}

const asJson = (value: unknown): string => JSON.stringify(value)
const WRITERS: Record<ReturnType<typeof kindOf>, (value: unknown) => string> = {
  whole: asJson,
  number: asJson,
  text: asJson,
  day: asJson,
  flag: (value) => String(Boolean(value)),
  moment: (value) => `"${String(value).replace(' ', 'T')}Z"`,
  json: (value) => JSON.stringify(JSON.parse(String(value))),
}
