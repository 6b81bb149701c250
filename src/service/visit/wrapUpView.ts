import { kitOrAll } from '@/core/lengths'
import { figureOf } from '@/core/figure'
import { openWait, returnOf } from '@/core/plan'
import { repeatScore } from '@/core/repeat'
import { returnWords } from '@/core/returning'
import { plannedSegments, visitSegments } from '@/core/strip'
import { addDays, type Day } from '@/core/units'
import { apart, cutCard, doneByStage, elapsedMin, outcomes } from '@/core/visit'
import type { CardEntry } from '@/core/request'
import { readBookingsOfDog } from '@/data/bookings'
import { readKit } from '@/data/kit'
import { DAY_MS } from '../house/houseTime'
import type { OpenHouse } from '../house/openHouse'
import { visitFile, type VisitFile } from './visitFile'

/** From so many weeks on a coat wants a bath and tidy between. Source: common practice, weeks from memory. */
const LONG_BETWEEN = 4

/** What was done against what was planned; null when there is no such visit. */
export async function wrapUpView(visitId: number, house: OpenHouse) {
  const file = await visitFile(visitId)
  if (!file) return null
  const { time, nowMs } = house
  const { stored, booking, dog, visit, now } = file
  const { plan } = now
  const startMs = visit.startMs ?? booking.startMs
  const day = time.day(startMs)
  const results = outcomes(now, visit)
  const cut = cutCard(results)
  const finished = visit.finishedMs !== null
  const [[next], kit] = await Promise.all([readBookingsOfDog(dog.id, time.startOfDay(day) + DAY_MS), readKit()])
  return {
    visitId,
    dog: { id: dog.id, name: dog.name, ...figureOf(dog) },
    plan,
    plannedCase: now.case,
    kit: kitOrAll(kit),
    results,
    apart: apart(plan.stages, visit, now.case.pace ?? null, nowMs),
    toCard: finished ? repeatScore(plan.card, cut) : null,
    toLast: finished ? repeatScore(now.case.last?.card ?? [], cut) : null,
    verdicts: stored.verdicts,
    minutes: [...doneByStage(visit, nowMs)].map(([stage, { handsMin, waitMin }]) => ({ stage, handsMin, waitMin })),
    skipped: visit.skipped,
    notes: visit.notes.map(({ words, stage, atMs }) => ({ words, stage, clock: time.clock(atMs) })),
    amended: visit.amended.map(({ cut: { zone, side }, why, atMs, by }) => ({
      zone,
      side,
      why,
      by,
      when: `${time.shortDay(atMs)}, ${time.clock(atMs)}`,
    })),
    planned: plannedSegments(plan.stages),
    done: visitSegments(plan, visit, startMs, nowMs),
    doneMin: elapsedMin(visit, nowMs),
    slotMin: booking.slotMin,
    finished,
    closed: stored.closedMs !== null,
    liked: stored.liked,
    unit: house.unit,
    staff: house.hands,
    by: house.nameOf(booking.staffId),
    today: time.day(nowMs),
    next: next ? { href: `/bookings/${next.id}/plan`, when: time.longDay(next.startMs) } : null,
    proposal: proposalFor(file, cut, day, house),
  }
}

/** When to come back and why, and a bath and tidy half way. */
export function proposalFor({ now }: VisitFile, cut: readonly CardEntry[], day: Day, { time }: OpenHouse) {
  const { stages } = now.plan
  const waitMin = stages.reduce((sum, _, at) => sum + openWait(stages, at), 0)
  const back = returnOf(now.case, stages, waitMin, cut)
  const between = back.weeks >= LONG_BETWEEN && now.case.request.pattern !== 'bath-tidy'
  const tidyDay = between ? addDays(day, Math.round(back.weeks / 2) * 7) : null
  const middayOf = (on: Day) => time.longDay(time.at(on, '12:00'))
  return {
    day: back.on,
    longDay: middayOf(back.on),
    weeks: back.weeks,
    because: returnWords(back.because),
    tidy: tidyDay === null ? null : { day: tidyDay, longDay: middayOf(tidyDay) },
  }
}
