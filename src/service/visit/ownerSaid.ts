import { z } from 'zod'
import { Verdict } from '@/core/repeat'
import { refuse, type Result } from '@/core/result'
import { ZoneId } from '@/core/zones'
import { inTransaction } from '@/data/connection'
import { changeVisit, holdVisit } from '@/data/visits'

export const Said = z.strictObject({
  visitId: z.number().int().positive(),
  zone: ZoneId,
  verdict: Verdict.nullable(),
})

/** Keeps the owner's word on a zone of a visit, from which the next card bends; null takes it back. */
export function ownerSaid({ visitId, zone, verdict }: z.infer<typeof Said>): Promise<Result<null>> {
  return inTransaction(async () => {
    const visit = await holdVisit(visitId)
    if (!visit) return refuse('visitId', 'There is no such visit.')
    const { [zone]: _, ...others } = visit.verdicts
    await changeVisit(visitId, { verdicts: verdict === null ? others : { ...others, [zone]: verdict } })
    return { ok: true, value: null }
  })
}
