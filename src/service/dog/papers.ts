import { z } from 'zod'
import { refuse, type Result } from '@/core/result'
import { holdDog } from '@/data/dogs'
import { readPapers, readPhoto, setPaperGone } from '@/data/photos'
import type { OpenHouse } from '../house/openHouse'
import { keepPicture } from '../visit/photos'

/** A picture of a paper card, to be looked at beside the dog's own card. */
export interface Paper {
  id: string
  when: string
}

/** Keeps a picture of a dog's paper card. Sent twice it is kept once; refused when it is no picture. */
export const keepPaper = (dogId: number, id: string, sent: Uint8Array, nowMs: number): Promise<Result<null>> =>
  keepPicture({ dogId }, id, sent, nowMs, async () =>
    (await holdDog(dogId)) ? null : refuse('dogId', 'This dog is not in the book.'),
  )

export const readPaper = (dogId: number, id: string) => readPhoto({ dogId }, id)

export const papersOf = async (dogId: number, { time }: OpenHouse): Promise<Paper[]> =>
  (await readPapers(dogId)).map(({ id, keptMs }) => ({ id, when: time.longDay(keptMs) }))

export const PaperAsked = z.strictObject({ dogId: z.int().positive(), id: z.uuid(), isGone: z.boolean() })

/** Takes a paper card away, or puts it back. */
export async function putPaper(
  { dogId, id, isGone }: z.infer<typeof PaperAsked>,
  { nowMs }: OpenHouse,
): Promise<Result<null>> {
  await setPaperGone(dogId, id, isGone ? nowMs : null)
  return { ok: true, value: null }
}
