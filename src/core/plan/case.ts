import { z } from 'zod'
import { BuildId, Measured } from '../build'
import { CoatId } from '../coat'
import { HealthFact } from '../health'
import { Kit, LengthMm } from '../lengths'
import { House } from '../order'
import { Pace } from '../pace'
import { Verdicts } from '../repeat'
import { LastEntry, Request } from '../request'
import { StageId, Trigger } from '../stages'
import { Day } from '../units'
import { GROUPS, Side, ZoneId, ZoneKey } from '../zones'

const between = (what: string, low: number, high: number, unit = '') =>
  z
    .number({ error: `Give ${what} as a number.` })
    .min(low, { error: `${capital(what)} must be ${low} to ${high}${unit}.` })
    .max(high, { error: `${capital(what)} must be ${low} to ${high}${unit}.` })

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)
const grade = (what: string) => between(what, 0, 4).int({ error: `${capital(what)} must be a whole number, 0 to 4.` })

export const DogCase = z.strictObject({
  name: z.string().min(1, { error: 'Give the name of the dog.' }).max(80, { error: 'Keep the name to 80 characters.' }),
  coat: CoatId,
  build: BuildId,
  weightKg: between('the weight', 0.3, 120, ' kg'),
  ...Measured.shape,
  ageMonths: between('the age', 0, 360, ' months').optional(),
  sex: z.enum(['male', 'female']).optional(),
  neutered: z.boolean().optional(),
  lightSkin: z.boolean().optional(),
  visits: between('the visits', 0, 10_000).int({ error: 'The visits must be a whole number.' }).optional(),
  faceShape: z.enum(['normal', 'flat']).optional(),
  /** The dog's own growth by zone group; a group that is missing grows as its coat does. */
  growthMmPerWeek: z.partialRecord(z.enum(GROUPS), between('the growth', 0.1, 30, ' mm a week')).optional(),
})

export const Behaviour = z.partialRecord(Trigger, grade('behaviour'))
export type Behaviour = z.infer<typeof Behaviour>

/** Everything a plan is made from. Lengths in mm, weight in kg, minutes in the slot. */
export const Case = z.strictObject({
  kovit: z.literal('case/1'),
  date: Day,
  dog: DogCase,
  coatNowMm: z.partialRecord(ZoneKey, LengthMm),
  /** Where left and right were measured apart. */
  coatSidesMm: z.partialRecord(ZoneId, z.strictObject({ left: LengthMm, right: LengthMm })).optional(),
  mats: z.partialRecord(ZoneKey, grade('mats')).optional(),
  behaviour: Behaviour.optional(),
  health: z.array(HealthFact).optional(),
  request: Request,
  last: z
    .strictObject({
      date: Day,
      liked: z.boolean().optional(),
      card: z.array(LastEntry),
      /** What the owner said of it, zone by zone. */
      verdicts: Verdicts.optional(),
      /** Wishes that still wait for coat. */
      growing: z.array(z.strictObject({ zone: ZoneId, side: Side.optional(), wantedMm: LengthMm })).optional(),
    })
    .optional(),
  /** A card saved for this dog since the last visit: what *same as last time* then repeats. */
  saved: z.strictObject({ date: Day, card: z.array(LastEntry) }).optional(),
  /** What this house's own visits say of the minutes. */
  pace: Pace.optional(),
  kit: Kit.optional(),
  house: House.optional(),
  order: z.array(StageId).max(40, { error: 'An order holds at most 40 stages.' }).optional(),
  /** Why the groomer's own order breaks a rule. */
  orderWhy: z.string().max(200, { error: 'Keep the reason to 200 characters.' }).optional(),
  setting: z.enum(['salon', 'mobile']),
  slotMin: between('the slot', 5, 720, ' min'),
})
export type Case = z.infer<typeof Case>

/** A slot is planned for against this before it is known, minutes; the proposal does not depend on it. */
export const ANY_SLOT_MIN = 120
