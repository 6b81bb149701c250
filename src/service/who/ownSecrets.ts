import { z } from 'zod'
import { NewPassphrase, NewPin, Passphrase } from '@/core/rights'
import { refuse, type Result } from '@/core/result'
import { inTransaction } from '@/data/connection'
import { keepSecrets, readSecrets } from '@/data/people'
import { endSignIns } from '@/data/signIns'
import type { OpenHouse } from '../house/openHouse'
import { noteSaid } from '../trail/noteSaid'
import { Code, NO_CODE, spendCode } from './devices'
import { hashOf, isCommon, isSecret } from './secrets'
import { openSignIn, type SignedIn } from './signIn'
import { forgetTries, trySecret } from './tries'
import { deviceOf, type Person, type Shown } from './whoAsks'

const Chosen = { passphrase: NewPassphrase.optional(), pin: NewPin.optional() }

const COMMON = 'This passphrase is among the first that are tried. Take a few words that do not belong together.'

/** What of a chosen passphrase is wrong for this house; null when nothing is. */
export const commonIn = (passphrase: string | undefined, names: readonly string[]) =>
  passphrase !== undefined && isCommon(passphrase, names) ? refuse('passphrase', COMMON) : null

const namesOf = ({ name, place, everybody }: OpenHouse) => ['kovit', name, place, ...everybody.map((each) => each.name)]

async function keepChosen(
  { id, name }: Pick<Person, 'id' | 'name'>,
  { passphrase, pin }: { passphrase?: string | undefined; pin?: string | undefined },
  nowMs: number,
): Promise<void> {
  await keepSecrets(id, {
    ...(passphrase === undefined ? {} : { passphrase: await hashOf(passphrase) }),
    ...(pin === undefined ? {} : { pin: await hashOf(pin) }),
  })
  // What was signed in by the older one is out.
  await endSignIns({ staffId: id }, nowMs)
  if (pin !== undefined) await forgetTries(`pin ${id}`)
  const what = [passphrase === undefined ? '' : 'passphrase', pin === undefined ? '' : 'PIN'].filter(Boolean)
  await noteSaid({ kind: 'person', id }, `${name} chose a ${what.join(' and a ')}`, name, nowMs)
}

export const ChooseAsked = z.strictObject({ code: Code, ...Chosen })

/** Somebody who was given a code chooses a passphrase, a PIN or both, and is signed in. */
export async function chooseByCode(
  { code, ...chosen }: z.infer<typeof ChooseAsked>,
  shown: Shown,
  house: OpenHouse,
): Promise<Result<SignedIn>> {
  if (shown.outside && !(await deviceOf(shown))) return refuse('code', 'Let this device in first, by its own code.')
  if (chosen.passphrase === undefined && chosen.pin === undefined) return refuse('pin', 'Choose a PIN or a passphrase.')
  const common = commonIn(chosen.passphrase, namesOf(house))
  if (common) return common
  const used = await spendCode(code, 'person', house.nowMs)
  const person = house.staff.find(({ id }) => id === used?.staffId)
  if (!person) return refuse('code', NO_CODE)
  await keepChosen(person, chosen, house.nowMs)
  return { ok: true, value: await openSignIn(person, shown, house.nowMs) }
}

export const ChangeOwnAsked = z.strictObject({ current: Passphrase, ...Chosen })

/** Somebody changes their own passphrase or PIN, and is signed out everywhere else. */
export async function changeOwn(
  { current, ...chosen }: z.infer<typeof ChangeOwnAsked>,
  who: Person,
  shown: Shown,
  house: OpenHouse,
): Promise<Result<SignedIn>> {
  const common = commonIn(chosen.passphrase, namesOf(house))
  if (common) return common
  const { passphrase, pin } = (await readSecrets(who.id)) ?? { passphrase: null, pin: null }
  const end = await trySecret(`passphrase ${who.id}`, () => isSecret(passphrase ?? pin, current))
  if (end !== 'right')
    return refuse('current', `This is not your ${passphrase === null ? 'PIN' : 'passphrase'} of now.`)
  await keepChosen(who, chosen, house.nowMs)
  return { ok: true, value: await openSignIn(who, shown, house.nowMs) }
}

/** Keeps a new passphrase for somebody who forgot theirs: at the machine, by whoever may start Kovit there. */
export function resetPassphrase(
  person: Pick<Person, 'id' | 'name'>,
  passphrase: string,
  nowMs: number,
): Promise<Result<null>> {
  return inTransaction(async () => {
    await keepSecrets(person.id, { passphrase: await hashOf(passphrase) })
    await endSignIns({ staffId: person.id }, nowMs)
    await forgetTries(`passphrase ${person.id}`)
    await noteSaid({ kind: 'person', id: person.id }, `${person.name}’s passphrase was reset`, 'the machine', nowMs)
    return { ok: true, value: null }
  })
}
