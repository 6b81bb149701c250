import { z } from 'zod'
import { StationKind } from '@/core/people'
import type { Result } from '@/core/result'
import { addStation, retireStation } from '@/data/people'
import type { RetireAsked } from './houseRules'

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
