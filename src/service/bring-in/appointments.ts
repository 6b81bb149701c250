import { z } from 'zod'
import { SUMMARY_WORDS, mentionedIn, wordsIn } from '@/core/scribbles'
import { refuse, type Result } from '@/core/result'
import { addBroughtIn, holdBroughtIn } from '@/data/broughtIn'
import { readDogsNamed } from '@/data/dogs'
import { holdHouse } from '@/data/house'
import { readHouseholds } from '@/data/households'
import { bookVisit } from '../booking/bookVisit'
import { hindrancesAt } from '../booking/timeOf'
import { caseOfDraft, draftOf } from '../booking/planOf'
import { fitOf } from '../book/fits'
import { readCalendar, whenWords, type CalendarText } from '../calendar/busyTimes'
import { MS_PER_MIN } from '../house/houseTime'
import type { OpenHouse } from '../house/openHouse'
import { allOrNothing } from '../together'
import { noteSaid } from '../trail/noteSaid'

/** A slot is so long at the least and at the most, min; as when it is booked by hand. */
const SLOT_MIN = { least: 5, most: 720 }

/** An appointment as a calendar has it, and what it would be here. */
export interface Appointment {
  startMs: number
  slotMin: number
  when: string
  summary: string
  dogs: { dogId: number; name: string; household: string }[]
  /** What speaks against its time, where one dog is meant; and the slot that its plan asks for, min. */
  against: string[]
  planMin: number | null
}

/** What a calendar file would book with a groomer: each time, the dogs that its words name, and what speaks against it. */
export async function lookAppointments(
  asked: z.infer<typeof CalendarText>,
  house: OpenHouse,
): Promise<Result<{ rows: Appointment[]; left: number }>> {
  if (!house.hands.some(({ id }) => id === asked.staffId)) return refuse('staffId', 'Nobody of that name works here.')
  const read = readCalendar(asked, house)
  if (!read.ok) return read
  const { times, left } = read.value
  const dogs = await dogsNamed(times.map(({ why }) => why))
  const rows: Appointment[] = []
  for (const { fromMs, toMs, why } of times) {
    const slotMin = Math.round((toMs - fromMs) / MS_PER_MIN)
    const meant = mentionedIn(why, dogs)
    const [one] = meant
    const said =
      meant.length === 1 && one ? await againstIt(one.dogId, asked.staffId, fromMs, slotMin, house) : NOTHING_SAID
    rows.push({
      startMs: fromMs,
      slotMin,
      when: whenWords({ fromMs, toMs }, house.time),
      summary: why,
      dogs: meant,
      ...said,
    })
  }
  return { ok: true, value: { rows, left } }
}

async function dogsNamed(summaries: readonly string[]): Promise<Appointment['dogs']> {
  const found = await readDogsNamed([...new Set(summaries.flatMap((text) => wordsIn(text, SUMMARY_WORDS)))])
  const homes = await readHouseholds(found.map(({ householdId }) => householdId))
  return found.map(({ id, name, householdId }) => ({ dogId: id, name, household: homes.get(householdId)?.name ?? '' }))
}

async function againstIt(
  dogId: number,
  staffId: number,
  startMs: number,
  slotMin: number,
  house: OpenHouse,
): Promise<Pick<Appointment, 'against' | 'planMin'>> {
  if (slotMin < SLOT_MIN.least || slotMin > SLOT_MIN.most)
    return { ...NOTHING_SAID, against: [`A groom takes ${SLOT_MIN.least} to ${SLOT_MIN.most} min.`] }
  const file = await caseOfDraft({ ...draftOf(dogId, house, true), staffId, startMs }, house.time)
  if (!file) return NOTHING_SAID
  const fit = fitOf(file.planned)
  const found = await hindrancesAt({ dogId, dog: file.standing.dog.name, staffId, startMs, slotMin, fit }, house)
  return { against: found.map(({ sentence }) => sentence), planMin: fit.shortestMin }
}

const NOTHING_SAID: Pick<Appointment, 'against' | 'planMin'> = { against: [], planMin: null }

export const AppointmentsAsked = z.strictObject({
  /** Made on the device: sent again it books nothing more. */
  listId: z.uuid(),
  file: z.string().trim().max(200),
  staffId: z.number({ error: 'Choose who grooms.' }).int().positive(),
  rows: z
    .array(
      z.strictObject({
        dogId: z.number().int().positive(),
        startMs: z.number().int().positive(),
        slotMin: z
          .number()
          .int()
          .min(SLOT_MIN.least, { error: `A groom takes at least ${SLOT_MIN.least} min.` })
          .max(SLOT_MIN.most, { error: `A groom takes at most ${SLOT_MIN.most} min.` }),
      }),
    )
    .min(1, { error: 'Choose at least one appointment.' })
    .max(500, { error: 'Bring at most 500 appointments at a time.' }),
})

/** Books what was chosen of a calendar, also where something speaks against it: a person has seen it. All of it, or nothing. */
export function bringAppointments(
  { listId, file, staffId, rows }: z.infer<typeof AppointmentsAsked>,
  house: OpenHouse,
  by: string,
): Promise<Result<{ bookings: number }>> {
  const { time, nowMs } = house
  return allOrNothing(async () => {
    await holdHouse()
    const there = await holdBroughtIn(listId)
    if (there) return { ok: true, value: { bookings: there.made.bookings.length } }
    const bookings: number[] = []
    for (const [at, { dogId, startMs, slotMin }] of rows.entries()) {
      const slot = { day: time.day(startMs), clock: time.clock(startMs), slotMin }
      const booked = await bookVisit(
        { dogId, staffId, ...slot, sameAsLast: true, tidy: false, anyway: true, by },
        house,
      )
      if (!booked.ok)
        return {
          ok: false,
          problems: booked.problems.map(({ path, sentence }) => ({ path: `rows[${at}].${path}`, sentence })),
        }
      bookings.push(booked.value.bookingId)
    }
    const made = { households: [], owners: [], dogs: [], bookings }
    await addBroughtIn({ id: listId, file, madeMs: nowMs, madeBy: by, made })
    await noteSaid({ kind: 'house', id: 1 }, `Brought in ${bookings.length} appointments from ${file}`, by, nowMs)
    return { ok: true, value: { bookings: bookings.length } }
  })
}
