import { z } from 'zod'
import { Agreed, PhoneNumber } from '@/core/household'
import { refuse, type Result } from '@/core/result'
import { inTransaction } from '@/data/connection'
import { SpotText } from '@/core/van'
import { addFileChange } from '@/data/fileChanges'
import {
  addOwner,
  changeHousehold,
  changeOwner,
  holdHousehold,
  readOwnersOf,
  setFirstCalled,
  setOwnerGone,
  type Household,
  type Owner,
} from '@/data/households'
import { Who } from '../dog/saveCard'
import { stale } from '../stale'

const id = z.number().int().positive()
export const MOST_NOTES = 2000
export const personName = z
  .string()
  .trim()
  .min(1, { error: 'Give the name of the person.' })
  .max(80, { error: 'Keep the name to 80 characters.' })

export const HouseholdChange = z.strictObject({
  householdId: id,
  name: z
    .string()
    .trim()
    .min(1, { error: 'Give the name of the household.' })
    .max(80, { error: 'Keep the name to 80 characters.' }),
  place: z.string().trim().max(200, { error: 'Keep the address to 200 characters.' }),
  /** Where its door is on a map; left out it stays as it is. */
  spot: SpotText.nullable().optional(),
  notes: z
    .string()
    .trim()
    .max(MOST_NOTES, { error: `Keep the notes to ${MOST_NOTES} characters.` }),
  /** Its people, who is called first before the others; who is not in the list is taken out. */
  people: z
    .array(
      z.strictObject({
        id: id.optional(),
        name: personName,
        phone: PhoneNumber.nullable(),
        email: z
          .string()
          .trim()
          .max(200, { error: 'Keep the address to 200 characters.' })
          .regex(/^\S+@\S+\.\S+$/, { error: 'Give a mail address as name@place.' })
          .nullable()
          .default(null),
        agreed: Agreed,
      }),
    )
    .min(1, { error: 'A household has at least one person.' })
    .max(20, { error: 'A household has at most 20 people.' }),
  by: Who,
  version: id.optional(),
})

/** Keeps a household as it was changed, with its people. Refused from a stale page, which is told what the other one changed. */
export function saveHousehold(
  asked: z.infer<typeof HouseholdChange>,
  nowMs: number,
): Promise<Result<{ version: number }>> {
  return inTransaction(async () => {
    const { householdId, name, place, notes, people, by, version } = asked
    const household = await holdHousehold(householdId)
    if (!household) return refuse('householdId', 'This household is not in the book.')
    const owners = await readOwnersOf([householdId])
    if (version !== undefined && version !== household.version)
      return stale(`The household ${household.name}`, changesIn(household, owners, asked))
    const stranger = people.find((each) => each.id !== undefined && !owners.some((owner) => owner.id === each.id))
    if (stranger) return refuse('people', `${stranger.name} is not of this household any more.`)
    const spot = asked.spot === undefined ? household.spot : asked.spot
    await changeHousehold(householdId, { name, place, notes, spot })
    await keepPeople(householdId, owners, people)
    const { name: was, place: at, notes: noted, spot: door } = household
    const before = { name: was, place: at, notes: noted, spot: door, people: owners }
    const after = { name, place, notes, spot, people }
    await addFileChange({ kind: 'household', id: householdId }, { madeMs: nowMs, madeBy: by, before, after })
    return { ok: true, value: { version: household.version + 1 } }
  })
}

async function keepPeople(
  householdId: number,
  owners: readonly Owner[],
  people: z.infer<typeof HouseholdChange>['people'],
): Promise<void> {
  for (const [index, { id: known, ...said }] of people.entries()) {
    const owner = { ...said, first: index === 0 }
    const ownerId = known ?? (await addOwner(householdId, owner))
    if (known !== undefined) await changeOwner(known, owner)
    if (index === 0) await setFirstCalled(householdId, ownerId)
  }
  for (const owner of owners) if (!people.some((each) => each.id === owner.id)) await setOwnerGone(owner.id, true)
}

/** What the other one left otherwise than this one has it, in words; names only, for the page shows the rest. */
function changesIn(household: Household, owners: readonly Owner[], asked: z.infer<typeof HouseholdChange>): string[] {
  const one = (what: string, was: string, is: string) => (was === is ? [] : [`${what} ${was || 'empty'}`])
  const people = owners.map(({ name, phone }) => `${name} ${phone ?? ''}`.trim()).join(', ')
  const mine = asked.people.map(({ name, phone }) => `${name} ${phone ?? ''}`.trim()).join(', ')
  return [
    ...one('name', household.name, asked.name),
    ...one('address', household.place, asked.place),
    ...one('notes', household.notes, asked.notes),
    ...one('place on the map', household.spot ?? '', asked.spot ?? household.spot ?? ''),
    ...one('people', people, mine),
  ]
}
