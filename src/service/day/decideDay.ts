import { z } from 'zod'
import { DayDeed, DayPlan, isOfVan, standingDay, tellsOf, type DayLine, type StandingDay } from '@/core/day'
import { isBathers } from '@/core/people'
import { refuse, type Result } from '@/core/result'
import { Day } from '@/core/units'
import { inTransaction } from '@/data/connection'
import { addDayDeed, readDayDeeds } from '@/data/dayDeeds'
import { holdHouse } from '@/data/house'
import type { OpenHouse } from '../house/openHouse'
import { stale } from '../stale'
import { By } from '../trail/noteSaid'
import { dayEntries } from './dayEntry'
import { houseDay, type PlannedHouse } from './houseDay'
import { roadDay } from './roadDay'

const [, Lock, Bay, Undo] = DayDeed.options

export const DayAsked = z.strictObject({
  day: Day,
  /** The last line of the day's log that was on the screen: nothing is decided over what another screen decided meanwhile. */
  after: z.number().int().min(0),
  deed: z.discriminatedUnion('kind', [z.strictObject({ kind: z.literal('take'), plan: DayPlan }), Lock, Bay, Undo]),
  by: By,
})
type Asked = z.infer<typeof DayAsked>

/** Decides something about the plan of a day: takes a plan, fixes a piece, keeps a dog out of the bay, or takes that back. */
export async function decideDay({ day, after, deed, by }: Asked, house: OpenHouse): Promise<Result<{ no: number }>> {
  if (day < house.time.day(house.nowMs)) return refuse('day', 'This day is over: nothing is planned into it.')
  const entries = await dayEntries(house, day)
  const ofVan = deed.kind === 'take' && isOfVan(deed.plan)
  const planned = ofVan ? await roadDay(entries, house, day) : await houseDay(entries, house, day)
  if (!planned) return refuse('plan', 'The van stops at no door on this day any more.')
  return inTransaction(async () => {
    await holdHouse()
    const lines = await readDayDeeds(day)
    const standing = standingDay(lines, planned.day.setting)
    if (standing.lastNo !== after) return stale('The plan of this day', newer(lines, after))
    const decided = decidedBy(deed, planned, standing, house)
    if (!decided.ok) return decided
    const no = standing.lastNo + 1
    await addDayDeed(day, { no, atMs: house.nowMs, by, deed: decided.value })
    return { ok: true, value: { no } }
  })
}

const newer = (lines: readonly DayLine[], after: number): string[] => [
  ...new Set(lines.flatMap(({ no, by }) => (no > after ? [`by ${by}`] : []))),
]

function decidedBy(
  deed: Asked['deed'],
  { day, bookings }: Pick<PlannedHouse, 'day' | 'bookings'>,
  { taken, last }: StandingDay,
  house: OpenHouse,
): Result<DayDeed> {
  if (deed.kind === 'undo')
    return last?.no === deed.of
      ? { ok: true, value: deed }
      : refuse('of', 'This was taken back already, or something was decided after it.')
  if (deed.kind === 'take') {
    if (deed.plan.dogs.some(({ id }) => bookings[id] === undefined))
      return refuse('plan', 'The day has other dogs than this plan: look at it again.')
    const tells = tellsOf(day, taken?.plan ?? null, deed.plan)
    return {
      ok: true,
      value: { ...deed, tells: tells.map(({ dog, words }) => ({ bookingId: bookings[dog] as number, words })) },
    }
  }
  if (!Object.values(bookings).includes(deed.bookingId))
    return refuse('bookingId', 'This dog is not booked on this day.')
  if (deed.kind === 'lock' && deed.staffId !== null) {
    const who = house.hands.find(({ id }) => id === deed.staffId)
    if (!who || !day.people.some(({ id }) => id === who.name))
      return refuse('staffId', 'This person does not work on this day.')
    if (who.role === 'bather' && !deed.stages.every(isBathers))
      return refuse('staffId', `${who.name} is a bather: this stage is a groomer’s.`)
  }
  return { ok: true, value: deed }
}
