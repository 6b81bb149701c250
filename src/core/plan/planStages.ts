import { endsGroom, isStiff, mayUseCabinet } from '../health'
import { DEFAULT_HOUSE, arrange, houseFor, preferredOrder, type House } from '../order'
import type { CardEntry } from '../request'
import { STAGES, STAGE_FACTS, behaviourAt, stageOfZone, type PlannedStage, type StageId } from '../stages'
import { howOf, learnedLog } from '../pace'
import {
  CABINET_MIN,
  behaviourFactor,
  oneDecimal,
  STAGE_SIGMA,
  stageMedianMin,
  stageP90Min,
  type StageWork,
  type Term,
} from '../time'
import { groupOf, type ZoneId } from '../zones'
import type { Case } from './case'
import type { PlannedCard } from './planCard'
import type { MatWork } from './mats'
import type { Plan } from './plan'
import { whoIsThere } from './whoIsThere'

/** Stages that exist only for the zones cut there. */
const FOR_ZONES: readonly StageId[] = [
  'pre-clip',
  'sanitary',
  'pads',
  'body',
  'flat-work',
  'legs',
  'feet',
  'underline',
  'tail',
  'head',
]
const STOPPED: readonly StageId[] = ['arrive', 'look-over', 'handover']
/** Clipped at or below this a zone is flat work, mm. Source: common practice (a 7F). */
const FLAT_MM = 3.2
/** Rough-in pays when more than a third of the coat comes off. Source: common practice. */
const ROUGH_IN_SHARE = 1 / 3

export interface PlannedStages {
  stages: PlannedStage[]
  left: Plan['left']
  /** Waits that nothing else fills, minutes. */
  openWaitMin: number
}

/** Which stages, in which order, how long, and why the others are left out. */
export function planStages(input: Case, planned: PlannedCard, mats: MatWork): PlannedStages {
  const { behaviour = {} } = input
  const needs = { ageMonths: input.dog.ageMonths ?? null, face: behaviour.face ?? 0, feet: behaviour.feet ?? 0 }
  const { house, moved } = houseFor(needs, input.house ?? DEFAULT_HOUSE)
  const zones = zonesByStage(planned.card, house)
  const movesSome = moved !== null && zonesByStage(planned.card, input.house ?? DEFAULT_HOUSE).has('pre-clip')
  const left = new Map<StageId, string>()
  for (const stage of STAGES) {
    const why = whyLeft(stage, input, planned, house, zones)
    if (why !== null) left.set(stage, stage === 'pre-clip' && movesSome ? moved : why)
  }
  const wanted = STAGES.filter((stage) => !left.has(stage))
  const own = input.order?.filter((stage, at, all) => all.indexOf(stage) === at)
  if (own) for (const stage of wanted) if (!own.includes(stage)) left.set(stage, 'Not in this order.')
  const order = own ?? arrange(wanted, preferredOrder(house))
  const work = workOf(input, planned.card, mats)
  const stages = order.map((id): PlannedStage => {
    const { medianMin: median, sigma } = stageTerm(
      input,
      id,
      stageMedianMin(id, work),
      howOf(id, zones.get(id) ?? [], planned.card, work.matMin > 0),
    )
    const waitMin = id === 'dry' ? (work.cabinet ? CABINET_MIN : 0) : STAGE_FACTS[id].waitMin
    return {
      id,
      p50: oneDecimal(median),
      p90: oneDecimal(stageP90Min(median, Math.hypot(sigma, input.pace?.daySigma ?? 0))),
      waitMin,
      zones: zones.get(id) ?? [],
      why: [
        whyDone(id, work),
        whyLearned(input, id),
        whyMinded(id, behaviour),
        id === 'look-over' ? whyBouts(input) : '',
        id === 'arrive' ? whoIsThere(behaviour) : '',
      ]
        .filter(Boolean)
        .join(' '),
    }
  })
  const remaining = [...left].filter(([id]) => !order.includes(id)).map(([id, why]) => ({ id, why }))
  return { stages, left: remaining, openWaitMin: stages.reduce((sum, _, at) => sum + openWait(stages, at), 0) }
}

/** The part of a stage's wait that no stage of this dog fills: nails in the bath are done while conditioner works. */
export function openWait(stages: readonly PlannedStage[], at: number): number {
  const stage = stages[at]
  const next = stages[at + 1]
  if (!stage) return 0
  const filled = stage.id === 'condition' && (next?.id === 'nails' || next?.id === 'ears') ? next.p50 : 0
  return Math.max(0, oneDecimal(stage.waitMin - filled))
}

