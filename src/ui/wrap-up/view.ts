import type { FigureDog } from '@/core/figure'
import type { Kit } from '@/core/lengths'
import type { Case, Plan } from '@/core/plan'
import type { Result } from '@/core/result'
import type { Verdicts } from '@/core/repeat'
import type { StageId } from '@/core/stages'
import type { Segment } from '@/core/strip'
import type { LengthUnit } from '@/core/units'
import type { Apart, ZoneOutcome } from '@/core/visit'
import type { BookProps } from '../booking/props'
import type { AmendProps } from './Amend'
import type { StageTime } from './StageMinutes'

/** A groom that is over, as the wrap-up shows it. */
export interface WrapUpView {
  visitId: number
  dog: FigureDog & { id: number; name: string }
  plan: Plan
  results: ZoneOutcome[]
  minutes: StageTime[]
  skipped: { stage: StageId; why: string }[]
  notes: { words: string; stage: StageId | null; clock: string }[]
  planned: Segment[]
  done: Segment[]
  doneMin: number
  slotMin: number
  finished: boolean
  closed: boolean
  liked: boolean | null
  unit: LengthUnit
  /** What the visit was cut with and on; for putting a cut right. */
  plannedCase: Case
  kit: Kit
  by: string
  amended: AmendProps['amended']
  staff: BookProps['staff']
  today: string
  next: { href: string; when: string } | null
  /** When to come back and why, and a bath and tidy half way. */
  proposal: {
    day: string
    longDay: string
    weeks: number
    because: string
    tidy: { day: string; longDay: string } | null
  }
  apart: Apart
  toCard: number | null
  toLast: number | null
  verdicts: Verdicts
}

/** What can be done there. */
export interface WrapUpActs {
  say: (input: unknown) => Promise<Result<null>>
  close: (input: unknown) => Promise<Result<{ dogId: number }>>
  book: BookProps['book']
}
