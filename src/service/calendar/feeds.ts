import { randomBytes } from 'node:crypto'
import { z } from 'zod'
import { refuse, type Result } from '@/core/result'
import { WHOLE_HOUSE, endFeed, keepFeed, readFeeds } from '@/data/calendars'
import type { OpenHouse } from '../house/openHouse'

/** Not to be guessed: 32 bytes, written for an address. */
const newSecret = (): string => randomBytes(32).toString('base64url')

export const FeedAsked = z.strictObject({
  /** Whose days; 0 is the whole house. */
  staffId: z.number().int().min(0),
  /** Gives it an address, another one, or none. */
  address: z.enum(['new', 'none']),
})

/** Gives a feed an address or another one, or takes it away; who has the address before reads nothing any more. */
export async function changeFeed(
  { staffId, address }: z.infer<typeof FeedAsked>,
  { staff, nowMs }: OpenHouse,
): Promise<Result<{ secret: string | null }>> {
  if (staffId !== WHOLE_HOUSE && !staff.some(({ id }) => id === staffId))
    return refuse('staffId', 'Nobody of that name works here.')
  if (address === 'none') {
    await endFeed(staffId)
    return { ok: true, value: { secret: null } }
  }
  const secret = newSecret()
  await keepFeed({ staffId, secret }, nowMs)
  return { ok: true, value: { secret } }
}

/** The feeds of the house and of everybody who works here. */
export async function feedsOf({ staff, name }: OpenHouse) {
  const secrets = new Map((await readFeeds()).map(({ staffId, secret }) => [staffId, secret]))
  const row = (staffId: number, label: string) => ({ staffId, label, secret: secrets.get(staffId) ?? null })
  return [row(WHOLE_HOUSE, name), ...staff.map(({ id, name: person }) => row(id, person))]
}
