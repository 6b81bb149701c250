import { z } from 'zod'
import { WholeCard } from '@/core/card'
import { refuse, type Result } from '@/core/result'
import { addCard, readVersions } from '@/data/cards'
import { inTransaction } from '@/data/connection'
import { holdDog } from '@/data/dogs'
import type { OpenHouse } from '../house/openHouse'
import { stale } from '../stale'
import { noteSaid } from '../trail/noteSaid'

export const Who = z.string().min(1, { error: 'Say who.' }).max(60)

export const CardAsked = z.strictObject({
  dogId: z.number().int().positive(),
  by: Who,
  why: z.string().trim().min(1, { error: 'Say in a few words why: the next one to cut will ask.' }).max(200),
  zones: WholeCard,
  /** The newest version the desk knew of; left out by who has not seen one. */
  seen: z.number().int().nonnegative().optional(),
})

/** Saves the card on the desk as the dog's next version. Refused when somebody saved another one meanwhile. */
export function saveCard(
  { dogId, by, why, zones, seen }: z.infer<typeof CardAsked>,
  { staff, nowMs }: Pick<OpenHouse, 'staff' | 'nowMs'>,
): Promise<Result<{ version: number }>> {
  return inTransaction(async () => {
    if (!(await holdDog(dogId))) return refuse('dogId', 'This dog is not in the book.')
    if (!staff.some(({ name }) => name === by)) return refuse('by', 'Nobody of that name works here.')
    const newer = (await readVersions(dogId)).filter(({ version }) => seen !== undefined && version > seen)
    if (newer.length > 0)
      return stale(
        'This card',
        newer.map((each) => `version ${each.version} by ${each.madeBy}, ${each.why}`),
      )
    const { version } = await addCard({ dogId, kind: 'saved', madeMs: nowMs, madeBy: by, why, zones })
    await noteSaid({ kind: 'card', id: dogId }, `Version ${version} saved: ${why}`, by, nowMs)
    return { ok: true, value: { version } }
  })
}
