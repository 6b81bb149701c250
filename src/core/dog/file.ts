import { z } from 'zod'
import { FineMeasures } from '../build'
import { HealthFact } from '../health'
import { Behaviour, DogCase } from '../plan'
import { Trigger } from '../stages'
import { Day } from '../units'

const { coat, build, weightKg, heightCm, lengthCm, name } = DogCase.shape
const line = (what: string, most: number) =>
  z
    .string()
    .trim()
    .max(most, { error: `Keep ${what} to ${most} characters.` })
    .default('')

/** What is *usual* for the breed until somebody measured or said it. */
export const USUAL_KEYS = ['coat', 'build', 'weightKg', 'heightCm', 'ears', 'faceShape'] as const
export const UsualKey = z.enum(USUAL_KEYS)
export type UsualKey = z.infer<typeof UsualKey>

/** What the plan does not count with, but the groomer minds. */
export const DogMore = z.object({
  usual: z.array(UsualKey).default([]),
  /** What helped, by what it minds. */
  helped: z
    .partialRecord(Trigger, z.string().trim().max(200, { error: 'Keep what helped to 200 characters.' }))
    .default({}),
  medicine: line('the medicine', 400),
  vet: line('the vet', 200),
  /** What an earlier groomer left, in words. */
  earlier: line('what was left', 400),
  notes: line('the notes', 2000),
})
export type DogMore = z.infer<typeof DogMore>

/** Everything a person can say of a dog. Null where nobody has said it yet. Weight in kg, height and length in cm. */
export const DogFile = z.strictObject({
  name: z.string().trim().pipe(name),
  breed: z.string().trim().max(200, { error: 'Keep the breed to 200 characters.' }),
  coat,
  build,
  weightKg,
  heightCm: heightCm.unwrap().nullable(),
  lengthCm: lengthCm.unwrap().nullable(),
  measures: FineMeasures,
  bornOn: Day.nullable(),
  sex: z.enum(['male', 'female']).nullable(),
  neutered: z.boolean().nullable(),
  lightSkin: z.boolean(),
  faceShape: z.enum(['normal', 'flat']),
  behaviour: Behaviour,
  health: z.array(HealthFact),
  vaccinatedOn: Day.nullable(),
  more: DogMore,
})
export type DogFile = z.infer<typeof DogFile>
export const DOG_FILE_KEYS = Object.keys(DogFile.shape) as (keyof DogFile)[]

/** A file in which only what was asked first is said. */
export const newFile = (asked: Pick<DogFile, 'name' | 'breed' | 'coat' | 'build' | 'weightKg'>): DogFile => ({
  heightCm: null,
  lengthCm: null,
  measures: {},
  bornOn: null,
  sex: null,
  neutered: null,
  lightSkin: false,
  faceShape: 'normal',
  behaviour: {},
  health: [],
  vaccinatedOn: null,
  more: DogMore.parse({}),
  ...asked,
})
