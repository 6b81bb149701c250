import type { Sequelize } from 'sequelize'

/** Where the words of a statement and its values stand in a fault of the database. */
const CARRIERS = ['sql', 'parameters', 'text', 'sqlMessage', 'fields', 'value', 'instance'] as const

/**
 * Faults of the database end in a log; what they carry of dogs, owners and passphrases does not. Number, code and place of
 * a fault stay.
 */
export function tellNoValues(sequelize: Sequelize): void {
  const query = sequelize.query.bind(sequelize) as (...asked: unknown[]) => Promise<unknown>
  const careful = async (...asked: unknown[]): Promise<unknown> => {
    try {
      return await query(...asked)
    } catch (error) {
      throw withoutValues(error)
    }
  }
  sequelize.query = careful as typeof sequelize.query
}

/** The same fault, without what was asked of the database. */
function withoutValues(error: unknown, depth = 0): unknown {
  if (!(error instanceof Error) || depth > 3) return error
  const fault = error as Error & Record<string, unknown>
  for (const each of CARRIERS) if (each in fault) Reflect.deleteProperty(fault, each)
  const said = fault.message
  const kept = said.split('\nsql:')[0]?.replace(/'[^']*'/g, "'…'") ?? ''
  fault.message = kept
  if (said !== '' && fault.stack) fault.stack = fault.stack.replaceAll(said, kept)
  for (const inner of ['parent', 'original', 'cause']) withoutValues(fault[inner], depth + 1)
  for (const each of Array.isArray(fault.errors) ? (fault.errors as Record<string, unknown>[]) : [])
    for (const carrier of [...CARRIERS, 'message']) Reflect.deleteProperty(each, carrier)
  return fault
}
