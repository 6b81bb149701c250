import { readPlanStamps } from '@/data/bookedFits'
import type { Booking } from '@/data/bookings'
import { AtHand } from '@/data/atHand'
import type { HouseTime } from '../house/houseTime'
import { casesFor, type BookingFile } from './planOf'

/** Of some full days, about 50 kB each. */
const files = new AtHand<BookingFile>(120)

/** What the plans of some bookings start from; read again only where something of it has changed since, by its mark. */
export async function filesAtHand(bookings: readonly Booking[], time: HouseTime): Promise<Map<number, BookingFile>> {
  const stamps = await readPlanStamps(bookings.map(({ id }) => id))
  const keyOf = ({ id }: Booking) => `${id} ${stamps.get(id)}`
  const there = new Map(bookings.map((booking) => [booking.id, files.get(keyOf(booking))]))
  const read = await casesFor(
    bookings.filter(({ id }) => there.get(id) === undefined),
    time,
  )
  return new Map(
    bookings.flatMap((booking) => {
      const file = there.get(booking.id) ?? read.get(booking.id)
      return file ? [[booking.id, { ...files.keep(keyOf(booking), file), booking }]] : []
    }),
  )
}
