import { z } from 'zod'
import { LOCKED_AT, OwnName, Passphrase, Pin } from '@/core/rights'
import { refuse, type Result } from '@/core/result'
import { inTransaction } from '@/data/connection'
import { addDevice, changeDevice } from '@/data/devices'
import { readSecrets, type StaffMember } from '@/data/people'
import { addSignIn, endSignIns, seeSignIn, signInsOn } from '@/data/signIns'
import type { OpenHouse } from '../house/openHouse'
import { isSecret, newToken, tokenHash } from './secrets'
import { logSecurity } from './securityLog'
import { WAIT, forgetTries, trySecret } from './tries'
import { deviceOf, isAwake, type Person, type Shown } from './whoAsks'

/** What a browser shows from now on. A device that is known already keeps what it shows. */
export interface SignedIn {
  signIn: string
  device: string | null
}

export const SignInAsked = z.strictObject({ name: OwnName, passphrase: Passphrase })

const NO_DEVICE = 'This device was not let in. Ask the owner for a code, on House under Devices.'

/** Signs somebody in by their passphrase. Names that are not in the house are answered like wrong passphrases. */
export async function signIn(
  { name, passphrase }: z.infer<typeof SignInAsked>,
  shown: Shown,
  { staff, nowMs }: OpenHouse,
): Promise<Result<SignedIn>> {
  if (shown.outside && !(await deviceOf(shown))) return refuse('device', NO_DEVICE)
  const person = staff.find((each) => each.name.toLowerCase() === name.toLowerCase())
  const kept = person ? ((await readSecrets(person.id))?.passphrase ?? null) : null
  const end = await trySecret(`passphrase ${person?.id ?? 0}`, () => isSecret(kept, passphrase))
  if (end === 'wait') return refuse('passphrase', WAIT)
  if (end !== 'right' || !person) {
    logSecurity(`a passphrase was wrong for person ${person?.id ?? 'nobody'}`)
    return refuse('passphrase', 'This name and passphrase do not belong together.')
  }
  // Whoever knows the passphrase opens a PIN that somebody else locked.
  await forgetTries(`pin ${person.id}`)
  return { ok: true, value: await openSignIn(person, shown, nowMs) }
}

export const TakeTableAsked = z.strictObject({ staffId: z.number().int().positive(), pin: Pin.optional() })

/**
 * Somebody takes the table at a device that was let in: by their PIN, or by a press where they gave it here and have not
 * rested since. In the demo a press is enough.
 */
export async function takeTable(
  { staffId, pin }: z.infer<typeof TakeTableAsked>,
  shown: Shown,
  house: OpenHouse,
): Promise<Result<SignedIn>> {
  const person = house.staff.find(({ id }) => id === staffId)
  if (!person) return refuse('staffId', 'Nobody of that name works here.')
  const device = await deviceOf(shown)
  const isOpen = house.demo && (!shown.outside || device !== null)
  if (!isOpen && !device?.letIn) return refuse('device', NO_DEVICE)
  const here = device ? await signInsOn(device.id, staffId) : []
  const wasHere = pin === undefined && here.some((each) => isAwake(each, house))
  if (!isOpen && !wasHere) {
    const kept = (await readSecrets(staffId))?.pin ?? null
    if (pin === undefined || kept === null)
      return refuse('pin', kept === null ? `${person.name} has no PIN yet.` : 'Give your four figures.')
    const end = await trySecret(`pin ${staffId}`, () => isSecret(kept, pin))
    if (end !== 'right') {
      logSecurity(`a PIN was ${end} for person ${staffId} on device ${device?.id ?? 'none'}`)
      return refuse('pin', PIN_SAYS[end](person.name))
    }
  }
  return { ok: true, value: await openSignIn(person, shown, house.nowMs) }
}

const PIN_SAYS = {
  wrong: () => 'These are not the four figures.',
  wait: () => WAIT,
  locked: (name: string) =>
    `Wrong ${LOCKED_AT} times: ${name}’s PIN is locked. A passphrase opens it, or the owner of the house under People.`,
}

/** A new token each time, so that one that was seen before is worth nothing. Who was at this device stays awake a while. */
export function openSignIn(person: Pick<StaffMember, 'id' | 'name'>, shown: Shown, nowMs: number): Promise<SignedIn> {
  return inTransaction(async () => {
    const known = await deviceOf(shown)
    const device = known ? null : newToken()
    const deviceId =
      known?.id ??
      (await addDevice(
        { tokenHash: tokenHash(device ?? ''), name: 'A browser on this machine', letIn: false, madeBy: person.name },
        nowMs,
      ))
    await endSignIns({ deviceId, staffId: person.id }, nowMs)
    if (known) await changeDevice(known.id, { seenAt: new Date(nowMs) })
    const token = newToken()
    await addSignIn({ tokenHash: tokenHash(token), staffId: person.id, deviceId }, nowMs)
    logSecurity(`person ${person.id} signed in on device ${deviceId}`)
    return { signIn: token, device }
  })
}

/** Signs out: somebody on this device, everybody who is still awake on it, or somebody on every device. */
export async function signOut({ id, deviceId }: Person, where: 'here' | 'everywhere', nowMs: number): Promise<null> {
  if (where === 'everywhere') await endSignIns({ staffId: id }, nowMs)
  else if (deviceId !== null) await endSignIns({ deviceId }, nowMs)
  logSecurity(`person ${id} signed out ${where}`)
  return null
}

/** A hand was on the page. */
export async function stillHere({ signIn: token }: Person, nowMs: number): Promise<null> {
  if (token !== null) await seeSignIn(token, nowMs)
  return null
}
