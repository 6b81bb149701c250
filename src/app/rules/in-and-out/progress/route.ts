import type { NextRequest } from 'next/server'
import { archiveJob } from '@/service/archive/archiveJob'
import { letInTo } from '../../../letInTo'

export const dynamic = 'force-dynamic'

/** How far a backup or a restore is. */
export async function GET(request: NextRequest): Promise<Response> {
  const admitted = await letInTo(request, 'out')
  if ('refused' in admitted) return admitted.refused
  return Response.json(archiveJob(), { headers: { 'Cache-Control': 'no-store' } })
}
