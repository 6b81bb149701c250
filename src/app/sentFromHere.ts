import { refuse, type Result } from '@/core/result'
import { unlessAway } from '@/service/house/away'
import { houseKey } from '@/service/house/openHouse'

/** Whether a request comes from a page of this app: no other site may write. */
function sentFromHere(request: Request): boolean {
  const origin = request.headers.get('origin')
  if (origin === null) return true
  return URL.canParse(origin) && new URL(origin).host === request.headers.get('host')
}

/**
 * An answer where a device may not write: sent by another site, or meant for another house, whose visits have the same
 * numbers. Null where it may.
 */
export async function notWritten(request: Request): Promise<Response | null> {
  if (!sentFromHere(request)) return refused(refuse('origin', 'Sent from another place.'), 403)
  const meant = request.headers.get('x-kovit-house')
  if (!meant) return null
  const key = await unlessAway(async () => ({ ok: true, value: await houseKey() }))
  if (!key.ok) return refused(key, 503)
  if (key.value === meant) return null
  return refused(refuse('house', 'This page belongs to the book of another house. Open Day to see this one.'), 409)
}

const refused = (result: Result<unknown>, status: number) => Response.json(result, { status })
