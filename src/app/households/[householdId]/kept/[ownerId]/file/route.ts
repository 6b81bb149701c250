import type { NextRequest } from 'next/server'
import { keptOf } from '@/service/forget/keptOf'
import { idIn } from '../../../../../addresses'
import { letInTo } from '../../../../../letInTo'

export const dynamic = 'force-dynamic'

/** All that is kept about a person, as a file. */
export async function GET(
  request: NextRequest,
  { params }: { params: Promise<{ householdId: string; ownerId: string }> },
): Promise<Response> {
  const admitted = await letInTo(request, 'kept')
  if ('refused' in admitted) return admitted.refused
  const { householdId, ownerId } = await params
  const kept = await keptOf(idIn(householdId), idIn(ownerId), admitted.house)
  if (!kept)
    return Response.json(
      { ok: false, problems: [{ path: 'ownerId', sentence: 'This person is not in the book.' }] },
      { status: 404 },
    )
  return new Response(`${JSON.stringify(kept, null, 2)}\n`, {
    headers: {
      'Content-Type': 'application/json; charset=utf-8',
      'Content-Disposition': `attachment; filename="kept-${kept.person.id}.json"`,
      'Cache-Control': 'no-store',
    },
  })
}
