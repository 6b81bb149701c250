import { WATER_MAX_C } from '../bath'
import { cautionsFor, type CareFacts, type ConsentId } from '../care'
import { mayUseCabinet } from '../health'
import type { CardEntry } from '../request'
import { behaviourAt, type PlannedStage } from '../stages'
import type { Case } from './case'
import { BRUSH_LIMIT_MIN, isPelt, type MatWork } from './mats'
import type { Plan } from './plan'

/** A double coat clipped under this there may not grow back the same, mm. Source: common practice. */
const DOUBLE_COAT_MM = 10
const DOUBLE_COAT_ZONES = ['neck', 'shoulder', 'back', 'side', 'rump', 'chest', 'thigh']

/** What has to be minded at these stages with this card, and what the owner signs; what concerns all of the groom stands at its first stage. */
export function careOf(
  input: Case,
  card: readonly CardEntry[],
  stages: readonly PlannedStage[],
  mats: MatWork,
): Pick<Plan, 'cautions' | 'consents'> {
  const consents = consentsOf(input, card, mats)
  const first = stages[0]?.id ?? 'arrive'
  const whole = [
    ...(mats.overLimit ? [['brush-limit', brushLimitWords(input)] as const] : []),
    ...consents.map((id) => [id, CONSENT_WHY[id]] as const),
  ]
  return {
    cautions: [
      ...whole.map(([id, why]) => ({ id, level: 'must' as const, stage: first, zone: null, why })),
      ...cautionsFor(careFacts(input, card, stages)),
    ],
    consents,
  }
}

const brushLimitWords = ({ house }: Case): string =>
  `Comfort before coat: de-matting would pass ${house?.brushLimitMin ?? BRUSH_LIMIT_MIN} min, so clip short.`

type CoatConsent = Exclude<ConsentId, 'old-or-ill'>
const CONSENT_WHY: Record<CoatConsent, string> = {
  'double-coat': "The owner's consent: a double coat may not grow back the same.",
  pelt: "The owner's signed consent before shaving; hidden sores, and ears can bleed inside: watch.",
}

/** Consents that the coat asks for. */
function consentsOf({ dog }: Case, card: readonly CardEntry[], mats: MatWork): CoatConsent[] {
  const shorn = card.some(
    ({ zone, method, lengthMm }) => method !== 'leave' && lengthMm < DOUBLE_COAT_MM && DOUBLE_COAT_ZONES.includes(zone),
  )
  return [
    ...(isPelt(mats.under) ? ['pelt' as const] : []),
    ...(dog.coat === 'double' && shorn ? ['double-coat' as const] : []),
  ]
}

/** The dog, its card and its stages as the cautions look at them. */
function careFacts(
  { dog, house, behaviour = {}, health = [] }: Case,
  card: readonly CardEntry[],
  stages: readonly PlannedStage[],
): CareFacts {
  const dryer = behaviour.dryer ?? 0
  const cuts = card.filter(({ method }) => method !== 'leave')
  return {
    stages,
    cutsAt: (zone) => cuts.filter((entry) => entry.zone === zone),
    behaviourAt: (stage) => behaviourAt(stage, behaviour),
    behaviour: { dryer, feet: behaviour.feet ?? 0 },
    dog,
    weightKg: dog.weightKg,
    waterMaxC: house?.waterMaxC ?? WATER_MAX_C,
    liftedByHand: house?.tableLift !== 'electric-or-ramp',
    sex: dog.sex ?? null,
    neutered: dog.neutered ?? null,
    health,
    cabinetAllowed: mayUseCabinet(dog, health, dryer),
  }
}
