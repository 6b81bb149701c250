import type { z } from 'zod'
import { frozen } from './frozen'

/** A JSON column through its schema. @throws when what is stored does not fit */
export const jsonOf = <Schema extends z.ZodType>(schema: Schema, json: string): z.infer<Schema> =>
  schema.parse(JSON.parse(json))

/** Values of a schema that were read before, by what is stored: most rows say what others say. */
const read = new WeakMap<z.ZodType, Map<string, unknown>>()
const MOST_READ = 5000
/** What is longer than this many characters is seldom the same twice. */
const LONGEST = 600

/**
 * The same for columns of lists, which are read by the hundred and never changed: rows that store the same share one value,
 * which is frozen.
 */
export function sharedJsonOf<Schema extends z.ZodType>(schema: Schema, json: string): z.infer<Schema> {
  if (json.length > LONGEST) return jsonOf(schema, json)
  const known = read.get(schema) ?? new Map<string, unknown>()
  if (known.size >= MOST_READ) known.clear()
  if (!known.has(json)) known.set(json, frozen(jsonOf(schema, json)))
  read.set(schema, known)
  return known.get(json) as z.infer<Schema>
}