function zonesByStage(card: readonly CardEntry[], house: House): Map<StageId, ZoneId[]> {
  const byStage = new Map<StageId, ZoneId[]>()
  for (const entry of card) {
    if (entry.method === 'leave') continue
    const shaved = entry.method === 'clip' && entry.lengthMm <= FLAT_MM
    const stage = stageOfZone(entry.zone, shaved, house.faceFeetWhen === 'before-bath')
    const zones = byStage.get(stage) ?? []
    if (!zones.includes(entry.zone)) byStage.set(stage, [...zones, entry.zone])
  }
  return byStage
}

function whyLeft(
  stage: StageId,
  input: Case,
  planned: PlannedCard,
  house: House,
  zones: Map<StageId, ZoneId[]>,
): string | null {
  const stopped = (input.health ?? []).some(endsGroom)
  if (stopped) return STOPPED.includes(stage) ? null : 'Stopped after the look-over: laboured breath.'
  if (FOR_ZONES.includes(stage) && !zones.has(stage)) return 'Nothing is cut here today.'
  if (stage === 'second-wash') return 'One wash is enough unless the coat is greasy.'
  if (stage === 'rough-in') return whyNoRoughIn(input, planned, house)
  if (stage === 'blend' && !zones.has('body') && !zones.has('legs')) return 'No lines to erase.'
  return null
}

function whyNoRoughIn(input: Case, { card, presentOn }: PlannedCard, house: House): string | null {
  if (house.roughIn !== 'auto') return house.roughIn === 'always' ? null : 'House rule: no rough-in.'
  if ((input.behaviour?.dryer ?? 0) >= 3) return null
  const coat = card.filter(({ zone }) => groupOf(zone) === 'body' || groupOf(zone) === 'legs')
  const before = coat.reduce((sum, { zone, side }) => sum + presentOn(zone, side), 0)
  const after = coat.reduce((sum, { lengthMm }) => sum + lengthMm, 0)
  return before - after > before * ROUGH_IN_SHARE ? null : 'Less than a third of the coat comes off.'
}

/** What of a dog and its trim decides the minutes. */
export function workOf(input: Case, card: readonly CardEntry[], mats: MatWork): StageWork {
  const legs = card.filter(({ zone, method }) => groupOf(zone) === 'legs' && method !== 'leave')
  const dryer = input.behaviour?.dryer ?? 0
  return {
    coat: input.dog.coat,
    weightKg: input.dog.weightKg,
    behaviour: input.behaviour ?? {},
    matMin: mats.minutes,
    legsScissored: legs.filter(({ method }) => method === 'scissor').length * 2 > legs.length,
    show: input.request.purpose === 'show',
    // A dog that struggles at the dryer is dried by hand, in the open.
    cabinet: input.setting === 'salon' && dryer < 3 && mayUseCabinet(input.dog, input.health ?? [], dryer),
  }
}

/** A stage's minutes as this house's own visits have them; by the table alone where nothing was learned. */
export function stageTerm({ pace }: Pick<Case, 'pace'>, id: StageId, tableMin: number, how: string | null): Term {
  if (!pace) return { medianMin: tableMin, sigma: STAGE_SIGMA }
  const { house, dog } = learnedLog(pace, id, how)
  return { medianMin: tableMin * Math.exp(house + dog), sigma: pace.stages[id]?.sigma ?? STAGE_SIGMA }
}

/** A dog that is this much off at a stage is worth a word. */
const TELLING = 0.15

function whyLearned({ pace }: Case, id: StageId): string {
  const log = pace?.stages[id]?.dog ?? 0
  if (Math.abs(log) < TELLING) return ''
  return `Its own visits: ${Math.round(Math.abs(Math.exp(log) - 1) * 100)} % ${log > 0 ? 'more' : 'less'} time.`
}

/** How this dog took it before, and what that does to the minutes. */
function whyMinded(stage: StageId, behaviour: NonNullable<Case['behaviour']>): string {
  const grade = behaviourAt(stage, behaviour)
  if (grade < 2) return ''
  return `Minds it, ${grade} of 4: ${Math.round((behaviourFactor(grade) - 1) * 100)} % more time.`
}

/** Old and unsteady dogs do not stand for all of it. Source: common practice. */
const whyBouts = ({ dog, health = [] }: Case): string =>
  isStiff(dog, health) ? 'Short bouts: let it sit or lie, leave out one style.' : ''

function whyDone(stage: StageId, work: StageWork): string {
  if (stage === 'brush-out' && work.matMin > 0) return `${work.matMin} min of it for mats.`
  if (stage === 'legs' && work.legsScissored) return 'Scissored: about double combed legs.'
  if (stage === 'dry') return work.cabinet ? 'Warm in the cabinet, then finished by hand.' : 'Dried by hand.'
  return ''
}
