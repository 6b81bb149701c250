import { HouseDay, standingDay } from '@/core/day'
import { REFILL_MIN, madeUpSpot, NOWHERE, PACK_MIN, SET_UP_MIN, spotOf, type Spot } from '@/core/van'
import type { Day } from '@/core/units'
import { readDayDeeds } from '@/data/dayDeeds'
import { readHouseholds } from '@/data/households'
import type { OpenHouse } from '../house/openHouse'
import { tankOf } from '../book/bookView'
import { isOnRoad, type DayEntry } from './dayEntry'
import { dayDog, namesIn } from './dogOfDay'
import { driverOn, happenedOn, nowOn } from './handsOfDay'

/**
 * The van's day as the planner reads it, with what its page tells of its doors: the bookings at their own doors, of whoever
 * has most of them; null where there are none.
 */
export async function roadDay(all: readonly DayEntry[], house: OpenHouse, day: Day) {
  const onRoad = all.filter(isOnRoad)
  const staffId = driverOf(onRoad)
  if (staffId === null) return null
  const entries = onRoad.filter(({ booking }) => booking.staffId === staffId)
  const person = driverOn(house, staffId, day)
  if (person === null) return null
  const [homes, deeds] = await Promise.all([
    readHouseholds(entries.map(({ dog }) => dog.householdId)),
    readDayDeeds(day),
  ])
  const standing = standingDay(deeds, 'mobile')
  const names = namesIn(entries)
  const base = spotOf(house.van.spot ?? '') ?? NOWHERE
  const doors = entries.map((entry) => doorOf(entry, homes.get(entry.dog.householdId), base))
  const dogs = entries.map((entry, at) => {
    const { booking, plan } = entry
    const own = dayDog(entry, names[at] as string, house, [person], NOTHING_FIXED)
    return {
      ...own,
      ...windowOf(booking, person),
      waterLitres: plan.bath.waterLitres,
      home: (doors[at] as DoorOnMap).spot,
    }
  })
  const { refill } = house.van
  const refillAt = refill && spotOf(refill.spot)
  return {
    day: HouseDay.parse({
      kovit: 'day/1',
      date: day,
      now: nowOn(house, day),
      setting: 'mobile',
      people: [person],
      dogs,
      happened: await happenedOn(entries, names, house),
      van: {
        base,
        tankLitres: tankOf(house),
        refills: refill && refillAt ? [{ id: refill.name, ...refillAt }] : [],
      },
    }),
    doors: Object.fromEntries(
      entries.map(({ dog, plan }, at) => {
        const { place, madeUp } = doors[at] as DoorOnMap
        return [names[at], { place, madeUp, what: `${dog.breed || dog.coat}, ${Math.round(plan.bath.waterLitres)} l` }]
      }),
    ),
    bookings: Object.fromEntries(entries.map(({ booking }, at) => [names[at] as string, booking.id])),
    staff: { [person.id]: staffId },
    places: {},
    standing,
    takenAt: standing.taken && house.time.clock(standing.taken.atMs),
    base: house.van.base ?? 'the base',
    setUpMin: SET_UP_MIN,
    packMin: PACK_MIN,
    refillMin: REFILL_MIN,
  }
}

const NOTHING_FIXED = { locks: [], noBay: [] }

interface DoorOnMap {
  place: string
  spot: Spot
  madeUp: boolean
}

function doorOf(
  { booking }: DayEntry,
  home: { place: string; spot: string | null } | undefined,
  base: Spot,
): DoorOnMap {
  const place = booking.home?.place ?? home?.place ?? ''
  const known = spotOf(home?.spot ?? '')
  // A stop at another address than the household's own lies where nobody said.
  const isOwn = booking.home === null || booking.home.place === home?.place
  return known && isOwn ? { place, spot: known, madeUp: false } : { place, spot: madeUpSpot(place, base), madeUp: true }
}

/** When somebody is at the door: as they said, open at an end of which they said nothing; who said nothing at all has the booked time. */
function windowOf({ home }: DayEntry['booking'], { from, to }: HouseDay['people'][number]) {
  return home?.from || home?.to ? { bring: home.from ?? from, promise: home.to ?? to } : {}
}

/** Who has most doors today; the van has one pair of hands. */
function driverOf(entries: readonly DayEntry[]): number | null {
  const count = (staffId: number) => entries.filter(({ booking }) => booking.staffId === staffId).length
  return entries.reduce<number | null>(
    (best, { booking: { staffId } }) => (best === null || count(staffId) > count(best) ? staffId : best),
    null,
  )
}
