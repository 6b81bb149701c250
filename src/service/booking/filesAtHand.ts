import { readPlanStamps } from '@/data/bookedFits'
import type { Booking } from '@/data/bookings'
import { AtHand } from '../atHand'
import type { HouseTime } from '../house/houseTime'
import { casesFor, type BookingFile } from './planOf'

/** Of some full days, about 50 kB each. */
const files = new AtHand<BookingFile>(120)

/** What the plans of some bookings start from; read again only where something of it has changed since, by its mark. */
export async function filesAtHand(bookings: readonly Booking[], time: HouseTime): Promise<Map<number, BookingFile>> {
  const stamps = await readPlanStamps(bookings.map(({ id }) => id))
  const keyOf = ({ id }: Booking) => `${id} ${stamps.get(id)}`
  const read = await casesFor(
    bookings.filter((booking) => files.get(keyOf(booking)) === undefined),
    time,
  )
  return new Map(
    bookings.flatMap((booking) => {
      const fresh = read.get(booking.id)
      const file = fresh ? files.keep(keyOf(booking), fresh) : files.get(keyOf(booking))
      return file ? [[booking.id, { ...file, booking }]] : []
    }),
  )
}
