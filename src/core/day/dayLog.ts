import { z } from 'zod'
import { Clock } from '../people'
import { StageId } from '../stages'
import type { HouseDay } from './day'
import { DayPlan } from './dayPlan'

/** The format of a stored deed. */
export const DAY_DEED_FORMAT = 1

const bookingId = z.number().int().positive()

/** Something that a person decided about the plan of a day. */
export const DayDeed = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('take'),
    plan: DayPlan,
    tells: z.array(z.strictObject({ bookingId, words: z.string().max(1000) })).max(80),
  }),
  /** Stages of a dog are done by one person, or begin no earlier; neither: they are free again. */
  z.strictObject({
    kind: z.literal('lock'),
    bookingId,
    stages: z.array(StageId).min(1, { error: 'Name at least one stage.' }).max(40),
    staffId: z.number().int().positive().nullable(),
    from: Clock.nullable(),
  }),
  z.strictObject({ kind: z.literal('bay'), bookingId, may: z.boolean() }),
  z.strictObject({ kind: z.literal('undo'), of: z.number().int().positive() }),
])
export type DayDeed = z.infer<typeof DayDeed>

/** A van's plan has stops, and no other has. */
export const isOfVan = ({ stops }: DayPlan): boolean => stops.length > 0

/** A deed with its number in the day's log. */
export interface DayLine {
  no: number
  atMs: number
  by: string
  deed: DayDeed
}

export interface StageLock {
  bookingId: number
  stage: StageId
  staffId: number | null
  from: string | null
}

/** What was decided of a day and stands. */
export interface StandingDay {
  /** The number of the last line; 0 in an empty log. */
  lastNo: number
  taken: { no: number; atMs: number; by: string; plan: DayPlan } | null
  locks: StageLock[]
  /** Bookings of dogs that are not to stand in a bay. */
  noBay: number[]
  tells: { no: number; atMs: number; bookingId: number; words: string }[]
  /** What would be taken back next. */
  last: DayLine | null
}

/**
 * Folds a day's log: what was taken back counts as never decided, and stays in the log. The house and its van have a plan
 * each, told apart by its stops.
 */
export function standingDay(lines: readonly DayLine[], setting: HouseDay['setting'] = 'salon'): StandingDay {
  const undone = new Set(lines.flatMap(({ deed }) => (deed.kind === 'undo' ? [deed.of] : [])))
  const standing = lines.filter(({ no, deed }) => deed.kind !== 'undo' && !undone.has(no))
  const locks = new Map<string, StageLock>()
  const bays = new Map<number, boolean>()
  let taken: StandingDay['taken'] = null
  const tells: StandingDay['tells'] = []
  for (const { no, atMs, by, deed } of standing) {
    if (deed.kind === 'take') {
      if (isOfVan(deed.plan) === (setting === 'mobile')) taken = { no, atMs, by, plan: deed.plan }
      tells.push(...deed.tells.map((tell) => ({ ...tell, no, atMs })))
    }
    if (deed.kind === 'bay') bays.set(deed.bookingId, deed.may)
    if (deed.kind !== 'lock') continue
    const { bookingId: of, stages, staffId, from } = deed
    // The time is the first stage's: the others follow it.
    for (const [at, stage] of stages.entries())
      locks.set(`${of} ${stage}`, { bookingId: of, stage, staffId, from: at === 0 ? from : null })
  }
  return {
    lastNo: lines.at(-1)?.no ?? 0,
    taken,
    locks: [...locks.values()].filter(({ staffId, from }) => staffId !== null || from !== null),
    noBay: [...bays].flatMap(([of, may]) => (may ? [] : [of])),
    tells,
    last: standing.at(-1) ?? null,
  }
}
