import { unlessAway } from '@/service/house/away'
import { isBookThere } from '@/service/house/openHouse'

export const dynamic = 'force-dynamic'

/** Whether this server is ready: pages and database answer; and how long the database took, ms. `/health/alive` asks for the pages alone. */
export async function GET(): Promise<Response> {
  const from = performance.now()
  const there = await unlessAway(async () => ({ ok: true, value: await isBookThere() }))
  const databaseMs = Math.round((performance.now() - from) * 10) / 10
  return Response.json(
    { alive: true, ready: there.ok, databaseMs: there.ok ? databaseMs : null },
    { status: there.ok ? 200 : 503, headers: { 'Cache-Control': 'no-store' } },
  )
}
