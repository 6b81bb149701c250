import type { NextRequest } from 'next/server'
import { BegunElsewhere, beginVisit } from '@/service/visit/beginVisit'
import { idIn } from '../../../addresses'
import { letInTo } from '../../../letInTo'
import { sentBody } from '../../../sentBody'

interface Params {
  params: Promise<{ bookingId: string }>
}

/** A device says that it has begun a groom, as often as it likes; the answer is the visit. */
export async function POST(request: NextRequest, { params }: Params): Promise<Response> {
  const admission = await letInTo(request, 'bench')
  if ('refused' in admission) return admission.refused
  const body = await sentBody(request, BegunElsewhere)
  if ('refused' in body) return body.refused
  const result = await beginVisit(idIn((await params).bookingId), admission.house, body.asked, admission.who)
  return Response.json(result, { status: result.ok ? 200 : 404 })
}
