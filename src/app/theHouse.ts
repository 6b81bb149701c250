import { redirect } from 'next/navigation'
import { openHouseIfSetUp, type OpenHouse } from '@/service/house/openHouse'

/** The house for a page; an empty book leads to its set-up. */
export async function theHouse(): Promise<OpenHouse> {
  const house = await openHouseIfSetUp()
  if (!house) redirect('/set-up')
  return house
}
