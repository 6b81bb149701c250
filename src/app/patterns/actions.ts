'use server'

import { z } from 'zod'
import type { Result } from '@/core/result'
import { retirePattern as retire } from '@/service/patterns/housePatterns'
import { answered } from '../answered'

const PatternId = z.number({ error: 'This pattern is not in use.' }).int().positive()

/** Takes a pattern of the house out of use. */
export async function retirePattern(patternId: unknown): Promise<Result<null>> {
  return answered('cards', PatternId, patternId, (id) => retire(id, Date.now()), '/patterns')
}
