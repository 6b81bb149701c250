import { programmeWords } from '@/core/repeats'
import { addDays } from '@/core/units'
import { readBookingsOfDogs } from '@/data/bookings'
import { readDogNames } from '@/data/dogs'
import { readRepeats } from '@/data/repeats'
import { minuteOfDay } from '../house/houseTime'
import type { OpenHouse } from '../house/openHouse'
import { AHEAD_DAYS, fallsIn, growRepeats } from './repeatDog'

/** Every repeat over the half year to come: as it falls by its rule, and as it is booked. */
export async function repeatsView(house: OpenHouse) {
  await growRepeats(house)
  const { time, nowMs } = house
  const today = time.day(nowMs)
  const to = addDays(today, AHEAD_DAYS)
  const repeats = await readRepeats()
  const dogIds = repeats.map((repeat) => repeat.dogId)
  const [nameOf, bookings] = await Promise.all([
    readDogNames(dogIds),
    readBookingsOfDogs(dogIds, time.startOfDay(today)),
  ])
  const rows = repeats.map((repeat) => {
    const own = bookings.filter((each) => each.repeat?.id === repeat.id)
    const falls = fallsIn(repeat, to, house).filter((fall) => (fall.day ?? fall.ruleDay) >= today)
    return {
      repeatId: repeat.id,
      dogId: repeat.dogId,
      dog: nameOf.get(repeat.dogId)?.name ?? '',
      breed: nameOf.get(repeat.dogId)?.breed ?? '',
      words: programmeWords(repeat.programme),
      clock: repeat.clock,
      groomer: house.nameOf(repeat.staffId),
      times: falls.map((fall) => {
        const booking = own.find((each) => each.repeat?.ruleDay === fall.ruleDay)
        const day = booking ? time.day(booking.startMs) : fall.day
        return {
          ...fall,
          day,
          step: fall.step,
          bookingId: booking?.id ?? null,
          slotMin: booking?.slotMin ?? null,
          asked: booking?.standing === 'asked',
          from: booking ? minuteOfDay(time, booking.startMs) : null,
          moved: booking !== undefined && (day !== fall.day || time.clock(booking.startMs) !== repeat.clock),
        }
      }),
    }
  })
  return {
    today,
    to,
    rows,
  }
}
