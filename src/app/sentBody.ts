import type { z } from 'zod'
import { MOST_BODY_BYTES, TOO_LARGE } from '@/core/door'
import { firstProblems, problemsOf, refuse, type Result } from '@/core/result'

const NO_JSON = 'This could not be read: it is not JSON.'

/** The bytes of a body, counted while they come: what says no length of itself is not read to its end either. */
export async function sentBytes(request: Request): Promise<Result<Uint8Array>> {
  const parts: Uint8Array[] = []
  let size = 0
  for await (const part of request.body ?? []) {
    size += part.length
    if (size > MOST_BODY_BYTES) return refuse('body', TOO_LARGE)
    parts.push(part)
  }
  return { ok: true, value: Buffer.concat(parts) }
}

/** A body that was read through its schema, or the answer that says what is wrong with it. */
export type SentBody<T> = { asked: T } | { refused: Response }

/** Reads a JSON body through its schema. */
export async function sentBody<Schema extends z.ZodType>(
  request: Request,
  schema: Schema,
): Promise<SentBody<z.infer<Schema>>> {
  const bytes = await sentBytes(request)
  if (!bytes.ok) return { refused: Response.json(bytes, { status: 413 }) }
  const json = jsonOf(bytes.value)
  if (!json.ok) return { refused: Response.json(json, { status: 400 }) }
  const asked = schema.safeParse(json.value)
  if (asked.success) return { asked: asked.data }
  return { refused: Response.json({ ok: false, problems: firstProblems(problemsOf(asked.error)) }, { status: 400 }) }
}

function jsonOf(bytes: Uint8Array): Result<unknown> {
  try {
    return { ok: true, value: JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes)) as unknown }
  } catch {
    return refuse('body', NO_JSON)
  }
}
