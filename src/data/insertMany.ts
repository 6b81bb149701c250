import { QueryTypes, type ModelStatic } from 'sequelize'
import { database } from './connection'
import type { Row } from './models'

/** Rows a statement. */
const AT_ONCE = 500

/** Adds many rows at once. All of them name the same columns. @returns their ids, in the same order */
export async function insertMany<Fields extends { id: number }>(
  table: ModelStatic<Row<Fields>>,
  rows: readonly Partial<Fields>[],
): Promise<number[]> {
  const [first] = rows
  if (!first) return []
  const names = Object.keys(first)
  const attributes = table.getAttributes() as Record<string, { field?: string } | undefined>
  const columns = names.map((name) => `\`${attributes[name]?.field ?? name}\``).join(', ')
  const ids: number[] = []
  for (let at = 0; at < rows.length; at += AT_ONCE) {
    const values = rows
      .slice(at, at + AT_ONCE)
      .map((row) => names.map((name) => (row as Record<string, unknown>)[name]))
    const added = await database().sequelize.query<{ id: number }>(
      `INSERT INTO ${table.getTableName() as string} (${columns}) VALUES :values RETURNING id`,
      { type: QueryTypes.SELECT, replacements: { values } },
    )
    // A server counts up within a statement, and may answer in any order.
    ids.push(...added.map(({ id }) => id).sort((a, b) => a - b))
  }
  return ids
}
