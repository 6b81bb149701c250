import type { HouseDay, StandingDay } from '@/core/day'
import type { Result } from '@/core/result'

/** A day as the page by hands has it from the house. */
export interface HandsView {
  day: HouseDay
  places: Record<string, string>
  bookings: Record<string, number>
  staff: Record<string, number>
  standing: StandingDay
  /** `10:12`, when the plan in force was taken. */
  takenAt: string | null
}

/** Decides something about the plan of a day. */
export type Decide = (input: unknown) => Promise<Result<{ no: number }>>
