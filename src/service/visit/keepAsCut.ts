import { cutLengths, growthPairs, measuredZones } from '@/core/coat'
import type { GroomFacts } from '@/core/insight'
import { repeatScore } from '@/core/repeat'
import { weeksBetween } from '@/core/units'
import {
  bladeMinutes,
  cutCard,
  doneByStage,
  elapsedMin,
  foldVisit,
  outcomes,
  standing,
  type Standing,
  type Visit,
  type VisitEvent,
} from '@/core/visit'
import { patternAsked, type CardEntry, type Request } from '@/core/request'
import { readBooking, type Booking } from '@/data/bookings'
import { addCard } from '@/data/cards'
import { keepFacts, readPatternBefore } from '@/data/groomFacts'
import { keepGrowthPairs } from '@/data/growth'
import { keepBladeUse } from '@/data/kit'
import { changeDog } from '@/data/dogs'
import { changeVisit, readVisitsOfDog, type LeftBehind, type StoredVisit } from '@/data/visits'
import { keepGrowthOf } from '../insight/growths'
import { noteSaid } from '../trail/noteSaid'

/**
 * Makes what was cut the dog's next card version, and writes what follows from it: which wishes still wait, how long each
 * blade worked, and what the house learns from this groom. Called at the close and after each amendment, so that wrap-up,
 * insight and the next plan read one truth.
 */
export async function keepAsCut(
  stored: StoredVisit,
  log: readonly VisitEvent[],
  nowMs: number,
  why: 'As cut' | 'Amended',
): Promise<void> {
  const visit = foldVisit(log)
  const now = standing(stored.plannedCase, stored.plan, visit)
  const cut = cutCard(outcomes(now, visit))
  const amendment = visit.amended.at(-1)
  const { dogId } = stored
  const made = {
    madeMs: nowMs,
    madeBy: log.at(-1)?.by ?? 'bench',
    why: why === 'Amended' && amendment ? `Amended: ${amendment.why}` : why,
  }
  const { id: cutCardId, version } = await addCard({ dogId, kind: 'cut', ...made, zones: cut })
  await noteSaid({ kind: 'card', id: dogId }, `Version ${version}: ${made.why}`, made.madeBy, nowMs)
  await changeVisit(stored.id, { cutCardId, leftBehind: leftBehind(now) })
  await keepBladeUse(stored.id, bladeMinutes(now.plan.stages, cut, visit), stored.closedMs ?? nowMs)
  await keepLearned(stored, visit, now, cut)
  await keepDue(stored, now)
}

/** Wishes that still wait for coat. */
export const leftBehind = ({ plan }: Standing): LeftBehind => ({
  growing: plan.growing
    .filter(({ readyOn }) => readyOn !== null)
    .map(({ zone, side, wantedMm }) => ({ zone, ...(side ? { side } : {}), wantedMm })),
})

/** Says beside the dog when it was here, when it is due, and when a wish that waits will be possible: of its latest groom only. */
export async function keepDue({ dogId, startedMs }: StoredVisit, { plan, case: known }: Standing): Promise<void> {
  const [latest] = await readVisitsOfDog(dogId, 1)
  if (latest && latest.startedMs > startedMs) return
  await changeDog(dogId, dueAfter({ plan, case: known }))
}

/** When a dog was here, is due, and when a wish that waits will be possible. */
export function dueAfter({ plan, case: known }: Standing) {
  const wishes = plan.growing.flatMap(({ readyOn }) => readyOn ?? [])
  return { groomedOn: known.date, dueOn: plan.return?.on ?? null, wishOn: wishes.sort()[0] ?? null }
}

/** Writes, or writes again, what the house learns from a groom that was finished. */
export async function keepLearned(
  stored: StoredVisit,
  visit: Visit,
  now: Standing,
  cut: readonly CardEntry[],
): Promise<void> {
  const booking = await readBooking(stored.bookingId)
  if (!booking || visit.finishedMs === null) return
  const { id: visitId, dogId, startedMs } = stored
  const before = await readPatternBefore(dogId, startedMs)
  const facts = factsOf(stored, visit, visit.finishedMs, now, cut, { ...booking, before })
  const month = now.case.date.slice(0, 7)
  await keepFacts({ visitId, dogId, staffId: booking.staffId, startedMs, facts }, month)
  const pairs = pairsOf(now)
  await keepGrowthPairs({ visitId, dogId, foundMs: startedMs }, pairs)
  if (pairs.length > 0) await keepGrowthOf([{ id: dogId, coat: now.case.dog.coat }])
}

/**
 * What the house learns from a groom.
 * @param booked the slot, and the pattern of the dog's groom before, which *as last time* means; null: none
 */
export function factsOf(
  { plan: begun }: Pick<StoredVisit, 'plan'>,
  visit: Visit,
  finishedMs: number,
  { plan, case: known }: Standing,
  cut: readonly CardEntry[],
  { slotMin, before }: Pick<Booking, 'slotMin'> & { before: string | null },
): GroomFacts {
  const grades = Object.values(visit.behaviour).map(({ grade }) => grade)
  const done = [...doneByStage(visit, finishedMs)].map(([stage, { handsMin }]) => [stage, handsMin] as const)
  return {
    coat: known.dog.coat,
    pattern: patternOf(known.request, known.dog.name, before),
    stages: begun.stages.map(({ id, p50 }) => ({ id, p50 })),
    done: Object.fromEntries(done),
    doneMin: Math.max(0, elapsedMin(visit, finishedMs)),
    slotMin,
    promised: { p90: begun.fit.p90, chance: begun.fit.chance },
    repeat: repeatScore(plan.card, cut),
    worstGrade: grades.length === 0 ? null : Math.max(...grades),
  }
}

/** The pattern that a groom was booked in; what is asked for as last time has the one before. */
export const patternOf = (request: Request, dogName: string, before: string | null): string | null =>
  patternAsked(request, dogName) ?? (request.sameAsLast ? before : null)

/** What the last visit left against what this one found: measured on the plan, or by hand on the bench. */
export function pairsOf({ case: { last, coatNowMm, coatSidesMm = {}, dog, date } }: Standing) {
  if (!last) return []
  const found = measuredZones(coatNowMm)
  for (const [zone, { left, right }] of Object.entries(coatSidesMm))
    found.set(zone as Parameters<typeof found.set>[0], Math.min(left, right))
  return growthPairs(dog.coat, cutLengths(last.card), found, weeksBetween(last.date, date))
}
