import { z } from 'zod'
import { SpotText, TANK_LITRES } from '../van'

/** Where the house works. */
export const WORKS = { salon: 'A salon', van: 'A van', both: 'Both' } as const
export const Works = z.enum(Object.keys(WORKS) as [keyof typeof WORKS])
export type Works = z.infer<typeof Works>

const known = new Set<string>()

/** To ask the clock of a zone takes half a millisecond: what is known is not asked again. */
function isTimeZone(timeZone: string): boolean {
  if (known.has(timeZone)) return true
  try {
    const isThere = new Intl.DateTimeFormat('en', { timeZone }).format(0) !== ''
    if (isThere) known.add(timeZone)
    return isThere
  } catch (error) {
    if (error instanceof RangeError) return false
    throw error
  }
}

/** What a house is called, where it is, and how it measures. */
export const HouseFacts = z.strictObject({
  name: z
    .string()
    .trim()
    .min(1, { error: 'Give the house a name.' })
    .max(200, { error: 'Keep the name to 200 characters.' }),
  place: z.string().trim().max(200, { error: 'Keep the place to 200 characters.' }),
  timeZone: z.string().refine(isTimeZone, { error: 'This time zone is not known, such as Europe/London.' }),
  unit: z.enum(['mm', 'inch']),
  works: Works,
})
export type HouseFacts = z.infer<typeof HouseFacts>

/** What a van is where nobody said. */
export const VAN_USUAL = { tankLitres: TANK_LITRES }

/** The van: its tank in litres, where it stands at night, and where else it fills up. */
export const Van = z.strictObject({
  tankLitres: z
    .number({ error: 'Give the tank as a number of litres.' })
    .min(20, { error: 'The tank must be 20 to 1000 l.' })
    .max(1000, { error: 'The tank must be 20 to 1000 l.' })
    .optional(),
  base: z.string().trim().max(200, { error: 'Keep the base to 200 characters.' }).optional(),
  /** Where the base is on a map. */
  spot: SpotText.optional(),
  /** Another place where the tank is filled. */
  refill: z
    .strictObject({
      name: z
        .string()
        .trim()
        .min(1, { error: 'Give the place a name.' })
        .max(60, { error: 'Keep it to 60 characters.' }),
      spot: SpotText,
    })
    .optional(),
})
export type Van = z.infer<typeof Van>

/** The steps of setting up a house, in order; each but the first can wait. */
export const SET_UP_STEPS = {
  house: 'The house',
  opening: 'When it is open',
  people: 'Who works here',
  places: 'Where dogs stand',
  kit: 'What is in the kit',
  schools: 'How you work',
} as const
export const SetUpStep = z.enum(Object.keys(SET_UP_STEPS) as [keyof typeof SET_UP_STEPS])
export type SetUpStep = z.infer<typeof SetUpStep>
