import { isHouseThere } from '@/service/house/openHouse'

export const dynamic = 'force-dynamic'

/** Whether pages and database answer. */
export async function GET(): Promise<Response> {
  return (await isHouseThere()) ? new Response('ok') : new Response('no house', { status: 503 })
}
