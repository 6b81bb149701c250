import { z } from 'zod'
import { Role, Work } from '@/core/people'
import { refuse, type Result } from '@/core/result'
import { inTransaction } from '@/data/connection'
import { addMember, changeMember, holdMember, readStaff, type StaffMember } from '@/data/people'
import { endSignIns } from '@/data/signIns'
import { stale } from '../stale'
import { noteSaid } from '../trail/noteSaid'
import { forgetTries } from '../who/tries'

export const PersonName = z
  .string({ error: 'Give the name of the person.' })
  .trim()
  .min(1, { error: 'Give the name of the person.' })
  .max(60, { error: 'Keep the name to 60 characters.' })

export const PersonAsked = z.strictObject({ name: PersonName, role: Role, work: Work })

/** Somebody begins to work here. Two of one name could not be told apart on a card. */
export function addPerson(
  asked: z.infer<typeof PersonAsked>,
  by: string,
  nowMs = Date.now(),
): Promise<Result<{ id: number }>> {
  return inTransaction(async () => {
    if (await isNamed(asked.name)) return refuse('name', `${asked.name} is in the house already; add a second name.`)
    const id = await addMember(asked)
    await noteSaid({ kind: 'person', id }, `${asked.name} begins as ${asked.role}`, by, nowMs)
    return { ok: true, value: { id } }
  })
}

async function isNamed(wanted: string, but?: number): Promise<boolean> {
  const staff = await readStaff()
  return staff.some(({ id, name: has }) => id !== but && has.toLowerCase() === wanted.toLowerCase())
}

const LAST_OWNER = 'The house would be nobody’s. Make it somebody else’s as well first.'

async function isLastOwner(id: number): Promise<boolean> {
  const owners = (await readStaff()).filter(({ owner, leftOn }) => owner && leftOn === null)
  return owners.length === 1 && owners[0]?.id === id
}

export const PersonChange = z.strictObject({
  id: z.number().int().positive(),
  name: PersonName.optional(),
  role: Role.optional(),
  work: Work.optional(),
  owner: z.boolean().optional(),
  /** The version of the person that was changed; left out by who has not seen one. */
  version: z.number().int().positive().optional(),
})

/** Renames somebody, or changes what they do and when. What they did before stays theirs. Refused from a stale page. */
export function changePerson(
  { id, version, ...change }: z.infer<typeof PersonChange>,
  by: string,
  nowMs = Date.now(),
): Promise<Result<{ version: number }>> {
  return inTransaction(async () => {
    const member = await holdMember(id)
    if (!member) return refuse('id', 'Nobody of that name works here.')
    if (version !== undefined && version !== member.version)
      return stale(member.name, [`skills ${(member.work.skills ?? []).join(', ') || 'none'}`])
    if (change.name !== undefined && (await isNamed(change.name, id)))
      return refuse('name', `${change.name} is in the house already; add a second name.`)
    if (change.owner === false && (await isLastOwner(id))) return refuse('owner', LAST_OWNER)
    const said = Object.fromEntries(Object.entries(change).filter(([, value]) => value !== undefined))
    await changeMember(id, said)
    const parts = wordsOf(member, change)
    if (parts.length > 0) await noteSaid({ kind: 'person', id }, parts.join(', '), by, nowMs)
    return { ok: true, value: { version: member.version + 1 } }
  })
}

/** What becomes otherwise, in words. */
function wordsOf(was: StaffMember, { name, role, work, owner }: Omit<z.infer<typeof PersonChange>, 'id'>): string[] {
  const isOther = <T>(now: T | undefined, before: T) => now !== undefined && now !== before
  return [
    ...(isOther(name, was.name) ? [`${was.name} is called ${name} now`] : []),
    ...(isOther(role, was.role) ? [`${role} instead of ${was.role}`] : []),
    ...(work === undefined ? [] : ['skills or hours']),
    ...(isOther(owner, was.owner) ? [owner ? 'owns the house now' : 'owns the house no more'] : []),
  ]
}

export const LeaveAsked = z.strictObject({ id: z.number().int().positive(), left: z.boolean() })

/** Somebody leaves, or comes back. Cards, minutes and bookings keep their name. */
export function leaveHouse(
  { id, left }: z.infer<typeof LeaveAsked>,
  by: string,
  today: string,
  nowMs = Date.now(),
): Promise<Result<null>> {
  return inTransaction(async () => {
    const member = await holdMember(id)
    if (!member) return refuse('id', 'Nobody of that name works here.')
    if (left && (await isLastOwner(id))) return refuse('id', LAST_OWNER)
    await changeMember(id, { leftOn: left ? today : null })
    if (left) await endSignIns({ staffId: id }, nowMs)
    await noteSaid({ kind: 'person', id }, left ? `${member.name} left` : `${member.name} came back`, by, nowMs)
    return { ok: true, value: null }
  })
}

export const UnlockAsked = z.strictObject({ id: z.number().int().positive() })

/** Opens a PIN that was tried wrong too often. */
export async function unlockPin({ id }: z.infer<typeof UnlockAsked>, by: string): Promise<Result<null>> {
  const member = (await readStaff()).find((each) => each.id === id)
  if (!member) return refuse('id', 'Nobody of that name works here.')
  await forgetTries(`pin ${id}`)
  await noteSaid({ kind: 'person', id }, `${member.name}’s PIN was opened again`, by, Date.now())
  return { ok: true, value: null }
}
