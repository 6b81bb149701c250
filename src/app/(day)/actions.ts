'use server'

import type { Result } from '@/core/result'
import { DayAsked, decideDay as decide } from '@/service/day/decideDay'
import { answered } from '../answered'

/** Takes a plan of a day, fixes a piece of it, or takes that back. */
export async function decideDay(input: unknown): Promise<Result<{ no: number }>> {
  return answered('book', DayAsked, input, decide, '/')
}
