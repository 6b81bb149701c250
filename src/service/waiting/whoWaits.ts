import { z } from 'zod'
import { firstOfGaps, type Gap, type WaitingLine } from '@/core/waiting'
import { isHere } from '@/core/household'
import { refuse, type Result } from '@/core/result'
import { Day, addDays } from '@/core/units'
import { readLastSlots } from '@/data/bookings'
import { inTransaction } from '@/data/connection'
import { readDog, readDogNames, readDueOf, readDueUnbooked } from '@/data/dogs'
import { readFirstCalled } from '@/data/households'
import { addWaiting, readWaiting, settleWaiting } from '@/data/waiting'
import type { OpenHouse } from '../house/openHouse'
import { By } from '../trail/noteSaid'

/** A dog that was never here takes so long, until its plan says, min. Source: from memory. */
const FIRST_SLOT_MIN = 150
/** Around a gap dogs that are due so many days off are thought of. Source: from memory. */
const DUE_DAYS = 10

/** Somebody who would come, before it is read who that is. */
type Unnamed = Omit<WaitingLine, 'dog' | 'breed' | 'place' | 'owner' | 'phone' | 'householdId'>

/** Of those who wait, who is among the first of any of these gaps; who the others are is not read. */
export const namedForGaps = (all: readonly Unnamed[], gaps: readonly Omit<Gap, 'near'>[], most: number) =>
  named(firstOfGaps(gaps, all, most))

/** Everybody who would come between two days, before it is read who they are. */
export async function unnamedWaiting({ nowMs, time }: OpenHouse, fromDay: Day, toDay: Day): Promise<Unnamed[]> {
  const today = time.day(nowMs)
  const [lines, due] = await Promise.all([
    readWaiting(),
    readDueUnbooked(addDays(fromDay, -DUE_DAYS), addDays(toDay, DUE_DAYS), nowMs),
  ])
  const open = lines.filter(({ to }) => to >= today)
  const [slots, dueOf] = await Promise.all([
    readLastSlots([...open, ...due].map(({ dogId }) => dogId)),
    readDueOf(open.map(({ dogId }) => dogId)),
  ])
  const slotOf = (dogId: number) => slots.get(dogId)?.slotMin ?? FIRST_SLOT_MIN
  const listed = open.map((line) => ({
    ...line,
    dueOn: dueOf.get(line.dogId) ?? null,
    slotMin: slotOf(line.dogId),
    asked: true,
  }))
  const onList = new Set(open.map(({ dogId }) => dogId))
  const byCoat = due
    .filter(({ dogId }) => !onList.has(dogId))
    .map(({ dogId, dueOn }) => ({
      id: 0,
      dogId,
      dueOn,
      slotMin: slotOf(dogId),
      from: addDays(dueOn, -DUE_DAYS),
      to: addDays(dueOn, DUE_DAYS),
      note: '',
      madeMs: nowMs,
      asked: false,
    }))
  return [...listed, ...byCoat]
}

/** A line before it is read who that is. */
export const NAMELESS = { dog: '', breed: '', householdId: 0, place: '', owner: '', phone: null }

/** Who they are, in their order. */
export async function named(lines: readonly Unnamed[]): Promise<WaitingLine[]> {
  const dogs = await readDogNames(lines.map(({ dogId }) => dogId))
  const owners = await readFirstCalled([...dogs.values()].map(({ householdId }) => householdId))
  return lines.map((line) => {
    const dog = dogs.get(line.dogId)
    const owner = dog && owners.get(dog.householdId)
    return {
      ...line,
      dog: dog?.name ?? '',
      breed: dog?.breed ?? '',
      householdId: dog?.householdId ?? 0,
      place: owner?.place ?? '',
      owner: owner?.name ?? '',
      phone: owner?.phone ?? null,
    }
  })
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
    if (!isHere(dog.standing))
      return refuse('dogId', `${dog.name} does not come here now: change that in its file first.`)
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
