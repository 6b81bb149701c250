'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { cardProblem } from '@/core/card'
import { problemsOf, refuse, type Result } from '@/core/result'
import { CardEntry } from '@/core/request'
import { ZONES } from '@/core/zones'
import { saveCard } from '@/data/cards'
import { readDog } from '@/data/dogs'
import { addHousePattern } from '@/data/housePatterns'
import { openHouse } from '../../../house'

const by = z.string().min(1, { error: 'Say who.' }).max(60)

/** A card that can be cut from. */
const WholeCard = z
  .array(CardEntry)
  .max(ZONES.length * 2)
  .superRefine((card, context) => {
    const problem = cardProblem(card)
    if (problem !== null) context.addIssue({ code: 'custom', message: problem })
  })

const NewVersion = z.strictObject({
  dogId: z.number().int().positive(),
  by,
  why: z.string().trim().min(1, { error: 'Say in a few words why: the next one to cut will ask.' }).max(200),
  zones: WholeCard,
})

/** Saves the card on the desk as the dog's next version. */
export async function saveVersion(input: unknown): Promise<Result<{ version: number }>> {
  const asked = NewVersion.safeParse(input)
  if (!asked.success) return { ok: false, problems: problemsOf(asked.error) }
  const { dogId, zones, why } = asked.data
  const [house, dog] = await Promise.all([openHouse(), readDog(dogId)])
  if (!dog) return refuse('dogId', 'This dog is not in the book.')
  if (!house.staff.some(({ name }) => name === asked.data.by)) return refuse('by', 'Nobody of that name works here.')
  const saved = await saveCard({ dogId, madeMs: house.nowMs, madeBy: asked.data.by, why, zones })
  revalidatePath(`/dogs/${dogId}`)
  return { ok: true, value: { version: saved.version } }
}

const NewPattern = z.strictObject({
  name: z
    .string()
    .trim()
    .min(1, { error: 'Give the pattern a name.' })
    .max(80, { error: 'Keep the name to 80 characters.' }),
  words: z.string().trim().max(200, { error: 'Keep the words to 200 characters.' }),
  by,
  card: WholeCard,
})

/** Keeps a card as a pattern of the house. */
export async function savePattern(input: unknown): Promise<Result<null>> {
  const asked = NewPattern.safeParse(input)
  if (!asked.success) return { ok: false, problems: problemsOf(asked.error) }
  const { name, words, card } = asked.data
  const { nowMs } = await openHouse()
  const kept = await addHousePattern({ name, words, card, madeBy: asked.data.by, madeMs: nowMs })
  if (!kept.ok) return kept
  revalidatePath('/patterns')
  return { ok: true, value: null }
}
