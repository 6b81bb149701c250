import { z } from 'zod'
import { STRUCK, strikerOf } from '@/core/forget'
import { refuse, type Result } from '@/core/result'
import { inTransaction } from '@/data/connection'
import { readDogsOf } from '@/data/dogs'
import { dropMadeOf, strikeOut, takeAwayOfHome, whileForgetting } from '@/data/forget'
import {
  changeHousehold,
  changeOwner,
  holdHousehold,
  readOwnersGone,
  readOwnersOf,
  setFirstCalled,
  setOwnerGone,
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

function forget(
  { householdId, ownerId }: z.infer<typeof ForgetAsked>,
  house: OpenHouse,
  by: string | null,
): Promise<Result<Forgotten>> {
  return inTransaction(async () => {
    const home = await holdHousehold(householdId)
    const owners = await readOwnersOf([householdId])
    const owner = owners.find(({ id }) => id === ownerId)
    if (!home || !owner) return refuse('ownerId', 'This person is not in the book any more.')
    const others = owners.filter(({ id }) => id !== ownerId)
    const isLast = others.length === 0
    const dogs = await readDogsOf(householdId)
    // Whoever was taken out before goes with the last one.
    const going = [owner, ...(isLast ? await readOwnersGone(householdId) : [])]
    const strike = strikerOf({
      names: [...going.map(({ name }) => name), ...(isLast ? [home.name] : [])],
      phones: going.flatMap(({ phone }) => phone ?? []),
      places: [...going.flatMap(({ email }) => email ?? []), ...(isLast ? [home.place, home.spot ?? ''] : [])],
      spared: [
        ...dogs.map(({ name }) => name),
        ...house.everybody.map(({ name }) => name),
        ...others.map(({ name }) => name),
      ],
    })
    const dry = by === null
    const counts = await (dry
      ? strikeOut(householdId, strike, true)
      : whileForgetting(() => strikeOut(householdId, strike, false)))
    const gone = isLast ? await takeAwayOfHome(householdId, dry) : { photos: 0, messages: 0 }
    if (by !== null) {
      for (const { id } of going) {
        await changeOwner(id, { name: STRUCK, phone: null, email: null, agreed: {}, first: false })
        await setOwnerGone(id, true)
      }
      const [next] = others
      if (next && owner.first) await setFirstCalled(householdId, next.id)
      await changeHousehold(
        householdId,
        isLast ? { name: STRUCK, place: '', notes: '', spot: null } : { notes: strike(home.notes) },
      )
      await dropMadeOf(householdId)
      await noteSaid({ kind: 'household', id: householdId }, 'A person was forgotten', by, house.nowMs)
    }
    const struck = [...counts.values()].reduce((sum, rows) => sum + rows, 0)
    return { ok: true, value: { struck, ...gone, isLast } }
  })
}
