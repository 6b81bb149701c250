import { mayDo, mayNot, type Right } from '@/core/rights'
import type { Problem } from '@/core/result'
import { deviceByToken, type Device } from '@/data/devices'
import type { StaffMember } from '@/data/people'
import { signInByToken, type SignIn } from '@/data/signIns'
import { openHouseIfSetUp, type OpenHouse } from '../house/openHouse'
import { MS_PER_MIN } from '../house/houseTime'
import { tokenHash } from './secrets'
import { logSecurity } from './securityLog'

/** What a request shows of who sends it. */
export interface Shown {
  /** The token of a sign in, and of a device. */
  signIn: string | null
  device: string | null
  /** From the house's network, and not from this machine. */
  outside: boolean
}

/** Who is at the table. */
export interface Person extends Pick<StaffMember, 'id' | 'name' | 'role' | 'owner'> {
  /** The device and the sign in; null for the demo's own person, whom nobody had to sign in. */
  deviceId: number | null
  signIn: string | null
}

/** The device that a request comes from; null where none was let in, and outside the machine where it has no code. */
export async function deviceOf({ device, outside }: Shown): Promise<Device | null> {
  const known = device === null ? null : await deviceByToken(tokenHash(device))
  return outside && !known?.letIn ? null : known
}

/** However busy somebody is, they sign in anew after a working day, min. Source: common practice. */
const LONGEST_MIN = 16 * 60

/** Whether somebody who signed in has not rested for longer than the house allows. */
export const isAwake = ({ madeMs, seenMs }: SignIn, { restMin, nowMs }: OpenHouse): boolean =>
  nowMs - seenMs < restMin * MS_PER_MIN && nowMs - madeMs < LONGEST_MIN * MS_PER_MIN

/** Who sends a request; null where nobody is signed in. */
export async function whoAsks(shown: Shown, house: OpenHouse): Promise<Person | null> {
  const device = await deviceOf(shown)
  const signIn = shown.signIn === null ? null : await signInByToken(tokenHash(shown.signIn))
  const person = house.staff.find(({ id }) => id === signIn?.staffId)
  if (signIn && person && signIn.deviceId === device?.id && isAwake(signIn, house))
    return seenAs(person, device.id, signIn.tokenHash)
  const guest = house.demo && !shown.outside ? house.staff.find(({ owner }) => owner) : undefined
  return guest ? seenAs(guest, null, null) : null
}

const seenAs = ({ id, name, role, owner }: StaffMember, deviceId: number | null, signIn: string | null): Person => ({
  id,
  name,
  role,
  owner,
  deviceId,
  signIn,
})

/** Let in, or why not: nobody is signed in, or they may not do it. */
export type Admission =
  { ok: true; who: Person; house: OpenHouse } | { ok: false; status: 401 | 403; problems: Problem[] }

/** Lets somebody do what they may do, and nobody else. */
export async function admit(shown: Shown, right: Right): Promise<Admission> {
  const house = await openHouseIfSetUp()
  const who = house && (await whoAsks(shown, house))
  if (!house || !who) return turnedAway(401, SIGN_IN_FIRST)
  if (mayDo(who, right)) return { ok: true, who, house }
  logSecurity(`person ${who.id} may not: ${right}`)
  return turnedAway(403, mayNot(who, right))
}

export const SIGN_IN_FIRST = 'Nobody is signed in here. Sign in, and go on.'

const turnedAway = (status: 401 | 403, sentence: string): Admission => ({
  ok: false,
  status,
  problems: [{ path: 'who', sentence }],
})
