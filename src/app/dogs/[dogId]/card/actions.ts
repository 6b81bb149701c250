'use server'

import type { Result } from '@/core/result'
import { PaperAsked, putPaper as put } from '@/service/dog/papers'
import { CardAsked, saveCard } from '@/service/dog/saveCard'
import { PatternAsked, savePattern as keepPattern } from '@/service/patterns/housePatterns'
import { answered } from '../../../answered'

/** Saves the card on the desk as the dog's next version. */
export async function saveVersion(input: unknown): Promise<Result<{ version: number }>> {
  return answered('cards', CardAsked, input, saveCard, '/dogs')
}

/** Takes a picture of a paper card away, or puts it back. */
export async function putPaper(input: unknown): Promise<Result<null>> {
  return answered('cards', PaperAsked, input, put, '/dogs')
}

/** Keeps a card as a pattern of the house. */
export async function savePattern(input: unknown): Promise<Result<null>> {
  return answered('cards', PatternAsked, input, (asked) => keepPattern(asked, Date.now()), '/patterns')
}
