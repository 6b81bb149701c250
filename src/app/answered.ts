import { revalidatePath } from 'next/cache'
import type { z } from 'zod'
import { firstProblems, problemsOf, type Result } from '@/core/result'
import { unlessAway } from '@/service/house/away'

/**
 * What an action does: reads what was sent through its schema, calls the service, and has the pages it touched drawn anew.
 * Bad input comes back as problems, each with its field.
 */
export async function answered<Schema extends z.ZodType, Value>(
  schema: Schema,
  input: unknown,
  verb: (asked: z.infer<Schema>) => Promise<Result<Value>>,
  ...paths: readonly string[]
): Promise<Result<Value>> {
  const asked = schema.safeParse(input)
  if (!asked.success) return { ok: false, problems: firstProblems(problemsOf(asked.error)) }
  const done = await unlessAway(() => verb(asked.data))
  if (done.ok) for (const path of paths) revalidatePath(path)
  return done
}
