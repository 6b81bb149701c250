import { z } from 'zod'
import { Day } from '../units'

/** What the trail keeps changes of, and how it is called on its page. */
export const TRAIL_KINDS = {
  'taken-in': 'Taken in',
  dog: 'Dog’s file',
  household: 'Household',
  booking: 'Booking',
  card: 'Card',
  person: 'Person',
  device: 'Device',
  house: 'House',
} as const
export type TrailKind = keyof typeof TRAIL_KINDS
const TrailKind = z.enum(Object.keys(TRAIL_KINDS) as [TrailKind, ...TrailKind[]])

/** What of the trail is asked for; what cannot be read in an address is left out. */
export const TrailAsked = z.object({
  kind: TrailKind.optional().catch(undefined),
  /** The number of a person: no name stands in an address. */
  who: z.coerce.number().int().positive().optional().catch(undefined),
  from: Day.optional().catch(undefined),
  to: Day.optional().catch(undefined),
  page: z.coerce.number().int().min(1).max(1000).catch(1),
})
export type TrailAsked = z.infer<typeof TrailAsked>
