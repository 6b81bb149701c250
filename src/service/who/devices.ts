import { z } from 'zod'
import { refuse, type Result } from '@/core/result'
import { inTransaction } from '@/data/connection'
import { addDevice, changeDevice, holdDevice, readDevices } from '@/data/devices'
import { addCode, endSignIns, takeCode } from '@/data/signIns'
import type { OpenHouse } from '../house/openHouse'
import { MS_PER_MIN } from '../house/houseTime'
import { noteSaid } from '../trail/noteSaid'
import { newCode, newToken, tokenHash } from './secrets'
import { logSecurity } from './securityLog'
import { openSignIn, type SignedIn } from './signIn'
import { WAIT, trySecret } from './tries'
import type { Person, Shown } from './whoAsks'

/** A code lets in once, within this time, min. Source: OWASP ASVS 5, 6.5.5 asks for ten minutes at most. */
const CODE_MIN = 10

const DeviceName = z
  .string()
  .trim()
  .min(1, { error: 'Give the device a name, such as tub tablet.' })
  .max(60, { error: 'Keep the name to 60 characters.' })

export const CodeAsked = z.union([
  z.strictObject({ device: DeviceName }),
  z.strictObject({ staffId: z.number().int().positive() }),
])

/** Makes a code that lets in a device, or lets somebody choose a passphrase and a PIN. It is told this once. */
export async function makeCode(
  asked: z.infer<typeof CodeAsked>,
  who: Pick<Person, 'name'>,
  { staff, nowMs }: OpenHouse,
): Promise<Result<{ code: string; minutes: number }>> {
  const staffId = 'staffId' in asked ? asked.staffId : null
  const person = staff.find(({ id }) => id === staffId)
  if (staffId !== null && !person) return refuse('staffId', 'Nobody of that name works here.')
  const code = newCode()
  const deviceName = 'device' in asked ? asked.device : null
  await addCode(
    { codeHash: tokenHash(code), staffId, deviceName, madeBy: who.name },
    nowMs,
    nowMs + CODE_MIN * MS_PER_MIN,
  )
  if (person) await noteSaid({ kind: 'person', id: person.id }, `${person.name} was given a code`, who.name, nowMs)
  return { ok: true, value: { code, minutes: CODE_MIN } }
}

export const NO_CODE = `This code lets nobody in: it is another one, was used, or is older than ${CODE_MIN} minutes. Ask for a new one.`

export const Code = z
  .string({ error: 'Give the code.' })
  .transform((code) => code.replace(/\D/g, ''))
  .pipe(z.string().regex(/^\d{8}$/, { error: 'A code has eight figures.' }))

/** Uses a code up, and tells what it is for. */
export async function spendCode(code: string, of: 'device' | 'person', nowMs: number) {
  const held: { taken: Awaited<ReturnType<typeof takeCode>> } = { taken: null }
  const end = await trySecret('code', async () => {
    held.taken = await takeCode(tokenHash(code), of, nowMs)
    return held.taken !== null
  })
  if (held.taken) return { ok: true as const, value: held.taken }
  logSecurity(`a code was ${end}`)
  return refuse('code', end === 'wait' ? WAIT : NO_CODE)
}

export const LetInAsked = z.strictObject({ code: Code })

/** Lets a device in by its code. */
export async function letIn(
  { code }: z.infer<typeof LetInAsked>,
  { nowMs }: OpenHouse,
): Promise<Result<{ device: string; name: string }>> {
  const used = await spendCode(code, 'device', nowMs)
  if (!used.ok) return used
  const { deviceName, madeBy } = used.value
  return { ok: true, value: await addLetIn(deviceName ?? 'A device', madeBy, nowMs) }
}

async function addLetIn(name: string, madeBy: string, nowMs: number): Promise<{ device: string; name: string }> {
  const device = newToken()
  await inTransaction(async () => {
    const id = await addDevice({ tokenHash: tokenHash(device), name, letIn: true, madeBy }, nowMs)
    await noteSaid({ kind: 'device', id }, `${name} was let in`, madeBy, nowMs)
    logSecurity(`device ${id} was let in`)
  })
  return { device, name }
}

export const TurnOffAsked = z.strictObject({ deviceId: z.number().int().positive() })

/** Turns a device off: whoever is signed in on it is out with their next press, and it needs a new code. */
export function turnOff(
  { deviceId }: z.infer<typeof TurnOffAsked>,
  who: Pick<Person, 'name'>,
  nowMs: number,
): Promise<Result<null>> {
  return inTransaction(async () => {
    const device = await holdDevice(deviceId)
    if (!device?.letIn) return refuse('deviceId', 'This device is not in the list.')
    if (device.turnedOffMs !== null) return { ok: true, value: null }
    await changeDevice(deviceId, { turnedOffAt: new Date(nowMs) })
    await endSignIns({ deviceId }, nowMs)
    await noteSaid({ kind: 'device', id: deviceId }, `${device.name} was turned off`, who.name, nowMs)
    logSecurity(`device ${deviceId} was turned off`)
    return { ok: true, value: null }
  })
}

export const ThisDeviceAsked = z.strictObject({ device: DeviceName })

/** Makes the browser that asks a device of the house, where people change by PIN; who asks stays signed in on it. */
export async function letThisIn(
  { device: name }: z.infer<typeof ThisDeviceAsked>,
  who: Person,
  shown: Shown,
  { nowMs }: OpenHouse,
): Promise<Result<SignedIn>> {
  const { device } = await addLetIn(name, who.name, nowMs)
  const { signIn } = await openSignIn(who, { ...shown, device }, nowMs)
  return { ok: true, value: { signIn, device } }
}

/** The devices that were let in, the latest first, and which of them asks. */
export async function devicesView(who: Pick<Person, 'deviceId'>, { time }: OpenHouse) {
  const when = (ms: number) => `${time.shortDay(ms)}, ${time.clock(ms)}`
  return (await readDevices()).map(({ id, name, madeMs, madeBy, seenMs, turnedOffMs }) => ({
    id,
    name,
    letInBy: madeBy,
    since: when(madeMs),
    seen: when(seenMs),
    isThis: id === who.deviceId,
    turnedOff: turnedOffMs === null ? null : when(turnedOffMs),
  }))
}
