import type { NextRequest } from 'next/server'
import type { z } from 'zod'
import type { Right } from '@/core/rights'
import type { OpenHouse } from '@/service/house/openHouse'
import { unlessAway } from '@/service/house/away'
import { letInTo } from './letInTo'
import { sentBody } from './sentBody'

/** Answers what was asked in the body of a POST, to who may ask it. */
export async function answeredInBody<Schema extends z.ZodType>(
  request: NextRequest,
  right: Right,
  schema: Schema,
  verb: (asked: z.infer<Schema>, house: OpenHouse) => unknown,
): Promise<Response> {
  const admission = await letInTo(request, right)
  if ('refused' in admission) return admission.refused
  const body = await sentBody(request, schema)
  if ('refused' in body) return body.refused
  const answer = await unlessAway(async () => ({ ok: true, value: await verb(body.asked, admission.house) }))
  return Response.json(answer, { status: answer.ok ? 200 : 503, headers: { 'Cache-Control': 'no-store' } })
}
