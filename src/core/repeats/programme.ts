import { z } from 'zod'
import { nearestOpen } from '../book'
import type { Opening, Work } from '../people'
import type { Day } from '../units'

/** What is done when a repeat falls. */
export const GROOMS = {
  full: { label: 'Full groom', short: 'full' },
  tidy: { label: 'Bath and tidy', short: 'tidy' },
} as const
export const GroomKind = z.enum(Object.keys(GROOMS) as [keyof typeof GROOMS])
export type GroomKind = z.infer<typeof GroomKind>

/** Every n weeks the next of some grooms in turn. */
export const Programme = z.strictObject({
  everyWeeks: z
    .number({ error: 'Give the weeks as a number.' })
    .int({ error: 'The weeks must be a whole number.' })
    .min(1, { error: 'The weeks must be 1 to 26.' })
    .max(26, { error: 'The weeks must be 1 to 26.' }),
  steps: z.array(GroomKind).min(1).max(4),
})
export type Programme = z.infer<typeof Programme>

/** As RFC 5545 writes it. @example ruleOf({ everyWeeks: 5, steps: ['full'] }) // 'FREQ=WEEKLY;INTERVAL=5' */
export const ruleOf = ({ everyWeeks }: Programme): string => `FREQ=WEEKLY;INTERVAL=${everyWeeks}`

/** `every 5 weeks`; `every 2 weeks, full groom and bath and tidy in turn` */
export function programmeWords({ everyWeeks, steps }: Programme): string {
  const every = everyWeeks === 1 ? 'every week' : `every ${everyWeeks} weeks`
  if (steps.length < 2) return every
  return `${every}, ${steps.map((step) => GROOMS[step].label.toLowerCase()).join(' and ')} in turn`
}

/** One time of a repeat. */
export interface Fall {
  /** The day by its rule: by this it is known however it is moved. */
  ruleDay: Day
  /** The day on which it is booked; null where none is open for a week about. */
  day: Day | null
  step: GroomKind
  /** Why it is not booked by its rule; null when it is. */
  because: string | null
}

/** Where the days of a rule fall, each moved off a closed day to the nearest open one. */
export function fallsOf(ruleDays: readonly Day[], { steps }: Programme, opening: Opening, work: Work): Fall[] {
  return ruleDays.map((ruleDay, at) => {
    const open = nearestOpen(opening, work, ruleDay)
    const step = steps[at % steps.length] ?? 'full'
    return { ruleDay, step, day: open?.day ?? null, because: open ? open.because : 'closed all week' }
  })
}
