import type { z } from 'zod'
import { problemsOf } from '@/core/result'
import { unlessAway } from '@/service/house/away'
import { notWritten } from './sentFromHere'

/** Answers what was asked in the body of a POST: read through its schema, from this app's own pages only. */
export async function answeredInBody<Schema extends z.ZodType>(
  request: Request,
  schema: Schema,
  verb: (asked: z.infer<Schema>) => Promise<unknown>,
): Promise<Response> {
  const refused = await notWritten(request)
  if (refused) return refused
  const asked = schema.safeParse(await request.json().catch(() => null))
  if (!asked.success) return Response.json({ ok: false, problems: problemsOf(asked.error) }, { status: 400 })
  const answer = await unlessAway(async () => ({ ok: true, value: await verb(asked.data) }))
  return Response.json(answer, { status: answer.ok ? 200 : 503, headers: { 'Cache-Control': 'no-store' } })
}
