import { addDays } from '@/core/units'
import type { OpenHouse } from '../house/openHouse'
import { dayVisits } from './dayEntry'

/** The pages that a device needs without a network: Day, and each dog of today and tomorrow from its file to its wrap-up. */
export async function offlinePages(house: OpenHouse): Promise<string[]> {
  const today = house.time.day(house.nowMs)
  const tomorrow = addDays(today, 1)
  const days = await Promise.all([today, tomorrow].map((day) => dayVisits(house, day)))
  const ofDogs = days.flatMap(({ bookings, visits }) =>
    bookings.flatMap(({ id, dogId }) => {
      const visit = visits.find(({ bookingId }) => bookingId === id)
      const bench = visit ? [`/visits/${visit.id}/bench`, `/visits/${visit.id}/wrap-up`] : [`/bookings/${id}/bench`]
      return [...bench, `/bookings/${id}/plan`, `/dogs/${dogId}`]
    }),
  )
  return ['/', ...new Set(ofDogs), `/?day=${tomorrow}`]
}
