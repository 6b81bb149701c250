import type { NextRequest } from 'next/server'
import { archiveBlob, archivePath } from '@/service/archive/inAndOutView'
import { letInTo } from '../../../../letInTo'

export const dynamic = 'force-dynamic'

/** An archive, to take along. */
export async function GET(request: NextRequest, { params }: { params: Promise<{ name: string }> }): Promise<Response> {
  const admitted = await letInTo(request, 'out')
  if ('refused' in admitted) return admitted.refused
  const name = decodeURIComponent((await params).name)
  const path = await archivePath(name, admitted.house)
  if (!path.ok) return Response.json(path, { status: 404 })
  const file = await archiveBlob(path.value)
  return new Response(file.stream(), {
    headers: {
      'Content-Type': 'application/octet-stream',
      'Content-Length': String(file.size),
      'Content-Disposition': `attachment; filename="${name.replaceAll(/[^\w.-]/g, '_')}"`,
      'Cache-Control': 'no-store',
    },
  })
}
