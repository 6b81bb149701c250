'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { refuse, type Result } from '@/core/result'
import { retireHousePattern } from '@/data/housePatterns'
import { openHouse } from '../house'

/** Takes a pattern of the house out of use. */
export async function retirePattern(patternId: unknown): Promise<Result<null>> {
  const id = z.number().int().positive().safeParse(patternId)
  if (!id.success) return refuse('patternId', 'This pattern is not in use.')
  const { nowMs } = await openHouse()
  const done = await retireHousePattern(id.data, nowMs)
  if (done.ok) revalidatePath('/patterns')
  return done
}
