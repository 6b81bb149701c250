import type { Finding } from '@/core/health'
import { openWait, type Plan } from '@/core/plan'
import type { StageId, Trigger } from '@/core/stages'
import type { VisitEvent } from '@/core/visit'
import type { ZoneId } from '@/core/zones'
import type { Chance } from '@/core/chance'

const MS_PER_MIN = 60_000
/** Spread of the whole day and of each stage about the plan. Demo. */
const DAY_SIGMA = 0.05
const STAGE_SIGMA = 0.16
/** How often a visit has a note, and a scissored zone of the head is cut otherwise than planned. Demo. */
const NOTE_SHARE = 0.35
const CHANGE_SHARE = 0.2
/** How far such a zone comes out from what was planned, on the log scale: the next trim starts from it, so it must not drift. Demo. */
const OFF_SIGMA = 0.12

/** Zones shaped by eye, and how long they have to be for that, mm. Demo. */
const SHAPED: readonly ZoneId[] = ['skull', 'cheek', 'chin', 'ear-edge', 'muzzle']
const LEAST_MM = 8

const NOTES = [
  'Calmer than last time.',
  'Stood well for the nails.',
  'Owner asks for a softer ear line.',
  'A little burr behind the left elbow, out.',
  'Likes the towel over the eyes at the dryer.',
]

/** Something told at a stage besides its minutes: a finding, how the dog took it, its weight. */
export type Told = { at: StageId } & (
  | { kind: 'finding'; finding: Finding }
  | { kind: 'behaviour'; trigger: Trigger; grade: number; worked: string }
  | { kind: 'weighed'; weightKg: number }
)

/** One groom as it might go: the log that the bench would have written. */
export function simulateVisit(
  plan: Plan,
  startMs: number,
  groomer: { id: number; name: string },
  chance: Chance,
  slow = 1,
  told: readonly Told[] = [],
): VisitEvent[] {
  const day = chance.factor(DAY_SIGMA) * slow
  const log: VisitEvent[] = []
  let atMs = startMs
  const event = () => ({ id: chance.uuid(), atMs: Math.round(atMs), by: groomer.name, byId: groomer.id })
  const pass = (min: number) => (atMs += min * MS_PER_MIN)
  plan.stages.forEach((stage, at) => {
    log.push({ ...event(), kind: 'stage-started', stage: stage.id })
    const musts = plan.cautions.filter((each) => each.stage === stage.id && each.level === 'must').map(({ id }) => id)
    if (musts.length > 0) log.push({ ...event(), kind: 'cautions-seen', stage: stage.id, cautions: musts })
    const handsMin = stage.p50 * day * chance.factor(STAGE_SIGMA)
    const waitMin = openWait(plan.stages, at)
    if (waitMin > 0 && stage.id === 'dry') {
      pass(0.2)
      log.push({ ...event(), kind: 'wait-started', stage: stage.id })
      pass(waitMin)
      log.push({ ...event(), kind: 'wait-ended', stage: stage.id })
      pass(handsMin)
      return
    }
    pass(handsMin / 2)
    for (const { at: where, ...what } of told) if (where === stage.id) log.push({ ...event(), ...what })
    if (stage.id === 'look-over' && chance.share() < NOTE_SHARE)
      log.push({
        ...event(),
        kind: 'note',
        words: NOTES[Math.floor(chance.share() * NOTES.length)] ?? '',
        stage: stage.id,
      })
    if (stage.id === 'head') log.push(...cutOtherwise(plan, event, chance))
    pass(handsMin / 2)
    if (waitMin === 0) return
    log.push({ ...event(), kind: 'wait-started', stage: stage.id })
    pass(waitMin * chance.between(1, 1.15))
  })
  log.push({ ...event(), kind: 'finished' })
  return log
}

/** Now and then a scissored zone of the head comes out shorter, or longer. */
function cutOtherwise(plan: Plan, event: () => { id: string; atMs: number; by: string }, chance: Chance): VisitEvent[] {
  return plan.card.flatMap(({ zone, side, method, lengthMm }) => {
    const byHand = (method === 'scissor' || method === 'thin') && SHAPED.includes(zone) && lengthMm >= LEAST_MM
    if (!byHand || chance.share() >= CHANGE_SHARE) return []
    const cutMm = Math.round(lengthMm * chance.factor(OFF_SIGMA))
    return [
      {
        ...event(),
        kind: 'zone-cut' as const,
        cut: { zone, side, method, blade: null, comb: null, lay: null, lengthMm: cutMm },
      },
    ]
  })
}

/** Minutes from the start to the moment something happened at a stage; null when it did not. */
export function minutesTo(
  log: readonly VisitEvent[],
  kind: 'wait-started' | 'stage-started',
  stage: string,
): number | null {
  const event = log.find((each) => each.kind === kind && each.stage === stage)
  const first = log[0]
  return event && first ? (event.atMs - first.atMs) / MS_PER_MIN : null
}
