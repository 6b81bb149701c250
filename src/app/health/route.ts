import { unlessAway } from '@/service/house/away'
import { isBookThere } from '@/service/house/openHouse'

export const dynamic = 'force-dynamic'

/** Whether pages and database answer. */
export async function GET(): Promise<Response> {
  const there = await unlessAway(async () => ({ ok: true, value: await isBookThere() }))
  if (!there.ok) return new Response('the database does not answer', { status: 503 })
  return new Response('ok')
}
