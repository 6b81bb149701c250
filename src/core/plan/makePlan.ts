import { WATER_MAX_C, bathFor } from '../bath'
import { catchUps } from '../catch-up'
import { differences } from '../card'
import { cautionsFor, mayUseCabinet, referWhy, refers, type CareFacts } from '../care'
import { breaks } from '../order'
import { behaviourAt } from '../stages'
import { fitSlot } from '../time'
import type { CardEntry } from '../request'
import type { Case } from './case'
import { BRUSH_LIMIT_MIN, isPelt, matWork, type MatWork } from './mats'
import type { Plan } from './plan'
import { planCard } from './planCard'
import { slotPromise } from './promise'
import { returnOf, termsOf } from './returnOf'
import { planStages, type PlannedStages } from './planStages'

/** The whole plan of one dog. Pure: the same case gives the same plan. */
export function makePlan(input: Case): Plan {
  const mats = matWork(input)
  const planned = planCard(input, mats)
  const staged = planStages(input, planned, mats)
  const promise = slotPromise(input)
  const daySigma = input.pace?.daySigma ?? 0
  const terms = termsOf(input, staged.stages)
  const bodyMm = planned.presentMm.get('back') ?? 0
  return {
    kovit: 'plan/1',
    understood: planned.understood,
    unclear: planned.unclear,
    card: planned.card,
    growing: planned.growing,
    changes: differences(input.last?.card ?? [], planned.card),
    stages: staged.stages,
    left: staged.left,
    breaks: breaks(staged.stages.map(({ id }) => id)),
    cautions: cautionsOf(input, planned.card, staged, mats),
    refer: (input.health ?? []).filter(({ kind }) => refers(kind)).map(({ kind }) => ({ kind, why: referWhy(kind) })),
    consents: consentsOf(input, planned.card, mats),
    bath: {
      ...bathFor(
      staged.stages.map(({ id }) => id),
      input.dog.weightKg,
      bodyMm,
      mats.grades.size > 0,
    ),
      waterMaxC: input.house?.waterMaxC ?? WATER_MAX_C,
    },
    fit: { ...fitSlot(terms, staged.openWaitMin, input.slotMin, promise, daySigma), catchUp: catchUps(staged.stages, planned.card) },
    return: returnOf(input, staged.stages, staged.openWaitMin, planned.card),
  }
} // prettier-ignore

/** A double coat clipped under this there may not grow back the same, mm. Source: common practice. */
const DOUBLE_COAT_MM = 10
const DOUBLE_COAT_ZONES = ['neck', 'shoulder', 'back', 'side', 'rump', 'chest', 'thigh']

function consentsOf(input: Case, card: readonly CardEntry[], mats: MatWork): string[] {
  const shorn = card.some(
    ({ zone, method, lengthMm }) => method !== 'leave' && lengthMm < DOUBLE_COAT_MM && DOUBLE_COAT_ZONES.includes(zone),
  )
  return [...(isPelt(mats.under) ? ['pelt'] : []), ...(input.dog.coat === 'double' && shorn ? ['double-coat'] : [])]
}

/** The dog, its card and its stages as the cautions look at them. */
function careFacts({ dog, house, behaviour = {}, health = [] }: Case, card: readonly CardEntry[], { stages }: PlannedStages): CareFacts {
  const kinds = new Set<string>(health.map(({ kind }) => kind))
  const dryer = behaviour.dryer ?? 0
  return {
    stages,
    cuts: new Map(card.filter(({ method }) => method !== 'leave').map((entry) => [entry.zone, entry])),
    behaviourAt: (stage) => behaviourAt(stage, behaviour),
    behaviour: { dryer, feet: behaviour.feet ?? 0 },
    ageMonths: dog.ageMonths ?? null,
    visits: dog.visits ?? null,
    weightKg: dog.weightKg,
    waterMaxC: house?.waterMaxC ?? WATER_MAX_C,
    liftedByHand: house?.tableLift !== 'electric-or-ramp',
    sex: dog.sex ?? null,
    neutered: dog.neutered ?? null,
    lightSkin: dog.lightSkin === true,
    findings: health,
    cabinetAllowed: mayUseCabinet(dog, kinds, dryer),
  }
} // prettier-ignore

function cautionsOf(input: Case, card: readonly CardEntry[], staged: PlannedStages, mats: MatWork): Plan['cautions'] {
  const cautions = cautionsFor(careFacts(input, card, staged))
  const consents = consentsOf(input, card, mats)
  const atStart = (id: string, why: string) => ({
    id,
    level: 'must' as const,
    stage: 'arrive' as const,
    zone: null,
    why,
  })
  if (consents.includes('pelt'))
    cautions.unshift(
      atStart('pelt', "The owner's signed consent before shaving; hidden sores, and ears can bleed inside: watch."),
    )
  if (consents.includes('double-coat'))
    cautions.unshift(atStart('double-coat', "The owner's consent: a double coat may not grow back the same."))
  if (mats.overLimit) cautions.unshift(atStart('brush-limit', `Comfort before coat: de-matting would pass ${input.house?.brushLimitMin ?? BRUSH_LIMIT_MIN} min, so clip short.`)) // prettier-ignore
  return cautions
}
