import { chanceAt, MOST_PROPOSED, proposals, type BookedFit, type BusyTime, type Proposal } from '@/core/book'
import { isHere } from '@/core/household'
import type { Case } from '@/core/plan'
import { refuse, type Result } from '@/core/result'
import { addDays, type Day } from '@/core/units'
import { readLastSlots, type Booking } from '@/data/bookings'
import { readDog, type Dog } from '@/data/dogs'
import { draftAsked, type TimesAsked } from '../booking/bookVisit'
import { caseOfDraft } from '../booking/planOf'
import { takenBetween } from '../booking/timeOf'
import type { OpenHouse } from '../house/openHouse'
import { costAt } from './dayCost'
import { fitOf } from './fits'
import type { z } from 'zod'

/** A start that is offered, with the slot it takes there and how sure it is. */
export interface OfferedTime extends Proposal {
  slotMin: number
  percent: number
}

/** Around its day a dog may come so many days sooner or later. Source: from memory. */
const AROUND_DAYS = 24

/** The three best starts for a dog around the day that is right for it. */
export async function proposeTimes(
  asked: z.infer<typeof TimesAsked>,
  house: OpenHouse,
): Promise<Result<{ offered: OfferedTime[]; around: Day; waterLitres: number }>> {
  const dog = await readDog(asked.dogId)
  if (!dog) return refuse('dogId', 'This dog is not in the book.')
  if (!isHere(dog.standing))
    return refuse('dogId', `${dog.name} does not come at present; change that on its file first.`)
  const { time, nowMs, opening } = house
  const tomorrow = addDays(time.day(nowMs), 1)
  const around = [asked.around ?? dog.dueOn ?? tomorrow, tomorrow].sort().at(-1) ?? tomorrow
  const fits = await fitsByHand(asked, dog, around, house)
  const { bookings, taken, busy } = await takenBetween(
    addDays(around, -AROUND_DAYS),
    addDays(around, AROUND_DAYS),
    house,
  )
  const minds = Math.max(dog.behaviour.dogs ?? 0, dog.behaviour.people ?? 0)
  const people = house.hands.flatMap(({ id, work, role }) => {
    const fit = fits.get(id)?.fit
    const can = fit && canDo(fit, role, work.skills)
    return fit && can ? [{ id, work, slotMin: fit.shortestMin }] : []
  })
  const usual = (await readLastSlots([dog.id])).get(dog.id)
  const found = proposals({
    dogId: dog.id,
    ...(usual ? { usualStaffId: usual.staffId } : {}),
    slotMin: 0,
    from: tomorrow,
    around,
    opening,
    people,
    taken,
    busy: [...busy, ...otherwiseOut(bookings, asked.setting, house)],
    minds,
    householdId: dog.householdId,
    most: MOST_WEIGHED,
  })
  const offered = await weighed(found, dog, fits, asked, house)
  return { ok: true, value: { offered, around, waterLitres: [...fits.values()][0]?.fit.waterLitres ?? 0 } }
}

type Fits = ReadonlyMap<number, { fit: BookedFit; planned: Case }>

/** The starts that cost the other dogs of their days least: what speaks for a start, and what the day says to it. */
async function weighed(
  found: readonly Proposal[],
  dog: Dog,
  fits: Fits,
  { setting }: z.infer<typeof TimesAsked>,
  house: OpenHouse,
): Promise<OfferedTime[]> {
  const isRoad = (setting ?? (house.works === 'van' ? 'mobile' : 'salon')) === 'mobile'
  const all = found.map(async (each, at) => {
    const known = fits.get(each.staffId)
    if (!known) return []
    const { fit, planned } = known
    const slotMin = fit.shortestMin
    const percent = chanceAt(fit.curve, slotMin)
    if (isRoad) return [{ offer: { ...each, slotMin, percent }, cost: at }]
    const { broken, shareLost, says } = await costAt({ ...each, slotMin, dog, plannedCase: planned }, house)
    const why = [each.why, says].filter(Boolean).join('; ')
    return [{ offer: { ...each, why, slotMin, percent }, cost: at + broken * COST.broken + shareLost * COST.share }]
  })
  const costed = (await Promise.all(all)).flat().sort((a, b) => a.cost - b.cost)
  return costed.slice(0, MOST_PROPOSED).map(({ offer }) => offer)
}

/** So many starts are weighed for the three that are offered. From memory. */
const MOST_WEIGHED = 6
/** What a broken promise and a lost chance cost, in places of the order. From memory. */
const COST = { broken: 10, share: 2 }

/** Whoever is out with the van on a day takes no dog in the house, and the other way round. */
function otherwiseOut(
  bookings: readonly Booking[],
  setting: 'salon' | 'mobile' | undefined,
  { time, works }: OpenHouse,
): BusyTime[] {
  const mine = setting ?? (works === 'van' ? 'mobile' : 'salon')
  return bookings
    .filter((booking) => booking.setting !== mine)
    .map(({ staffId, startMs }) => ({ staffId, day: time.day(startMs), from: 0, to: 24 * 60, why: 'out with the van' }))
}

const canDo = (fit: BookedFit, role: string, skills: readonly string[] | undefined): boolean =>
  (!fit.groomer || role !== 'bather') && (skills === undefined || fit.skills.every((each) => skills.includes(each)))

/** What the groom takes with each who works here, on the day around which it should come. */
async function fitsByHand(asked: z.infer<typeof TimesAsked>, dog: Dog, around: Day, house: OpenHouse) {
  const startMs = house.time.at(around, '10:00')
  const made = house.hands.map(async ({ id }) => {
    const file = await caseOfDraft(draftAsked({ ...asked, dogId: dog.id }, { staffId: id, startMs }, house), house.time)
    return file ? [[id, { fit: fitOf(file.planned), planned: file.planned }] as const] : []
  })
  return new Map((await Promise.all(made)).flat())
}
