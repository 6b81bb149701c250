import { chanceAt, proposals, type BookedFit, type Proposal } from '@/core/book'
import { isHere } from '@/core/household'
import { refuse, type Result } from '@/core/result'
import { addDays, type Day } from '@/core/units'
import { readLastSlots } from '@/data/bookings'
import { readDog, type Dog } from '@/data/dogs'
import { draftAsked, type TimesAsked } from '../booking/bookVisit'
import { caseOfDraft } from '../booking/planOf'
import { takenBetween } from '../booking/timeOf'
import type { OpenHouse } from '../house/openHouse'
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
  const { taken, busy } = await takenBetween(addDays(around, -AROUND_DAYS), addDays(around, AROUND_DAYS), house)
  const minds = Math.max(dog.behaviour.dogs ?? 0, dog.behaviour.people ?? 0)
  const people = house.hands.flatMap(({ id, work, role }) => {
    const fit = fits.get(id)
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
    busy,
    minds,
    householdId: dog.householdId,
  })
  const offered = found.flatMap((each): OfferedTime[] => {
    const fit = fits.get(each.staffId)
    return fit ? [{ ...each, slotMin: fit.shortestMin, percent: chanceAt(fit.curve, fit.shortestMin) }] : []
  })
  return { ok: true, value: { offered, around, waterLitres: [...fits.values()][0]?.waterLitres ?? 0 } }
}

const canDo = (fit: BookedFit, role: string, skills: readonly string[] | undefined): boolean =>
  (!fit.groomer || role !== 'bather') && (skills === undefined || fit.skills.every((each) => skills.includes(each)))

/** What the groom takes with each who works here, on the day around which it should come. */
async function fitsByHand(asked: z.infer<typeof TimesAsked>, dog: Dog, around: Day, house: OpenHouse) {
  const startMs = house.time.at(around, '10:00')
  const made = house.hands.map(async ({ id }) => {
    const file = await caseOfDraft(draftAsked({ ...asked, dogId: dog.id }, { staffId: id, startMs }, house), house.time)
    return file ? [[id, fitOf(file.planned)] as const] : []
  })
  return new Map((await Promise.all(made)).flat())
}
