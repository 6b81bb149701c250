import type { z } from 'zod'

/** A JSON column through its schema. @throws when what is stored does not fit */
export const jsonOf = <Schema extends z.ZodType>(schema: Schema, json: string): z.infer<Schema> =>
  schema.parse(JSON.parse(json))
