import type { BenchHands } from '@/core/other-hands'
import type { FigureDog } from '@/core/figure'
import type { Kit } from '@/core/lengths'
import type { Case, Plan } from '@/core/plan'
import type { LengthUnit } from '@/core/units'
import type { KeptFold } from '@/core/visit'
import type { BathAim } from '@/core/bath'
import type { ConsentId } from '@/core/care'
import type { PlannedStage, StageId, Trigger } from '@/core/stages'
import type { PastFinding } from './PastFindings'
import type { Begun } from './useVisitLog'

/** Another dog of today that is on the bench now, as far as the books knew when the page was drawn. */
export interface OtherBench {
  visitId: number
  name: string
  stages: readonly PlannedStage[]
  kept: KeptFold
}

/** One dog under the hand, as the bench shows it. */
export interface BenchView extends Begun {
  dog: FigureDog & { name: string }
  /** The plan as it stands: as begun, or as it follows from what was measured since. */
  plan: Plan
  /** What the plan was made from, likewise. */
  plannedCase: Case
  kit: Kit
  asked: string
  slotStartMs: number
  slotMin: number
  nowMs: number
  timeZone: string
  unit: LengthUnit
  others: readonly OtherBench[]
  /** Findings of earlier visits that are still open. */
  past: PastFinding[]
  /** Consents this groom needs. */
  consents: ConsentId[]
  /** What this house minds besides, in its own words. */
  ownCautions: readonly { id: number; stage: StageId; words: string }[]
  /** What the plan that was taken for the day says of this dog and its groomer; null where none was. */
  hands: BenchHands | null
  lastKg: number
  /** How the dog took each thing before today, 0 to 4. */
  lastGrades: Partial<Record<Trigger, number>>
  lastWorked: Partial<Record<Trigger, string>>
  /** Which kind of product this trim and skin ask for. */
  bathAims: readonly BathAim[]
}
