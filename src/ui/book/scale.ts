import { USUAL_HOURS, minutesOf, workingMinutes } from '@/core/people'
import type { BookView } from './view'

/** The clock that all days of a book share, in minutes after midnight. */
export interface Scale {
  from: number
  to: number
  /** Where a minute stands, percent of the width. */
  at: (min: number) => number
  hours: number[]
}

/** Room before the first hour and after the last one, so that a dog can be carried there and told why not. */
const MARGIN_MIN = 60
const DAY_MIN = 24 * 60

/** From before the first opened hour to after the last one, wide enough for every dog. */
export function scaleOf({ days, staff, opening, lines }: BookView): Scale {
  const open = days.flatMap(({ day }) => staff.flatMap(({ work }) => workingMinutes(opening, work, day) ?? []))
  const usual = { from: minutesOf(USUAL_HOURS.from), to: minutesOf(USUAL_HOURS.to) }
  const hoursWithRoom = (open.length > 0 ? open : [usual]).map((span) => ({
    from: Math.max(0, span.from - MARGIN_MIN),
    to: Math.min(DAY_MIN, span.to + MARGIN_MIN),
  }))
  const spans = [...hoursWithRoom, ...lines.map(({ from, slotMin }) => ({ from, to: from + slotMin }))]
  const from = Math.floor(Math.min(...spans.map((span) => span.from)) / 60) * 60
  const to = Math.ceil(Math.max(...spans.map((span) => span.to)) / 60) * 60
  const hours = Array.from({ length: (to - from) / 60 + 1 }, (_, hour) => from + hour * 60)
  return { from, to, hours, at: (min) => ((min - from) / (to - from)) * 100 }
}
