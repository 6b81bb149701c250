import { refuse, type Result } from '@/core/result'
import { unlessAway } from '@/service/house/away'
import { houseKey } from '@/service/house/openHouse'

/** An answer where a device means another house, whose visits have the same numbers. Null where it means this one. */
export async function otherHouse(request: Request): Promise<Response | null> {
  const meant = request.headers.get('x-kovit-house')
  if (!meant) return null
  const key = await unlessAway(async () => ({ ok: true, value: await houseKey() }))
  if (!key.ok) return refused(key, 503)
  if (key.value === meant) return null
  return refused(refuse('house', 'This page belongs to the book of another house. Open Day to see this one.'), 409)
}

const refused = (result: Result<unknown>, status: number) => Response.json(result, { status })
