import { z } from 'zod'
import type { WaitingLine } from '@/core/waiting'
import { refuse, type Result } from '@/core/result'
import { Day, addDays } from '@/core/units'
import { readLastSlots } from '@/data/bookings'
import { inTransaction } from '@/data/connection'
import { readDog, readDogsById, readDueUnbooked } from '@/data/dogs'
import { readFirstCalled } from '@/data/households'
import { addWaiting, readWaiting, settleWaiting } from '@/data/waiting'
import type { OpenHouse } from '../house/openHouse'
import { By } from '../trail/noteSaid'

/** A dog that was never here takes so long, until its plan says, min. Source: from memory. */
const FIRST_SLOT_MIN = 150
/** Around a gap dogs that are due so many days off are thought of. Source: from memory. */
const DUE_DAYS = 10

/** Everybody who would come between two days: those on the list, and those who are due and not booked. */
export async function whoWaits({ nowMs, time }: OpenHouse, fromDay: Day, toDay: Day): Promise<WaitingLine[]> {
  const today = time.day(nowMs)
  const [lines, due] = await Promise.all([
    readWaiting(),
    readDueUnbooked(addDays(fromDay, -DUE_DAYS), addDays(toDay, DUE_DAYS), nowMs),
  ])
  const open = lines.filter(({ to }) => to >= today)
  const dogs = await readDogsById([...open.map(({ dogId }) => dogId), ...due])
  const ids = [...dogs.keys()]
  const [slots, owners] = await Promise.all([
    readLastSlots(ids),
    readFirstCalled([...dogs.values()].map(({ householdId }) => householdId)),
  ])
  const factsOf = (dogId: number) => {
    const dog = dogs.get(dogId)
    const owner = dog && owners.get(dog.householdId)
    return {
      dogId,
      dog: dog?.name ?? '',
      breed: dog?.breed ?? '',
      dueOn: dog?.dueOn ?? null,
      slotMin: slots.get(dogId)?.slotMin ?? FIRST_SLOT_MIN,
      place: owner?.place ?? '',
      owner: owner?.name ?? '',
      phone: owner?.phone ?? null,
      householdId: dog?.householdId ?? 0,
    }
  }
  const listed = open.map((line) => ({ ...line, ...factsOf(line.dogId), asked: true }))
  const onList = new Set(open.map(({ dogId }) => dogId))
  const byCoat = due
    .filter((dogId) => !onList.has(dogId))
    .map((dogId) => {
      const facts = factsOf(dogId)
      const dueOn = facts.dueOn ?? today
      const window = { from: addDays(dueOn, -DUE_DAYS), to: addDays(dueOn, DUE_DAYS) }
      return { id: 0, ...facts, ...window, note: '', madeMs: nowMs, asked: false }
    })
  return [...listed, ...byCoat]
}

export const WaitAsked = z.strictObject({
  dogId: z.number({ error: 'Choose the dog.' }).int().positive(),
  from: Day,
  to: Day,
  note: z.string().trim().max(200, { error: 'Keep the note to 200 characters.' }).default(''),
  by: By,
})

/** Puts a dog on the list of those who would come earlier. A dog stands on it once. */
export function putOnList(
  asked: z.input<typeof WaitAsked>,
  { nowMs, time }: OpenHouse,
): Promise<Result<{ id: number }>> {
  const { dogId, from, to, note, by } = WaitAsked.parse(asked)
  return inTransaction(async () => {
    const dog = await readDog(dogId)
    if (!dog) return refuse('dogId', 'This dog is not in the book.')
    if (to < from) return refuse('to', 'The last day must be the first one or later.')
    if (to < time.day(nowMs)) return refuse('to', 'The last day is past.')
    if ((await readWaiting()).some((line) => line.dogId === dogId && line.to >= time.day(nowMs)))
      return refuse('dogId', `${dog.name} is on the list already.`)
    return { ok: true, value: { id: await addWaiting({ dogId, from, to, note, madeBy: by, madeMs: nowMs }) } }
  })
}

export const OffListAsked = z.strictObject({ id: z.number().int().positive(), off: z.boolean() })

/** Takes a line off the list, or puts it back. */
export async function takeOffList({ id, off }: z.infer<typeof OffListAsked>, nowMs: number): Promise<Result<null>> {
  const there = await inTransaction(() => settleWaiting(id, off ? { atMs: nowMs, as: 'taken off' } : null))
  return there ? { ok: true, value: null } : refuse('id', 'This line is not on the list.')
}
