import type { NextRequest } from 'next/server'
import type { Right } from '@/core/rights'
import { refuse, type Result } from '@/core/result'
import { unlessAway } from '@/service/house/away'
import type { OpenHouse } from '@/service/house/openHouse'
import { admit, type Person } from '@/service/who/whoAsks'
import { shownIn } from './shown'

/**
 * Who sends a request, if they may do it and mean this house; else the answer that says why not. A device may mean another
 * house, whose visits have the same numbers.
 */
export async function letInTo(
  request: NextRequest,
  right: Right,
): Promise<{ who: Person; house: OpenHouse } | { refused: Response }> {
  const asked = await unlessAway(async () => ({
    ok: true,
    value: await admit(await shownIn(request.headers, request.cookies), right),
  }))
  if (!asked.ok) return { refused: refused(asked, 503) }
  const admission = asked.value
  const meant = request.headers.get('x-kovit-house')
  if (meant && admission.ok && admission.house.key !== meant)
    return {
      refused: refused(
        refuse('house', 'This page belongs to the book of another house. Open Day to see this one.'),
        409,
      ),
    }
  if (!admission.ok) return { refused: refused({ ok: false, problems: admission.problems }, admission.status) }
  return admission
}

const refused = (result: Result<unknown>, status: number) =>
  Response.json(result, { status, headers: { 'Cache-Control': 'no-store' } })
