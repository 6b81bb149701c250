import { problemsOf } from '@/core/result'
import { openHouse } from '@/service/house/openHouse'
import { BegunElsewhere, beginVisit } from '@/service/visit/beginVisit'
import { notWritten } from '../../../sentFromHere'

interface Params {
  params: Promise<{ bookingId: string }>
}

/** A device says that it has begun a groom, as often as it likes; the answer is the visit. */
export async function POST(request: Request, { params }: Params): Promise<Response> {
  const refused = await notWritten(request)
  if (refused) return refused
  const begun = BegunElsewhere.safeParse(await request.json().catch(() => null))
  if (!begun.success) return Response.json({ ok: false, problems: problemsOf(begun.error) }, { status: 400 })
  const result = await beginVisit(Number((await params).bookingId) || 0, await openHouse(), begun.data)
  return Response.json(result, { status: result.ok ? 200 : 404 })
}
