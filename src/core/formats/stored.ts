import { Case, Plan } from '../plan'
import { VisitEvent } from '../visit'
import { honestCut } from './cuts'
import { eachOf, upgraded, withKey, type UpgradeStep } from './upgrade'

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

export const EVENT_FORMAT = 2
const EVENT_STEPS: readonly UpgradeStep[] = [
  // 1 → 2: what was cut is a cut that a tool really makes.
  (stored) => withKey(stored, 'cut', honestCut),
]

/** @throws when it fits no event, or was stored by a newer Kovit */
export const readStoredEvent = (json: string, format: number): VisitEvent =>
  VisitEvent.parse(upgraded(JSON.parse(json), format, EVENT_STEPS))
