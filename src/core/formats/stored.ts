import { ZodError } from 'zod'
import { Case, Plan } from '../plan'
import { refuse, type Result } from '../result'
import { VisitEvent } from '../visit'
import { honestCut } from './cuts'
import { NewerFormat, eachOf, upgraded, withKey, type UpgradeStep } from './upgrade'

/** A case and a plan as they are stored with a visit, each read through its steps. */
export const VISIT_FORMAT = 2

const lastWithHonestCuts = (last: unknown) => withKey(last, 'card', eachOf(honestCut))
const CASE_STEPS: readonly UpgradeStep[] = [
  // 1 → 2: cards carry cuts that a tool really makes.
  (stored) => withKey(withKey(stored, 'last', lastWithHonestCuts), 'saved', lastWithHonestCuts),
]

const PLAN_STEPS: readonly UpgradeStep[] = [
  // 1 → 2: cuts likewise; a referral names its zone, which was not kept before.
  (stored) =>
    withKey(
      withKey(stored, 'card', eachOf(honestCut)),
      'refer',
      eachOf((refer) => ({ zone: null, ...(refer as object) })),
    ),
]

/** @throws when it fits no case, or was stored by a newer Kovit */
export const readStoredCase = (json: string, format: number): Case =>
  Case.parse(upgraded(JSON.parse(json), format, CASE_STEPS))

/** @throws when it fits no plan, or was stored by a newer Kovit */
export const readStoredPlan = (json: string, format: number): Plan =>
  Plan.parse(upgraded(JSON.parse(json), format, PLAN_STEPS))

export const EVENT_FORMAT = 4
const EVENT_STEPS: readonly UpgradeStep[] = [
  // 1 → 2: what was cut is a cut that a tool really makes.
  (stored) => withKey(stored, 'cut', honestCut),
  // 2 → 3: new kinds, and a place in the order; what came before stands by its time.
  (stored) => stored,
  // 3 → 4: a slot that is brought to its dog; what came before knows none.
  (stored) => stored,
]

/** @throws ZodError when it fits no event, SyntaxError when it is no JSON, NewerFormat when a newer Kovit stored it */
export const readStoredEvent = (json: string, format: number): VisitEvent =>
  VisitEvent.parse(upgraded(JSON.parse(json), format, EVENT_STEPS))

/** An event as it is stored; why not, where it cannot be read: one line that nobody can read breaks no page. */
export function tryStoredEvent(json: string, format: number): Result<VisitEvent> {
  try {
    return { ok: true, value: readStoredEvent(json, format) }
  } catch (error) {
    if (error instanceof NewerFormat) return refuse('format', error.message)
    if (error instanceof ZodError || error instanceof SyntaxError)
      return refuse('payload', 'What is stored here fits no event.')
    throw error
  }
}

/** The fold that is kept beside a log. It has no steps: one of another format is folded anew from the log. */
export const FOLD_FORMAT = 2
