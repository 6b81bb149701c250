import { COAT_FACTS, grownMm } from '@/core/coat'
import type { Chance } from '@/core/chance'
import { EVENT_FORMAT, FOLD_FORMAT, VISIT_FORMAT } from '@/core/formats'
import { howOf, learn, type Cells } from '@/core/pace'
import { makePlan, type Case, type Plan } from '@/core/plan'
import type { CardEntry } from '@/core/request'
import { FACTS_FORMAT } from '@/data/groomFacts'
import {
  bladeMinutes,
  cutCard,
  keptFoldOf,
  outcomes,
  standing,
  timedStages,
  type Standing,
  type KeptFold,
  type Visit,
  type VisitEvent,
} from '@/core/visit'
import type { ZoneId } from '@/core/zones'
import { simulateVisit, type Told } from '@/demo/simulate'
import { factsOf, leftBehind, pairsOf } from '@/service/visit/keepAsCut'
import type { Rows } from './rows'

/** Of so many visits one has a finding, and of so many findings one a picture. Made up. */
const FOUND_SHARE = 0.06
const PICTURED_SHARE = 0.3
const MEASURED_SHARE = 0.4
const LIKED_SHARE = 0.9
const MINUTE_MS = 60_000
const DAY_MS = 86_400_000
const MEASURED: readonly ZoneId[] = ['back', 'foreleg', 'skull']

export interface Person {
  id: number
  name: string
}

/** A groom to come: of which dog, when and in whose hands. */
export interface ToGroom {
  dogId: number
  planned: Case
  startMs: number
  groomer: Person
}

/** One groom as the house would have kept it, from its booking to what was learned. @returns how it left the dog */
export function groomed({ dogId, planned, startMs, groomer }: ToGroom, rows: Rows, chance: Chance, cells: Cells) {
  const plan = makePlan(planned)
  const photo = chance.share() < PICTURED_SHARE ? chance.uuid() : undefined
  const found = chance.share() < FOUND_SHARE
  const log = simulateVisit(plan, startMs, groomer, chance, 1, found ? [aLump(photo)] : [])
  const kept = keptFoldOf(log, 0)
  const { visit } = kept
  const now = standing(planned, plan, visit)
  const cut = cutCard(outcomes(now, visit))
  const endMs = visit.finishedMs ?? startMs
  const bookingId = rows.booking({ dogId, groomer, planned, startMs })
  const plannedCardId = rows.card(dogId, 'planned', startMs, groomer, plan.card)
  const cutCardId = rows.card(dogId, 'cut', endMs, groomer, cut)
  const visitId = rows.add('visits', {
    booking_id: bookingId,
    dog_id: dogId,
    planned_card_id: plannedCardId,
    cut_card_id: cutCardId,
    planned_case: planned,
    plan,
    started_at: moment(startMs),
    closed_at: moment(endMs + 5 * MINUTE_MS),
    liked: chance.share() < LIKED_SHARE,
    verdicts: {},
    format: VISIT_FORMAT,
    left_behind: leftBehind(now),
  })
  keepLog(visitId, log, kept, rows)
  keepLearned({ visitId, dogId, groomer, startMs, endMs }, { plan, visit, now, cut }, rows, cells)
  if (found && photo)
    rows.addTo('photos', { id: photo, visit_id: visitId, dog_id: null, received_at: moment(startMs), gone_at: null })
  return { now, cut }
}

export const moment = (ms: number): string => new Date(ms).toISOString()

const aLump = (photo: string | undefined): Told => ({
  at: 'look-over',
  kind: 'finding',
  finding: {
    kind: 'lump',
    zone: 'side',
    side: 'left',
    sizeMm: 8,
    words: '',
    status: 'new',
    ...(photo ? { photo } : {}),
  },
})

function keepLog(visitId: number, log: readonly VisitEvent[], kept: KeptFold, rows: Rows): void {
  let no = 0
  for (const event of log)
    no = rows.event({
      id: event.id,
      visit_id: visitId,
      at_ms: event.atMs,
      kind: event.kind,
      payload: event,
      received_at: moment(event.atMs),
      device: null,
      author_id: event.byId ?? null,
      format: EVENT_FORMAT,
    })
  rows.folds.push({ visitId, no, format: FOLD_FORMAT, fold: JSON.stringify(kept) })
}

interface Kept {
  visitId: number
  dogId: number
  groomer: Person
  startMs: number
  endMs: number
}

interface Done {
  plan: Plan
  visit: Visit
  now: Standing
  cut: CardEntry[]
}

function keepLearned(kept: Kept, { plan, visit, now, cut }: Done, rows: Rows, cells: Cells): void {
  const { visitId, dogId, groomer, startMs, endMs } = kept
  const before = rows.patterns.get(dogId) ?? null
  const facts = factsOf({ plan }, visit, endMs, now, cut, { ...now.case, before })
  rows.patterns.set(dogId, facts.pattern)
  rows.addTo('groom_facts', {
    visit_id: visitId,
    dog_id: dogId,
    staff_id: groomer.id,
    started_at: moment(startMs),
    format: FACTS_FORMAT,
    facts,
  })
  for (const { group, leftMm, foundMm, weeks } of pairsOf(now))
    rows.add('growth_pairs', {
      visit_id: visitId,
      dog_id: dogId,
      found_at: moment(startMs),
      body_part: group,
      left_mm: leftMm,
      found_mm: foundMm,
      weeks,
    })
  for (const [blade, minutes] of bladeMinutes(plan.stages, cut, visit))
    rows.addTo('blade_use', { visit_id: visitId, blade, minutes, worked_at: moment(endMs) })
  const actual = new Map(timedStages(visit, endMs).map((stage) => [stage.stage, stage]))
  const stages = plan.stages.flatMap(({ id, p50, zones }) => {
    const done = actual.get(id)
    return done ? [{ ...done, how: howOf(id, zones, plan.card, false), priorMin: p50 }] : []
  })
  const of = { dog: String(dogId), groomer: String(groomer.id), coat: now.case.dog.coat }
  learn(cells, { ...of, day: Math.floor(endMs / DAY_MS), stages })
}

/** What is measured on arrival: what the last cut left, grown since. */
export function measured(last: Case['last'], coat: Case['dog']['coat'], weeks: number, chance: Chance) {
  if (!last || chance.share() >= MEASURED_SHARE) return {}
  const zones = last.card.filter(({ zone, side, method }) => MEASURED.includes(zone) && !side && method !== 'leave')
  const rate = COAT_FACTS[coat].growthMmPerWeek * chance.factor(0.08)
  return Object.fromEntries(
    zones.map(({ zone, lengthMm }) => [zone, Math.round(grownMm(lengthMm, weeks, coat, rate) * 2) / 2]),
  )
}
