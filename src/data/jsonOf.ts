import type { z } from 'zod'

/** Values of a schema that were read before, by what is stored: most rows say what others say. */
const read = new WeakMap<z.ZodType, Map<string, unknown>>()
const MOST_READ = 5000
/** What is longer than this many characters is seldom the same twice. */
const LONGEST = 600

/** A JSON column through its schema. What is short may be shared with other rows, and is frozen. @throws when what is stored does not fit */
export function jsonOf<Schema extends z.ZodType>(schema: Schema, json: string): z.infer<Schema> {
  if (json.length > LONGEST) return schema.parse(JSON.parse(json))
  const known = read.get(schema) ?? new Map<string, unknown>()
  if (known.size >= MOST_READ) known.clear()
  if (!known.has(json)) known.set(json, frozen(schema.parse(JSON.parse(json))))
  read.set(schema, known)
  return known.get(json) as z.infer<Schema>
}

function frozen<T>(value: T): T {
  if (typeof value !== 'object' || value === null) return value
  for (const each of Object.values(value)) frozen(each)
  return Object.freeze(value)
}
