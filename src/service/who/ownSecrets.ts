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

interface Chosen {
  passphrase?: string | undefined
  pin?: string | undefined
}

const COMMON = 'This passphrase is among the first that are tried. Take a few words that do not belong together.'

/** What of a chosen passphrase is wrong for this house; null when nothing is. */
export const commonIn = (passphrase: string | undefined, names: readonly string[]) =>
  passphrase !== undefined && isCommon(passphrase, names) ? refuse('passphrase', COMMON) : null

/** What is wrong with what somebody chose: nothing at all, or a common passphrase. */
const wrongIn = (chosen: Chosen, house: OpenHouse) =>
  chosen.passphrase === undefined && chosen.pin === undefined
    ? refuse('pin', 'Choose a PIN or a passphrase.')
    : commonIn(chosen.passphrase, namesOf(house))

const namesOf = ({ name, place, everybody }: OpenHouse) => ['kovit', name, place, ...everybody.map((each) => each.name)]

async function keepChosen(
  { id, name }: Pick<Person, 'id' | 'name'>,
  { passphrase, pin }: Chosen,
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
  const wrong = wrongIn(chosen, house)
  if (wrong) return wrong
  const used = await spendCode(code, 'person', house.nowMs)
  if (!used.ok) return used
  const person = house.staff.find(({ id }) => id === used.value.staffId)
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
  const wrong = wrongIn(chosen, house)
  if (wrong) return wrong
  const { passphrase, pin } = (await readSecrets(who.id)) ?? { passphrase: null, pin: null }
  // Counted as what it is: four figures lock here as they do at the table.
  const what = passphrase === null ? 'pin' : 'passphrase'
  const end = await trySecret(`${what} ${who.id}`, () => isSecret(passphrase ?? pin, current))
  if (end !== 'right') return refuse('current', `This is not your ${what === 'pin' ? 'PIN' : 'passphrase'} of now.`)
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
