import { WATER_MAX_C } from '../bath'
import { cautionsFor, mayUseCabinet, type CareFacts, type ConsentId } from '../care'
import type { CardEntry } from '../request'
import { behaviourAt } from '../stages'
import type { Case } from './case'
import { BRUSH_LIMIT_MIN, isPelt, type MatWork } from './mats'
import type { Plan, PlannedStage } from './plan'

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
}
