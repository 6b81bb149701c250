import { z } from 'zod'
import { CoatId } from '../coat'
import { HealthKind } from '../health'
import { Agreed } from '../household'
import { PatternId } from '../patterns'
import { Trigger } from '../stages'
import { Day } from '../units'

/** How matted the owner says the dog is. */
export const SAID_MATS = ['none', 'a few', 'many', 'felted'] as const
export const SaidMats = z.enum(SAID_MATS)
export type SaidMats = z.infer<typeof SaidMats>

/** What is asked first of how a dog takes things. */
export const ASKED_TRIGGERS = [
  'brush',
  'dryer',
  'nails',
  'face',
  'bath',
  'people',
] as const satisfies readonly Trigger[]

/** Standing facts that an owner knows and a plan reads. */
export const ASKED_HEALTH = [
  'heart',
  'seizure',
  'diabetic',
  'arthritis',
  'blind',
  'deaf',
  'allergy',
] as const satisfies readonly HealthKind[]

const grade = z.number().int().min(0).max(4)

/** What was said on the telephone so far, in the order of the call. Null and empty are *not said*. Weight in kg. */
export const Call = z.object({
  /** Made on the device, so that a call is taken in once. */
  id: z.uuid().nullable(),
  phone: z.string(),
  caller: z.string(),
  place: z.string(),
  /** The household that calls, where it is known. */
  householdId: z.number().int().positive().nullable(),
  dog: z.string(),
  breed: z.string(),
  weightKg: z.number().nullable(),
  ageYears: z.number().nullable(),
  lastWeeks: z.number().nullable(),
  /** By whom it was groomed, and what was done. */
  earlier: z.string(),
  coat: CoatId.nullable(),
  mats: SaidMats.nullable(),
  minds: z.partialRecord(Trigger, grade),
  health: z.array(z.enum(ASKED_HEALTH)),
  sex: z.enum(['male', 'female']).nullable(),
  neutered: z.boolean().nullable(),
  medicine: z.string(),
  vaccinatedOn: Day.nullable(),
  vet: z.string(),
  agreed: Agreed,
  pattern: PatternId.nullable(),
  words: z.string(),
})
export type Call = z.infer<typeof Call>

export const EMPTY_CALL: Call = {
  id: null,
  phone: '',
  caller: '',
  place: '',
  householdId: null,
  dog: '',
  breed: '',
  weightKg: null,
  ageYears: null,
  lastWeeks: null,
  earlier: '',
  coat: null,
  mats: null,
  minds: {},
  health: [],
  sex: null,
  neutered: null,
  medicine: '',
  vaccinatedOn: null,
  vet: '',
  agreed: {},
  pattern: null,
  words: '',
}
