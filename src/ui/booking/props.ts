import type { Result } from '@/core/result'
import type { Work } from '@/core/people'

type Act<Value> = (input: unknown) => Promise<Result<Value>>

export interface BookProps {
  dogId: number
  dogName: string
  staff: readonly { id: number; name: string; role?: string; work?: Work }[]
  today: string
  /** The day around which it should come; by its coat when nothing tells. */
  day?: string
  /** A time that was chosen in the book: it stands in the form, which is open. */
  at?: { day: string; clock: string; staffId: number }
  main: boolean
  label?: string
  /** Offers the last trim again. */
  again?: boolean
  /** Proposes a bath and tidy. */
  tidy?: boolean
  book: BookTimes
}

export interface BookTimes {
  together: Act<{ booked: { bookingId: number; slotMin: number }[] }>
  repeat: Act<{ repeatId: number }>
}
