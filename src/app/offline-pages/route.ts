import { offlinePages } from '@/service/day/offlinePages'
import { openHouse } from '@/service/house/openHouse'

export const dynamic = 'force-dynamic'

/** Which pages a device keeps for a time without a network. */
export async function GET(): Promise<Response> {
  return Response.json(await offlinePages(await openHouse()))
}
