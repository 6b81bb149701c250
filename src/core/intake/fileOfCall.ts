import { middle, usualOf, type Usual } from '../breeds'
import { COAT_FACTS, type CoatId } from '../coat'
import { DogMore, newFile, type DogFile, type UsualKey } from '../dog'
import type { Case } from '../plan'
import type { Request } from '../request'
import { addDays } from '../units'
import type { Call, SaidMats } from './call'

/** A pet leaves its usual groom about so long, mm. Source: from memory. */
const LEFT_MM = 10
/** Where nobody knows when it was groomed, it is taken to be at the end of its usual weeks and so many more. Source: from memory. */
const LATE_WEEKS = 4

/** Mats by place as an owner's word for them usually means. Places: common practice; grades from memory. */
const MATS: Record<SaidMats, Case['mats']> = {
  none: {},
  'a few': { armpit: 1, 'ear-out': 1, 'leg-inside': 1 },
  many: { armpit: 2, 'ear-out': 2, 'leg-inside': 2, tail: 1, chin: 1 },
  felted: { body: 3, legs: 3, 'ear-out': 3, tail: 2 },
}

/** What is known of the called dog, with what is usual where nobody said. */
export interface Called {
  usual: Usual | null
  coat: CoatId | null
  weightKg: number | null
  /** Null as long as coat or weight are not known. */
  file: DogFile | null
  request: Request
  coatNowMm: Case['coatNowMm']
  mats: NonNullable<Case['mats']>
  /** Weeks of growth that the picture shows; a guess where nobody said. */
  grownWeeks: number
  /** What has to be asked before there can be a plan. */
  missing: string[]
}

const DAYS_A_YEAR = 365.25
const DAYS_A_WEEK = 7

/** The dog of a call as far as it is said; what is *usual* for its breed stands in until somebody says otherwise. */
export function calledDog(call: Call, today: string): Called {
  const usual = usualOf(call.breed)
  const coat = call.coat ?? usual?.coat ?? null
  const weightKg = call.weightKg ?? (usual ? middle(usual.kg) : null)
  const pattern = call.pattern ?? usual?.patterns[0] ?? null
  const weeks = call.lastWeeks ?? (coat ? COAT_FACTS[coat].returnWeeks[1] + LATE_WEEKS : 0)
  return {
    usual,
    coat,
    weightKg,
    file: coat === null || weightKg === null ? null : fileOf(call, usual, coat, weightKg, today),
    request: { ...(pattern ? { pattern } : {}), ...wordsOf(call) },
    coatNowMm: coat === null ? {} : { all: grownMm(coat, weeks) },
    mats: (call.mats && MATS[call.mats]) ?? {},
    grownWeeks: Math.round(weeks),
    missing: missingOf(call, coat, weightKg),
  }
}

const missingOf = (call: Call, coat: CoatId | null, weightKg: number | null): string[] => [
  ...(call.dog.trim() === '' ? ['its name'] : []),
  ...(coat === null ? ['its coat'] : []),
  ...(weightKg === null ? ['its weight'] : []),
]

const wordsOf = ({ words }: Call): Request => (words.trim() === '' ? {} : { words: words.trim() })

/** A usual groom grown by some weeks, mm. @param weeks since it was groomed */
export function grownMm(coat: CoatId, weeks: number): number {
  const { growthMmPerWeek, terminalMm } = COAT_FACTS[coat]
  const grown = Math.round(LEFT_MM + weeks * growthMmPerWeek)
  return Math.min(grown, terminalMm ?? MOST_MM)
}
/** A case takes no longer coat than this, mm. */
const MOST_MM = 300

function fileOf(call: Call, usual: Usual | null, coat: CoatId, weightKg: number, today: string): DogFile {
  const usualKeys: UsualKey[] = [
    'build',
    'heightCm',
    'ears',
    'faceShape',
    ...(call.coat === null ? (['coat'] as const) : []),
    ...(call.weightKg === null ? (['weightKg'] as const) : []),
  ]
  return {
    ...newFile({
      name: call.dog.trim() || 'The dog',
      breed: call.breed.trim(),
      coat,
      build: usual?.build ?? 'square',
      weightKg,
    }),
    heightCm: usual && call.weightKg === null ? middle(usual.cm) : null,
    measures: usual ? { ears: usual.ears } : {},
    faceShape: usual?.face ?? 'normal',
    bornOn: call.ageYears === null ? null : addDays(today, -Math.round(call.ageYears * DAYS_A_YEAR)),
    sex: call.sex,
    neutered: call.neutered,
    behaviour: call.minds,
    health: call.health.map((kind) => ({ kind, since: today, saidBy: call.caller.trim().slice(0, 60) || 'the owner' })),
    vaccinatedOn: call.vaccinatedOn,
    more: DogMore.parse({
      usual: usual ? usualKeys : [],
      medicine: call.medicine,
      vet: call.vet,
      earlier: [call.lastWeeks === null ? '' : lastWords(call.lastWeeks, today), call.earlier.trim()]
        .filter(Boolean)
        .join('; '),
    }),
  }
}

const lastWords = (weeks: number, today: string) => `groomed about ${addDays(today, -Math.round(weeks * DAYS_A_WEEK))}`

/** Since when it may come: when its usual weeks are over, and not before tomorrow. */
export function proposedFrom(call: Call, { coat }: Pick<Called, 'coat'>, today: string): string {
  const soonest = addDays(today, 1)
  if (coat === null || call.lastWeeks === null) return soonest
  const [fromWeeks] = COAT_FACTS[coat].returnWeeks
  const ready = addDays(today, Math.round((fromWeeks - call.lastWeeks) * DAYS_A_WEEK))
  return ready > soonest ? ready : soonest
}
