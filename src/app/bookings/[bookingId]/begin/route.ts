import { openHouse } from '@/service/house/openHouse'
import { BegunElsewhere, beginVisit } from '@/service/visit/beginVisit'
import { idIn } from '../../../addresses'
import { otherHouse } from '../../../otherHouse'
import { sentBody } from '../../../sentBody'

interface Params {
  params: Promise<{ bookingId: string }>
}

/** A device says that it has begun a groom, as often as it likes; the answer is the visit. */
export async function POST(request: Request, { params }: Params): Promise<Response> {
  const other = await otherHouse(request)
  if (other) return other
  const body = await sentBody(request, BegunElsewhere)
  if ('refused' in body) return body.refused
  const result = await beginVisit(idIn((await params).bookingId), await openHouse(), body.asked)
  return Response.json(result, { status: result.ok ? 200 : 404 })
}
