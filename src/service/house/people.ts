import { z } from 'zod'
import { Work } from '@/core/people'
import { refuse, type Result } from '@/core/result'
import { inTransaction } from '@/data/connection'
import { addMember, changeMember, holdMember, readStaff } from '@/data/people'
import { stale } from '../stale'
import { noteSaid } from '../trail/noteSaid'

/** Nobody is asked who they are yet when people are changed. */
const BY = 'the house'

const name = z
  .string()
  .trim()
  .min(1, { error: 'Give the name of the person.' })
  .max(60, { error: 'Keep the name to 60 characters.' })
const role = z.enum(['groomer', 'bather'])

export const PersonAsked = z.strictObject({ name, role, work: Work })

/** Somebody begins to work here. Two of one name could not be told apart on a card. */
export function addPerson(asked: z.infer<typeof PersonAsked>, nowMs = Date.now()): Promise<Result<{ id: number }>> {
  return inTransaction(async () => {
    if (await isNamed(asked.name)) return refuse('name', `${asked.name} is in the house already; add a second name.`)
    const id = await addMember(asked)
    await noteSaid({ kind: 'person', id }, `${asked.name} begins as ${asked.role}`, BY, nowMs)
    return { ok: true, value: { id } }
  })
}

async function isNamed(wanted: string, but?: number): Promise<boolean> {
  const staff = await readStaff()
  return staff.some(({ id, name: has }) => id !== but && has.toLowerCase() === wanted.toLowerCase())
}

export const PersonChange = z.strictObject({
  id: z.number().int().positive(),
  name: name.optional(),
  role: role.optional(),
  work: Work.optional(),
  /** The version of the person that was changed; left out by who has not seen one. */
  version: z.number().int().positive().optional(),
})

/** Renames somebody, or changes what they do and when. What they did before stays theirs. Refused from a stale page. */
export function changePerson(
  { id, version, ...change }: z.infer<typeof PersonChange>,
  nowMs = Date.now(),
): Promise<Result<{ version: number }>> {
  return inTransaction(async () => {
    const member = await holdMember(id)
    if (!member) return refuse('id', 'Nobody of that name works here.')
    if (version !== undefined && version !== member.version)
      return stale(member.name, [`skills ${(member.work.skills ?? []).join(', ') || 'none'}`])
    if (change.name !== undefined && (await isNamed(change.name, id)))
      return refuse('name', `${change.name} is in the house already; add a second name.`)
    const { name: called, role: does, work } = change
    await changeMember(id, {
      ...(called === undefined ? {} : { name: called }),
      ...(does === undefined ? {} : { role: does }),
      ...(work === undefined ? {} : { work }),
    })
    const parts = [
      called === undefined || called === member.name ? '' : `${member.name} is called ${called} now`,
      does === undefined || does === member.role ? '' : `${does} instead of ${member.role}`,
      work === undefined ? '' : 'skills or hours',
    ].filter(Boolean)
    if (parts.length > 0) await noteSaid({ kind: 'person', id }, parts.join(', '), BY, nowMs)
    return { ok: true, value: { version: member.version + 1 } }
  })
}

export const LeaveAsked = z.strictObject({ id: z.number().int().positive(), left: z.boolean() })

/** Somebody leaves, or comes back. Cards, minutes and bookings keep their name. */
export function leaveHouse(
  { id, left }: z.infer<typeof LeaveAsked>,
  today: string,
  nowMs = Date.now(),
): Promise<Result<null>> {
  return inTransaction(async () => {
    const member = await holdMember(id)
    if (!member) return refuse('id', 'Nobody of that name works here.')
    await changeMember(id, { leftOn: left ? today : null })
    await noteSaid({ kind: 'person', id }, left ? `${member.name} left` : `${member.name} came back`, BY, nowMs)
    return { ok: true, value: null }
  })
}
