import { cookies, headers } from 'next/headers'
import { OUTSIDE } from '@/core/door'
import { houseKey } from '@/service/house/openHouse'
import type { SignedIn } from '@/service/who/signIn'
import type { Shown } from '@/service/who/whoAsks'

/** A device stays let in until it is turned off; browsers keep nothing for longer. Seconds. */
const DEVICE_S = 400 * 24 * 3600
/** A sign in ends on the server first. Seconds. */
const SIGN_IN_S = 24 * 3600

/** Several houses on one machine share its cookies: each has names of its own. */
let known: string | null = null
async function cookieName(what: 'in' | 'device', outside: boolean): Promise<string> {
  known ??= await houseKey()
  return `${outside ? '__Host-' : ''}kovit-${what}-${known?.slice(0, 8) ?? 'new'}`
}

const isOutside = async (): Promise<boolean> => (await headers()).get(OUTSIDE) !== null

/** What a request shows of who sends it. */
export const shown = async (): Promise<Shown> => shownIn(await headers(), await cookies())

interface Jar {
  get(name: string): { value: string } | undefined
}

/** The same, of a request that is at hand. */
export async function shownIn(says: Pick<Headers, 'get'>, jar: Jar): Promise<Shown> {
  const outside = says.get(OUTSIDE) !== null
  const value = async (what: 'in' | 'device') => jar.get(await cookieName(what, outside))?.value ?? null
  return { signIn: await value('in'), device: await value('device'), outside }
}

/** Has the browser show from now on who signed in, and which device it is. Left out, it shows what it did; null, nothing. */
export async function keepShown({ signIn, device }: { signIn?: string | null; device?: string | null }): Promise<void> {
  const [jar, outside] = [await cookies(), await isOutside()]
  const set = async (what: 'in' | 'device', value: string | null | undefined, maxAge: number) => {
    if (value === undefined) return
    const options = { httpOnly: true, sameSite: 'lax', path: '/', secure: outside } as const
    jar.set(await cookieName(what, outside), value ?? '', { ...options, maxAge: value === null ? 0 : maxAge })
  }
  await set('in', signIn, SIGN_IN_S)
  await set('device', device, DEVICE_S)
}

/** Who signed in is shown; a device that is known already stays the one it is. */
export const keepSignedIn = ({ signIn, device }: SignedIn): Promise<void> =>
  keepShown({ signIn, ...(device === null ? {} : { device }) })
