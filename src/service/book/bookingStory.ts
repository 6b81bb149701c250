import { z } from 'zod'
import { BookingStanding, lifeWords, type Life } from '@/core/book'
import { readBookingIdsOfDog, readBookingsById, readCalledOffOfDogs } from '@/data/bookings'
import { readFileChanges } from '@/data/fileChanges'
import { MS_PER_MIN } from '../house/houseTime'
import type { OpenHouse } from '../house/openHouse'

const Changed = z.object({
  startMs: z.number().optional(),
  slotMin: z.number().optional(),
  staffId: z.number().optional(),
  standing: BookingStanding.optional(),
  why: z.string().optional(),
})
type Changed = z.infer<typeof Changed>

export const StoryAsked = z.strictObject({ bookingId: z.number().int().positive() })

/** A cancelling within this is late, ms. Source: common practice. */
const LATE_MS = 24 * 60 * MS_PER_MIN

/** What became of a booking, the latest first, and what became of this dog's others. */
export async function bookingStory({ bookingId }: z.infer<typeof StoryAsked>, house: OpenHouse) {
  const { time } = house
  const changes = await readFileChanges({ kind: 'booking', id: bookingId })
  const booking = (await readBookingsById([bookingId])).get(bookingId)
  const told = changes.map(({ madeMs, madeBy, before, after }) => ({
    when: `${time.shortDay(madeMs)} ${time.clock(madeMs)}`,
    by: madeBy,
    words: bookingWords(before, after, house),
  }))
  return { told, counts: booking ? await countsOf(booking.dogId) : '' }
}

/** What a change of a booking says. */
export function bookingWords(wasSo: unknown, isSo: unknown, { time, nameOf }: OpenHouse): string {
  const [before, after] = [Changed.parse(wasSo), Changed.parse(isSo)]
  if (after.standing !== undefined) {
    const life: Life = after.standing
    return `${capital(lifeWords(life))}${after.why ? `: ${after.why}` : ''}.`
  }
  const at = (ms: number) => `${time.shortDay(ms)} ${time.clock(ms)}`
  const { startMs = 0, slotMin = 0, staffId = 0 } = after
  if (before.startMs === undefined) return `Booked for ${at(startMs)}, ${slotMin} min, ${nameOf(staffId)}.`
  const parts = [
    before.startMs === startMs ? '' : `from ${at(before.startMs)} to ${at(startMs)}`,
    before.staffId === staffId ? '' : `from ${nameOf(before.staffId ?? 0)} to ${nameOf(staffId)}`,
    before.slotMin === slotMin ? '' : `slot ${before.slotMin} to ${slotMin} min`,
  ].filter(Boolean)
  return `Moved ${parts.join(', ')}.`
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

/** How often bookings of a dog were moved, cancelled and missed. */
async function countsOf(dogId: number): Promise<string> {
  const [ids, off] = await Promise.all([readBookingIdsOfDog(dogId), readCalledOffOfDogs([dogId])])
  const changes = await readFileChanges({ kind: 'booking', id: ids }, 500)
  const moved = changes.filter(({ before }) => Changed.parse(before).startMs !== undefined).length
  const missed = off.filter(({ standing }) => standing === 'missed').length
  const cancelled = off.length - missed
  const late = off.filter(({ standing, startMs, atMs }) => standing === 'cancelled' && startMs - atMs < LATE_MS).length
  const words = [
    moved > 0 ? `moved ${moved} ${moved === 1 ? 'time' : 'times'}` : '',
    cancelled > 0 ? `cancelled ${cancelled}${late > 0 ? `, ${late} of them within a day` : ''}` : '',
    missed > 0 ? `did not come ${missed}` : '',
  ].filter(Boolean)
  return words.length === 0 ? '' : `Of ${ids.length} bookings of this dog: ${words.join('; ')}.`
}
