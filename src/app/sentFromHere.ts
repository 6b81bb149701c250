import { refuse, type Result } from '@/core/result'
import { unlessAway } from '@/service/house/away'
import { openHouse, type OpenHouse } from '@/service/house/openHouse'

/** Whether a request comes from a page of this app: no other site may write. */
function sentFromHere(request: Request): boolean {
  const origin = request.headers.get('origin')
  if (origin === null) return true
  return URL.canParse(origin) && new URL(origin).host === request.headers.get('host')
}

/**
 * The house that a device writes to; an answer where it may not: sent by another site, or meant for another house, whose
 * visits have the same numbers.
 */
export async function writtenTo(request: Request): Promise<OpenHouse | Response> {
  if (!sentFromHere(request)) return refused(refuse('origin', 'Sent from another place.'), 403)
  const opened = await unlessAway(async () => ({ ok: true, value: await openHouse() }))
  if (!opened.ok) return refused(opened, 503)
  const house = opened.value
  const meant = request.headers.get('x-kovit-house')
  if (meant !== null && meant !== '' && meant !== house.key)
    return refused(refuse('house', 'This page belongs to the book of another house. Open Day to see this one.'), 409)
  return house
}

const refused = (result: Result<unknown>, status: number) => Response.json(result, { status })
