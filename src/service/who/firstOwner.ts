import { z } from 'zod'
import { NewPassphrase, NewPin, OwnName } from '@/core/rights'
import { refuse, type Result } from '@/core/result'
import { inTransaction } from '@/data/connection'
import { addMember, changeMember, keepSecrets, readStaff } from '@/data/people'
import { holdHouse } from '@/data/house'
import { openHouse } from '../house/openHouse'
import { HouseAsked, setUpHouse } from '../house/setUpHouse'
import { noteSaid } from '../trail/noteSaid'
import { commonIn } from './ownSecrets'
import { hashOf } from './secrets'
import { openSignIn, type SignedIn } from './signIn'
import type { Shown } from './whoAsks'

const Mine = { you: OwnName, passphrase: NewPassphrase, pin: NewPin.optional() }

export const OpenBookAsked = HouseAsked.extend(Mine)

/** Opens an empty book: the house has its name, and is theirs who does it. */
export async function openBook(
  { you, passphrase, pin, ...facts }: z.infer<typeof OpenBookAsked>,
  shown: Shown,
  nowMs = Date.now(),
): Promise<Result<SignedIn>> {
  if (shown.outside) return refuse('name', AT_THE_MACHINE)
  const common = commonIn(passphrase, ['kovit', you, facts.name, facts.place])
  if (common) return common
  return inTransaction(async () => {
    const opened = await setUpHouse(facts)
    return opened.ok ? makeTheirs({ you, passphrase, pin }, shown, nowMs) : opened
  })
}

const AT_THE_MACHINE = 'A house is made at the machine that Kovit runs on.'

export const ClaimAsked = z.strictObject(Mine)

/** A book from before anybody signed in is made theirs who opens it first, at the machine itself. */
export async function claimHouse(
  asked: z.infer<typeof ClaimAsked>,
  shown: Shown,
  nowMs = Date.now(),
): Promise<Result<SignedIn>> {
  if (shown.outside) return refuse('you', AT_THE_MACHINE)
  const common = commonIn(asked.passphrase, ['kovit', asked.you])
  if (common) return common
  return inTransaction(async () => {
    await holdHouse()
    if (!isUnclaimed(await openHouse(nowMs))) return refuse('you', 'This house has its owner. Sign in.')
    return makeTheirs(asked, shown, nowMs)
  })
}

/** Nobody could sign in: the house was made before people had passphrases. */
export const isUnclaimed = ({ demo, staff }: Pick<Awaited<ReturnType<typeof openHouse>>, 'demo' | 'staff'>): boolean =>
  !demo && !staff.some(({ owner, hasPassphrase }) => owner && hasPassphrase)

async function makeTheirs(
  { you, passphrase, pin }: z.infer<typeof ClaimAsked>,
  shown: Shown,
  nowMs: number,
): Promise<Result<SignedIn>> {
  const there = (await readStaff()).find(({ name }) => name.toLowerCase() === you.toLowerCase())
  const id = there?.id ?? (await addMember({ name: you, role: 'groomer', work: {} }))
  await changeMember(id, { owner: true, leftOn: null })
  await keepSecrets(id, { passphrase: await hashOf(passphrase), ...(pin ? { pin: await hashOf(pin) } : {}) })
  await noteSaid({ kind: 'house', id: 1 }, `${you} made the house theirs`, you, nowMs)
  return { ok: true, value: await openSignIn({ id, name: you }, shown, nowMs) }
}
