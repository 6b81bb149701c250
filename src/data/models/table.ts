import type { Model, ModelStatic, Sequelize } from 'sequelize'

/** A row and its columns; read, it is these columns alone, without a model's own methods. */
export type Row<T extends object> = Model<T, Partial<T>> & T
export type Table<T extends object> = ModelStatic<Row<T>>

export interface Column {
  type: unknown
  /** What is made of a value as the driver says it: decimals and big integers come as text, truths as 0 and 1. */
  read?: (stored: unknown) => unknown
  [option: string]: unknown
}

/** Makes tables of which rows are read as their columns say, and as rows. */
export function tablesOf(sequelize: Sequelize) {
  // To make a model of every row read took a sixth of a full day's page, and nothing asked for it.
  sequelize.addHook('beforeFind', (options) => {
    options.raw ??= true
  })
  return <T extends object>(name: string, columns: Record<string, Column>): Table<T> => {
    // Sequelize writes into each column's object, so that two columns may not share one.
    const own = Object.fromEntries(Object.entries(columns).map(([column, { read: _, ...fact }]) => [column, fact]))
    const model = sequelize.define(name, own as never, { tableName: name })
    model.addHook('afterFind', (found) => readAs(columns, [found].flat() as (Record<string, unknown> | null)[]))
    return model as unknown as Table<T>
  }
}

/** Makes of what was read what its columns say. */
function readAs(columns: Record<string, Column>, rows: readonly (Record<string, unknown> | null)[]): void {
  for (const [column, { read }] of Object.entries(columns))
    if (read) for (const row of rows) if (row?.[column] != null) row[column] = read(row[column])
}
