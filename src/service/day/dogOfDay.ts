import type { HouseDay, StageLock, StandingDay } from '@/core/day'
import { isVeryOld, isVeryYoung } from '@/core/health'
import { clockOf, isBathers, minutesOf } from '@/core/people'
import type { StageId } from '@/core/stages'
import type { OpenHouse } from '../house/openHouse'
import type { DayEntry } from './dayEntry'

/** What one of two dogs of the same name is called on a day. */
export const nameInDay = (name: string, bookingId: number): string => `${name} (${bookingId})`

/** Two dogs of one name are told apart by the number of their booking. */
export const namesIn = (entries: readonly DayEntry[]): string[] =>
  entries.map(({ dog, booking }) =>
    entries.filter((other) => other.dog.name === dog.name).length > 1 ? nameInDay(dog.name, booking.id) : dog.name,
  )

/** What of a booking its day has to know. */
type Booked = Pick<DayEntry, 'dog' | 'plan' | 'plannedCase' | 'visit'> & {
  booking: Pick<DayEntry['booking'], 'id' | 'startMs' | 'slotMin' | 'staffId'>
}

/** A dog as a plan of its day reads it. */
export function dayDog(
  entry: Booked,
  id: string,
  house: OpenHouse,
  people: HouseDay['people'],
  { locks, noBay }: Pick<StandingDay, 'locks' | 'noBay'>,
): HouseDay['dogs'][number] {
  const { booking, dog, plan, plannedCase, visit } = entry
  const { time } = house
  const groomer = house.nameOf(booking.staffId)
  const skipped = new Set((visit?.skipped ?? []).map(({ stage }) => stage))
  const recorded = visit?.stages.map(({ stage }) => stage) ?? []
  const home = visit !== null && visit.finishedMs !== null
  const planned = plan.stages.filter(({ id: stage }) =>
    home ? recorded.includes(stage) : !skipped.has(stage) || recorded.includes(stage),
  )
  const beside = recorded.filter(
    (stage, at) => recorded.indexOf(stage) === at && !planned.some((own) => own.id === stage),
  )
  const stages = [
    ...beside.map((stage) => ({ id: stage, handsMin: 1, waitMin: 0 })),
    ...planned.map(({ id: stage, p50, waitMin }) => ({
      id: stage,
      handsMin: p50,
      waitMin,
      ...sigmaOf(plannedCase.pace?.stages[stage]?.sigma),
    })),
  ]
  const bring = time.clock(booking.startMs)
  return {
    id,
    household: String(dog.householdId),
    bring,
    promise: clockOf(Math.min(1439, minutesOf(bring) + booking.slotMin)),
    ...(people.some((own) => own.id === groomer && own.role === 'groomer') ? { groomer } : {}),
    stages,
    behaviour: dog.behaviour,
    contagious: dog.health.some(({ kind }) => kind === 'parasites'),
    // At the look-over a heavy dog is only lifted.
    handlers: plan.cautions.some(({ id: caution, stage }) => caution === 'two-handlers' && stage !== 'look-over')
      ? 2
      : 1,
    frail: isVeryOld(plannedCase.dog) || isVeryYoung(plannedCase.dog),
    noShow: false,
    locks: locks.flatMap((lock) => (lock.bookingId === booking.id ? lockOn(lock, stages, house, people) : [])),
    noBay: noBay.includes(booking.id),
  }
}

const sigmaOf = (sigma: number | undefined) => (sigma === undefined ? {} : { sigma })

/** What was fixed, as far as it can be: whoever does not work today, or may not do the stage, fixes nothing. */
function lockOn(
  { stage, staffId, from }: StageLock,
  stages: readonly { id: StageId }[],
  house: OpenHouse,
  people: HouseDay['people'],
): HouseDay['dogs'][number]['locks'] {
  const who = staffId === null ? undefined : people.find(({ id }) => id === house.nameOf(staffId))
  const does = who !== undefined && (who.role === 'groomer' || isBathers(stage))
  if (!stages.some(({ id }) => id === stage) || (!does && from === null)) return []
  return [{ stage, ...(does && { person: who.id }), ...(from !== null && { from }) }]
}
