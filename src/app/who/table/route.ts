import { unlessAway } from '@/service/house/away'
import { openHouseIfSetUp } from '@/service/house/openHouse'
import { tableView } from '@/service/who/tableView'
import { shown } from '../../shown'

export const dynamic = 'force-dynamic'

/** Who can take the table on this device, and how. Names nobody to a browser that was not let in. */
export async function GET(): Promise<Response> {
  const answer = await unlessAway(async () => {
    const house = await openHouseIfSetUp()
    return { ok: true, value: house && (await tableView(await shown(), house)) }
  })
  return Response.json(answer, { status: answer.ok ? 200 : 503, headers: { 'Cache-Control': 'no-store' } })
}
