import type { Connection } from 'mariadb'
import { quoted } from './snapshot'

/**
 * Takes away the indexes of tables that only help to find rows, so that many rows go in at half the work: each is sorted once
 * at the end, instead of being kept sorted row by row. Only in a schema that nobody uses yet: cut off, they are gone.
 * @returns puts them back
 */
export async function takeIndexes(connection: Connection, tables: readonly string[]): Promise<() => Promise<void>> {
  if (tables.length === 0) return async () => {}
  const found: [table: string, name: string, isFree: number, columns: string][] = await connection.query(
    `SELECT table_name, index_name, MIN(non_unique), GROUP_CONCAT('\`', column_name, '\`' ORDER BY seq_in_index)
       FROM information_schema.statistics
       WHERE table_schema = DATABASE() AND index_name <> 'PRIMARY' AND table_name IN (?)
       GROUP BY table_name, index_name`,
    [tables],
  )
  const change = async (clause: (index: (typeof found)[number]) => string) => {
    for (const table of tables) {
      const clauses = found.filter(([of]) => of === table).map(clause)
      if (clauses.length > 0) await connection.query(`ALTER TABLE ${quoted(table)} ${clauses.join(', ')}`)
    }
  }
  await change(([, name]) => `DROP INDEX ${quoted(name)}`)
  return () => change(([, name, isFree, columns]) => `ADD ${isFree ? '' : 'UNIQUE '}INDEX ${quoted(name)} (${columns})`)
}
