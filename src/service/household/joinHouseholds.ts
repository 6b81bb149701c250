import { z } from 'zod'
import { refuse, type Result } from '@/core/result'
import { inTransaction } from '@/data/connection'
import { changeDog, readDogsOf } from '@/data/dogs'
import { addFileChange, readFileChanges } from '@/data/fileChanges'
import {
  changeHousehold,
  holdHousehold,
  moveOwners,
  readHousehold,
  readOwnersOf,
  type Household,
} from '@/data/households'
import { Who } from '../dog/saveCard'
import { MOST_NOTES } from './saveHousehold'

const id = z.number().int().positive()
export const JoinAsked = z.strictObject({ fromId: id, intoId: id, by: Who })

/** Which people and dogs came over, so that the two can be parted again. */
const Joined = z.object({ joined: z.strictObject({ fromId: id, owners: z.array(id), dogs: z.array(id) }) })

/** Two households are one: people and dogs of the first go over to the second, and its page leads there. */
export function joinHouseholds(
  { fromId, intoId, by }: z.infer<typeof JoinAsked>,
  nowMs: number,
): Promise<Result<null>> {
  return inTransaction(async () => {
    if (fromId === intoId) return refuse('intoId', 'Choose another household than this one.')
    // The lower number is held first by everybody, so that two who join crosswise do not wait for each other.
    for (const each of [fromId, intoId].sort((a, b) => a - b))
      if (!(await holdHousehold(each)))
        return refuse('intoId', 'One of the two households is not in the book any more.')
    const [from, dogs, owners] = await Promise.all([readHousehold(fromId), readDogsOf(fromId), readOwnersOf([fromId])])
    for (const dog of dogs) await changeDog(dog.id, { householdId: intoId })
    await moveOwners(ids(owners), intoId, false)
    await changeHousehold(fromId, { joinedInto: intoId })
    await changeHousehold(intoId, { notes: notesOfBoth(from, await readHousehold(intoId)) })
    const after = {
      said: `${from?.name ?? 'Another household'} was joined to it`,
      joined: { fromId, owners: ids(owners), dogs: ids(dogs) },
    }
    await addFileChange({ kind: 'household', id: intoId }, { madeMs: nowMs, madeBy: by, before: {}, after })
    return { ok: true, value: null }
  })
}

/** What was written of both, with the address that would be lost. */
function notesOfBoth(from: Household | null, into: Household | null): string {
  const address = from && from.place !== '' && from.place !== into?.place ? `${from.name} also at ${from.place}` : ''
  return [into?.notes, from?.notes, address].filter(Boolean).join('\n').slice(0, MOST_NOTES)
}

const ids = (rows: readonly { id: number }[]): number[] => rows.map(({ id: each }) => each)

export const PartAsked = z.strictObject({ householdId: id, by: Who })

/** Parts what was joined last: the people and dogs that came over go back. */
export function partHouseholds(
  { householdId, by }: z.infer<typeof PartAsked>,
  nowMs: number,
): Promise<Result<{ householdId: number }>> {
  return inTransaction(async () => {
    if (!(await holdHousehold(householdId))) return refuse('householdId', 'This household is not in the book.')
    const changes = await readFileChanges({ kind: 'household', id: householdId })
    const parted = new Set(changes.flatMap(({ after }) => (after as { parted?: number }).parted ?? []))
    const last = changes
      .map(({ after }) => Joined.safeParse(after))
      .flatMap((each) => (each.success && !parted.has(each.data.joined.fromId) ? [each.data.joined] : []))[0]
    if (!last) return refuse('householdId', 'Nothing was joined to this household.')
    for (const dogId of last.dogs) await changeDog(dogId, { householdId: last.fromId })
    await moveOwners(last.owners, last.fromId, true)
    await changeHousehold(last.fromId, { joinedInto: null })
    const after = { said: 'What was joined is parted again', parted: last.fromId }
    await addFileChange({ kind: 'household', id: householdId }, { madeMs: nowMs, madeBy: by, before: {}, after })
    return { ok: true, value: { householdId: last.fromId } }
  })
}

/** What will be where once two households are one, before they are. */
export async function joinPreview({
  fromId,
  intoId,
}: {
  fromId: number
  intoId: number
}): Promise<Result<{ lines: string[] }>> {
  const [from, into] = await Promise.all([readHousehold(fromId), readHousehold(intoId)])
  if (!from || !into) return refuse('intoId', 'This household is not in the book.')
  if (from.id === into.id) return refuse('intoId', 'Choose another household than this one.')
  const [dogs, owners, there, first] = await Promise.all([
    readDogsOf(from.id),
    readOwnersOf([from.id]),
    readDogsOf(into.id),
    readOwnersOf([into.id]),
  ])
  const named = (rows: readonly { name: string }[]) => rows.map(({ name }) => name).join(' and ') || 'nobody'
  return {
    ok: true,
    value: {
      lines: [
        `${named(dogs)} and ${named(there)} live together at ${into.place || into.name}.`,
        `${first[0]?.name ?? 'Nobody'} is called first; ${named(owners)} stays in the list.`,
        from.place === '' || from.place === into.place
          ? 'No address is lost.'
          : `The address ${from.place} is kept in the notes.`,
        'It can be parted again.',
      ],
    },
  }
}
