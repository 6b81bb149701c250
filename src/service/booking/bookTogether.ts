import { z } from 'zod'
import { clockOf, minutesOf } from '@/core/people'
import type { Result } from '@/core/result'
import type { OpenHouse } from '../house/openHouse'
import { allOrNothing } from '../together'
import { BookingAsked, bookVisit, type Booked } from './bookVisit'

export const TogetherAsked = z.strictObject({
  first: BookingAsked.omit({ by: true }),
  by: z.string().max(200).optional(),
  /** The other dogs of the household: at the same time with somebody else, or behind the dog before with the same person. */
  others: z
    .array(
      BookingAsked.omit({ day: true, clock: true, staffId: true, home: true, by: true }).extend({
        how: z.enum(['beside', 'after']),
        staffId: z.number().int().positive(),
      }),
    )
    .max(6, { error: 'Book at most seven dogs in one go.' }),
})

/** Books the dogs of one household in one go: all of them, or none. */
export function bookTogether(
  { first, others, by }: z.infer<typeof TogetherAsked>,
  house: OpenHouse,
): Promise<Result<{ booked: Booked[] }>> {
  return allOrNothing(async (): Promise<Result<{ booked: Booked[] }>> => {
    const made = await bookVisit({ ...first, by }, house)
    if (!made.ok) return made
    const booked = [made.value]
    let freeAt = minutesOf(first.clock) + made.value.slotMin
    for (const { how, staffId, ...other } of others) {
      const clock = how === 'beside' ? first.clock : clockOf(freeAt)
      const next = await bookVisit(
        { ...other, staffId, clock, by, day: first.day, ...(first.home ? { home: first.home } : {}) },
        house,
      )
      if (!next.ok) return next
      booked.push(next.value)
      if (how === 'after') freeAt += next.value.slotMin
    }
    return { ok: true, value: { booked } }
  })
}
