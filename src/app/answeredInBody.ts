import type { z } from 'zod'
import { unlessAway } from '@/service/house/away'
import { otherHouse } from './otherHouse'
import { sentBody } from './sentBody'

/** Answers what was asked in the body of a POST. */
export async function answeredInBody<Schema extends z.ZodType>(
  request: Request,
  schema: Schema,
  verb: (asked: z.infer<Schema>) => Promise<unknown>,
): Promise<Response> {
  const other = await otherHouse(request)
  if (other) return other
  const body = await sentBody(request, schema)
  if ('refused' in body) return body.refused
  const answer = await unlessAway(async () => ({ ok: true, value: await verb(body.asked) }))
  return Response.json(answer, { status: answer.ok ? 200 : 503, headers: { 'Cache-Control': 'no-store' } })
}
