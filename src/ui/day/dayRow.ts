import { patternLabel } from '@/core/patterns'
import type { Plan } from '@/core/plan'
import { figureOf, type FigureDog } from '@/core/figure'
import type { CardEntry, Request } from '@/core/request'
import type { ZoneId } from '@/core/zones'
import { byFamily, type Segment } from '@/core/strip'
import { hundredths } from '@/core/units'
import { runningWait, type Forecast, type RunningWait, type Visit } from '@/core/visit'
import type { HouseClock } from '@/core/clock'

export interface DayRow {
  bookingId: number
  visitId: number | null
  dogId: number
  name: string
  kind: string
  /** The trim planned, for a small picture. */
  figure: { dog: FigureDog; coatMm: Partial<Record<ZoneId, number>>; shapes: Partial<Record<ZoneId, string | null>> }
  groomer: string
  startMs: number
  endMs: number
  slotMin: number
  /** By family, as there is room for on its tape. */
  segments: Segment[]
  forecast: { p50: number; p90: number } | null
  state: 'home' | 'wrap-up' | 'in' | 'to come'
  standing: 'holds' | 'tight' | 'late'
  words: string
  below: string
  /** Where a press leads. */
  href: string
  /** A wait that runs, with the moment it ends. */
  wait: RunningWait | null
  chance: number | null
}

/** A booking with what is known of its groom so far. */
export interface DayEntry {
  booking: { id: number; staffId: number; startMs: number; slotMin: number; request: Request }
  dog: FigureDog & { id: number; householdId: number; name: string; breed: string }
  visitId: number | null
  closed: boolean
  plan: Plan
  /** The chance at which this house calls a slot held. */
  promised: number
  visit: Visit | null
  segments: Segment[]
  /** Null once it is finished, and where its day is over. */
  forecast: Pick<Forecast, 'likelyMs' | 'lateMs' | 'chance'> | null
}

const MS_PER_MIN = 60_000

/** One booking in the words and figures of the day board. */
export function dayRow(entry: DayEntry, groomer: string, time: HouseClock): DayRow {
  const { booking, dog, visitId, visit, forecast } = entry
  const endMs = booking.startMs + booking.slotMin * MS_PER_MIN
  const toMin = (ms: number) => (ms - booking.startMs) / MS_PER_MIN
  const pattern = booking.request.pattern ? `, ${patternLabel(booking.request.pattern).toLowerCase()}` : ''
  const state = stateOf(entry)
  const base = {
    figure: figureIn(entry),
    bookingId: booking.id,
    visitId,
    dogId: dog.id,
    name: dog.name,
    kind: `${dog.breed}${pattern}`,
    groomer,
    startMs: booking.startMs,
    endMs,
    slotMin: booking.slotMin,
    segments: byFamily(entry.segments).map(drawn),
    state,
    forecast: forecast && { p50: toMin(forecast.likelyMs), p90: toMin(forecast.lateMs) },
    href: hrefOf(state, booking.id, visitId),
    wait: visit && runningWait(entry.plan.stages, visit),
    chance: forecast?.chance ?? null,
  }
  if (visit?.finishedMs != null) {
    const early = Math.round((endMs - visit.finishedMs) / MS_PER_MIN)
    const below = early >= 0 ? `${early} min early` : `${-early} min late`
    const words = `${entry.closed ? 'Home' : 'Wrap up'} ${time.clock(visit.finishedMs)}`
    return { ...base, standing: 'holds', words, below }
  }
  if (forecast === null) {
    const [words, below] = visit ? ['Not ended', 'end it on its bench'] : ['Not begun', 'nothing was noted']
    return { ...base, standing: 'tight', words, below }
  }
  const words = `${time.clock(forecast.likelyMs)} to ${time.clock(forecast.lateMs)}`
  const chance = Math.round(forecast.chance * 100)
  const pastMin = Math.round((forecast.likelyMs - endMs) / MS_PER_MIN)
  if (pastMin > 0)
    return {
      ...base,
      standing: 'late',
      words,
      below: `${pastMin} min past the slot`,
    }
  if (forecast.chance < entry.promised) return { ...base, standing: 'tight', words, below: `tight, ${chance} %` }
  return { ...base, standing: 'holds', words, below: `holds, ${chance} %` }
}

const drawn = ({ fromMin, toMin, ...rest }: Segment): Segment => ({
  ...rest,
  fromMin: hundredths(fromMin),
  toMin: hundredths(toMin),
})

function figureIn({ dog, plan }: DayEntry): DayRow['figure'] {
  const by = <T>(of: (entry: CardEntry) => T) => Object.fromEntries(plan.card.map((entry) => [entry.zone, of(entry)]))
  // Most zones have none, and a full day sends them all.
  const shapes = Object.fromEntries(Object.entries(by(({ shape }) => shape)).filter(([, shape]) => shape !== null))
  return { dog: figureOf(dog), coatMm: by(({ lengthMm }) => lengthMm), shapes }
}

function stateOf({ visit, closed }: DayEntry): DayRow['state'] {
  if (visit === null) return 'to come'
  if (visit.finishedMs === null) return 'in'
  return closed ? 'home' : 'wrap-up'
}

function hrefOf(state: DayRow['state'], bookingId: number, visitId: number | null): string {
  if (state === 'to come') return `/bookings/${bookingId}/plan`
  return `/visits/${visitId}/${state === 'in' ? 'bench' : 'wrap-up'}`
}
