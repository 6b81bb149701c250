import { z } from 'zod'
import { STRUCK, strikerOfAll, struckIn, unsigned } from '@/core/forget'
import { refuse, type Result } from '@/core/result'
import { inTransaction } from '@/data/connection'
import { readDogsOf } from '@/data/dogs'
import { readFileChanges } from '@/data/fileChanges'
import { dropMadeOf, strikeOut, takeAwayOfHome, whileForgetting } from '@/data/forget'
import {
  changeHousehold,
  changeOwner,
  holdHousehold,
  readHouseholdsJoined,
  readOwnersGone,
  readOwnersOf,
  setFirstCalled,
  setOwnerGone,
  type Household,
  type Owner,
} from '@/data/households'
import type { OpenHouse } from '../house/openHouse'
import { noteSaid } from '../trail/noteSaid'

export const ForgetAsked = z.strictObject({ householdId: z.int().positive(), ownerId: z.int().positive() })

/** What goes: rows with words struck out, pictures, messages; and whether the household's address goes with its last person. */
export interface Forgotten {
  struck: number
  photos: number
  messages: number
  isLast: boolean
}

/** What would go, before anybody says yes. */
export const lookForget = (asked: z.infer<typeof ForgetAsked>, house: OpenHouse): Promise<Result<Forgotten>> =>
  forget(asked, house, null)

/**
 * Forgets a person: name, numbers, addresses, messages and pictures go; cards, minutes and what was signed stay without a
 * name. The address, pictures and messages are the whole household's, and go with its last person.
 */
export const forgetPerson = (
  asked: z.infer<typeof ForgetAsked>,
  house: OpenHouse,
  by: string,
): Promise<Result<Forgotten>> => forget(asked, house, by)

type Asked = z.infer<typeof ForgetAsked>

/** @param by null only looks */
function forget(asked: Asked, house: OpenHouse, by: string | null): Promise<Result<Forgotten>> {
  return inTransaction(async () => {
    const found = await whoGoes(asked, house)
    if (!found) return refuse('ownerId', 'This person is not in the book any more.')
    const { isLast, strike } = found
    const { householdId } = asked
    const struck = (dry: boolean) => strikeOut(householdId, strike, dry)
    const rows = await (by === null ? struck(true) : whileForgetting(() => struck(false)))
    const gone = isLast ? await takeAwayOfHome(householdId, by === null) : { photos: 0, messages: 0 }
    if (by !== null) {
      await strikePeople(householdId, found)
      await dropMadeOf(householdId)
      await noteSaid({ kind: 'household', id: householdId }, 'A person was forgotten', by, house.nowMs)
    }
    return { ok: true, value: { struck: rows, ...gone, isLast } }
  })
}

interface Going {
  going: Owner[]
  /** Who stays, and is called from then on. */
  others: Owner[]
  homes: Household[]
  isLast: boolean
  strike: (kept: unknown) => unknown
}

/** Who goes and by what they are told; with the last one whoever was taken out before, and the household. Null: no such person. */
async function whoGoes({ householdId, ownerId }: Asked, { everybody }: OpenHouse): Promise<Going | null> {
  const home = await holdHousehold(householdId)
  const owners = await readOwnersOf([householdId])
  const owner = owners.find(({ id }) => id === ownerId)
  if (!home || !owner) return null
  const others = owners.filter(({ id }) => id !== ownerId)
  const isLast = others.length === 0
  const going = [owner, ...(isLast ? await readOwnersGone(householdId) : [])]
  const homes = isLast ? [home, ...(await readHouseholdsJoined(householdId))] : []
  const changes = isLast
    ? await readFileChanges({ kind: 'household', id: homes.map(({ id }) => id) }, MOST_CHANGES)
    : []
  const kept = [...going, ...homes, ...changes.flatMap(({ before, after }) => [before, after])]
  const spared = [...(await readDogsOf(householdId)), ...everybody, ...others].map(({ name }) => name)
  const text = strikerOfAll(kept, spared)
  return { going, others, homes, isLast, strike: (kept) => struckIn(isLast ? unsigned(kept) : kept, text) }
}

/** So many changes of a household are looked through for what it was called before. From memory. */
const MOST_CHANGES = 10_000

async function strikePeople(householdId: number, { going, others, homes }: Going): Promise<void> {
  for (const { id } of going) {
    await changeOwner(id, { name: STRUCK, phone: null, email: null, agreed: {}, first: false })
    await setOwnerGone(id, true)
  }
  const [next] = others
  if (next && going.some(({ first }) => first)) await setFirstCalled(householdId, next.id)
  for (const { id } of homes) await changeHousehold(id, { name: STRUCK, place: '', notes: '', spot: null })
}
