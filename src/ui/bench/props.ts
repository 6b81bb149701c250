import type { FigureDog } from '@/core/figure'
import type { Kit } from '@/core/lengths'
import type { Plan } from '@/core/plan'
import type { LengthUnit } from '@/core/units'
import type { VisitEvent } from '@/core/visit'
import type { OtherDog } from './WaitClock'

export interface BenchProps {
  visitId: number
  dog: FigureDog & { name: string }
  groomer: string
  plan: Plan
  kit: Kit
  asked: string
  startLog: VisitEvent[]
  slotStartMs: number
  slotMin: number
  nowMs: number
  timeZone: string
  unit: LengthUnit
  others: OtherDog[]
}
