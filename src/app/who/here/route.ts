import type { NextRequest } from 'next/server'
import { stillHere } from '@/service/who/signIn'
import { letInTo } from '../../letInTo'

/** A hand is on the page: who is at the table has not rested. */
export async function POST(request: NextRequest): Promise<Response> {
  const admission = await letInTo(request, 'see')
  if ('refused' in admission) return admission.refused
  const { who, house } = admission
  return Response.json({ ok: true, value: await stillHere(who, house.nowMs) })
}
