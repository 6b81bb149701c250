import { z } from 'zod'
import { isForFile, withRemark } from '@/core/dog'
import { Remark } from '@/core/request'
import { refuse, type Result } from '@/core/result'
import { inTransaction } from '@/data/connection'
import { fileOf, holdDog, type Dog } from '@/data/dogs'
import type { OpenHouse } from '../house/openHouse'
import { By } from '../trail/noteSaid'
import { keepFile } from './changeDogFile'

export const RemarkAsked = z.strictObject({
  dogId: z.number().int().positive(),
  words: Remark.shape.words.max(4000),
  about: Remark.shape.about,
  by: By,
})

/** Keeps what an owner said of a dog's health or temper in its file, with their words. @returns what the file then says */
export function keepRemark(
  asked: z.input<typeof RemarkAsked>,
  { time, nowMs }: Pick<OpenHouse, 'time' | 'nowMs'>,
): Promise<Result<Pick<Dog, 'health' | 'behaviour'>>> {
  const { dogId, words, about, by } = RemarkAsked.parse(asked)
  return inTransaction(async () => {
    const dog = await holdDog(dogId)
    if (!dog) return refuse('dogId', 'This dog is not in the book.')
    if (!isForFile(about)) return refuse('about', 'This is no finding and no grade.')
    const file = fileOf(dog)
    const { health, behaviour } = withRemark(file, about, words, time.day(nowMs))
    const kept = await keepFile(dog, { ...file, health, behaviour }, by, nowMs)
    return kept.ok ? { ok: true, value: { health, behaviour } } : kept
  })
}
