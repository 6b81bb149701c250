import type { NextRequest } from 'next/server'
import { offlinePages } from '@/service/day/offlinePages'
import { letInTo } from '../letInTo'

export const dynamic = 'force-dynamic'

/** Which pages a device keeps for a time without a network. */
export async function GET(request: NextRequest): Promise<Response> {
  const admission = await letInTo(request, 'see')
  return 'refused' in admission ? admission.refused : Response.json(await offlinePages(admission.house))
}
