import { headers } from 'next/headers'
import { redirect } from 'next/navigation'
import { cache } from 'react'
import { ASKED_PATH } from '@/core/door'
import { openHouseIfSetUp, type OpenHouse } from '@/service/house/openHouse'
import { whoAsks, type Person } from '@/service/who/whoAsks'
import { shown } from './shown'

/** The house, and who is at the table; asked once for all parts of a page. Null in an empty book. */
export const whoIsHere = cache(async (): Promise<{ house: OpenHouse; who: Person | null } | null> => {
  const house = await openHouseIfSetUp()
  return house && { house, who: await whoAsks(await shown(), house) }
})

/** The house for a page. An empty book leads to its set-up, and who is not signed in to where that is done. */
export async function theHouse(): Promise<OpenHouse & { who: Person }> {
  const here = await whoIsHere()
  if (!here) redirect('/set-up')
  const { house, who } = here
  if (!who) redirect(`/sign-in?to=${encodeURIComponent((await headers()).get(ASKED_PATH) ?? '/')}`)
  return { ...house, who }
}
