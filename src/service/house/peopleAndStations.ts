import { z } from 'zod'
import { StationKind, Work } from '@/core/people'
import { refuse, type Result } from '@/core/result'
import { inTransaction } from '@/data/connection'
import { addStation, changeWork, holdMember, retireStation } from '@/data/people'
import { stale } from '../stale'
import type { RetireAsked } from './houseRules'

export const WorkAsked = z.strictObject({
  id: z.number().int().positive(),
  work: Work,
  /** The version of the person that was changed; left out by who has not seen one. */
  version: z.number().int().positive().optional(),
})

/** Keeps what somebody does and when. Refused from a stale page. */
export function saveWork({ id, work, version }: z.infer<typeof WorkAsked>): Promise<Result<{ version: number }>> {
  return inTransaction(async () => {
    const member = await holdMember(id)
    if (!member) return refuse('id', 'Nobody of that name works here.')
    if (version !== undefined && version !== member.version)
      return stale(member.name, [`skills ${(member.work.skills ?? []).join(', ') || 'none'}`])
    await changeWork(id, work)
    return { ok: true, value: { version: member.version + 1 } }
  })
}

export const StationAsked = z.strictObject({
  name: z.string().trim().min(1, { error: 'Name the station.' }).max(60, { error: 'Keep the name to 60 characters.' }),
  kind: StationKind,
})

export async function newStation({ name, kind }: z.infer<typeof StationAsked>): Promise<Result<null>> {
  await addStation(name, kind)
  return { ok: true, value: null }
}

/** Takes a station out of use, or puts it back. */
export const takeOutStation = ({ id, retired }: z.infer<typeof RetireAsked>, nowMs: number): Promise<Result<null>> =>
  retireStation(id, retired ? nowMs : null)
