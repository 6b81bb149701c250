import type { NextRequest } from 'next/server'
import { dogToGo } from '@/service/dog/dogToGo'
import { idIn } from '../../../../addresses'
import { letInTo } from '../../../../letInTo'

export const dynamic = 'force-dynamic'

/** A dog as a file for its next groomer; with its owner only where that is asked for. */
export async function GET(request: NextRequest, { params }: { params: Promise<{ dogId: string }> }): Promise<Response> {
  const admitted = await letInTo(request, 'files')
  if ('refused' in admitted) return admitted.refused
  const withOwner = new URL(request.url).searchParams.get('owner') === 'yes'
  const file = await dogToGo(idIn((await params).dogId), withOwner, admitted.house)
  if (!file)
    return Response.json(
      { ok: false, problems: [{ path: 'dogId', sentence: 'This dog is not in the book.' }] },
      { status: 404 },
    )
  const name = file.dog.name.replaceAll(/[^A-Za-z0-9]+/g, '-').replaceAll(/^-|-$/g, '') || 'dog'
  return new Response(`${JSON.stringify(file, null, 2)}\n`, {
    headers: {
      'Content-Type': 'application/json; charset=utf-8',
      'Content-Disposition': `attachment; filename="${name}.kovit-dog.json"`,
      'Cache-Control': 'no-store',
    },
  })
}
