import { z } from 'zod'
import { plain } from '@/core/find'
import { readDogsById, readDogsOf } from '@/data/dogs'
import { readHouseholds, readOwnersByNumber, readOwnersOf, type Owner } from '@/data/households'
import { searchDrawer } from '../find/drawer'
import type { OpenHouse } from '../house/openHouse'

export const CallAsked = z.strictObject({
  phone: z.string().max(40),
  caller: z.string().max(80),
  dog: z.string().max(80),
})

/** A household that may be the one that calls, with the dogs that live there. */
export interface KnownCaller {
  householdId: number
  household: string
  place: string
  owner: string
  dogs: { id: number; name: string; facts: string; last: string | null }[]
  /** Whether the number says so, or only the names. */
  by: 'number' | 'name'
}

/** So many that may be meant are shown; more would not be read on the telephone. */
const MOST = 3

/** Who that is: households whose number ends like this one, then those with a dog and a person of these names. */
export async function whoCalls(
  { phone, caller, dog }: z.infer<typeof CallAsked>,
  { time }: OpenHouse,
): Promise<KnownCaller[]> {
  const byNumber = await readOwnersByNumber(phone)
  const byName = byNumber.length > 0 ? [] : await namedAlike(caller, dog)
  const ids = [...new Set([...byNumber.map(({ householdId }) => householdId), ...byName])].slice(0, MOST)
  const [households, owners] = await Promise.all([readHouseholds(ids), readOwnersOf(ids)])
  return Promise.all(
    ids.map(async (householdId): Promise<KnownCaller> => {
      const { name = '', place = '' } = households.get(householdId) ?? {}
      const dogs = await readDogsOf(householdId)
      return {
        householdId,
        household: name,
        place,
        owner: ownerOf(owners, householdId),
        dogs: dogs.map((each) => ({
          id: each.id,
          name: each.name,
          facts: `${each.breed || each.coat}, ${each.weightKg} kg`,
          last: each.groomedOn && time.shortDay(time.at(each.groomedOn, '12:00')),
        })),
        by: byNumber.length > 0 ? 'number' : 'name',
      }
    }),
  )
}

const ownerOf = (owners: readonly Owner[], householdId: number): string =>
  owners.find((owner) => owner.householdId === householdId)?.name ?? ''

/** A dog of just this name whose people have a name like the caller's. */
async function namedAlike(caller: string, dog: string): Promise<number[]> {
  const [called, wanted] = [plain(caller), plain(dog)]
  if (called === '' || wanted === '') return []
  const hits = await searchDrawer(`${wanted} ${called}`, 20)
  const dogs = await readDogsById(hits.flatMap(({ kind, id }) => (kind === 'dog' ? [id] : [])))
  const same = [...dogs.values()].filter(({ name }) => plain(name) === wanted)
  const owners = await readOwnersOf(same.map(({ householdId }) => householdId))
  const parts = called.split(' ')
  const isCaller = ({ name }: Owner) =>
    plain(name)
      .split(' ')
      .some((part) => parts.includes(part))
  return [...new Set(owners.filter(isCaller).map(({ householdId }) => householdId))]
}
