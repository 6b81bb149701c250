import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import type { Right } from '@/core/rights'
import { firstProblems, problemsOf, type Result } from '@/core/result'
import { unlessAway } from '@/service/house/away'
import type { OpenHouse } from '@/service/house/openHouse'
import { admit, type Person } from '@/service/who/whoAsks'
import { shown } from './shown'

/**
 * What an action does: lets in who may do it, reads what was sent through its schema, calls the service, and has the pages
 * it touched drawn anew. Bad input comes back as problems, each with its field.
 */
export async function answered<Schema extends z.ZodType, Value>(
  right: Right,
  schema: Schema,
  input: unknown,
  verb: (asked: z.infer<Schema>, house: OpenHouse, who: Person) => Promise<Result<Value>>,
  ...paths: readonly string[]
): Promise<Result<Value>> {
  const done = await unlessAway(async () => {
    const admission = await admit(await shown(), right)
    if (!admission.ok) return admission
    const { who, house } = admission
    const asked = schema.safeParse(signed(schema, input, who))
    return asked.success ? verb(asked.data, house, who) : unread(asked.error)
  })
  if (done.ok) for (const path of paths) revalidatePath(path)
  return done
}

/** Where a deed carries who does it, that is who is signed in, whatever was sent. */
const signed = (schema: z.ZodType, input: unknown, { name }: Person): unknown =>
  schema instanceof z.ZodObject && 'by' in schema.shape && typeof input === 'object' && !Array.isArray(input)
    ? { ...input, by: name }
    : input

const unread = (error: z.ZodError): Result<never> => ({ ok: false, problems: firstProblems(problemsOf(error)) })

/** What an action does that needs no right, since it is how somebody comes to have one. */
export async function answeredToAnybody<Schema extends z.ZodType, Value>(
  schema: Schema,
  input: unknown,
  verb: (asked: z.infer<Schema>) => Promise<Result<Value>>,
): Promise<Result<Value>> {
  const asked = schema.safeParse(input)
  return asked.success ? unlessAway(() => verb(asked.data)) : unread(asked.error)
}
