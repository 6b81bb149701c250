'use server'

import { z } from 'zod'
import type { Result } from '@/core/result'
import { UnlockAsked, unlockPin as unlock } from '@/service/house/people'
import { openHouse } from '@/service/house/openHouse'
import {
  CodeAsked,
  LetInAsked,
  ThisDeviceAsked,
  TurnOffAsked,
  letIn as letDeviceIn,
  letThisIn as letBrowserIn,
  makeCode as make,
  turnOff as off,
} from '@/service/who/devices'
import { ClaimAsked, OpenBookAsked, claimHouse as claim, openBook as open } from '@/service/who/firstOwner'
import { ChangeOwnAsked, ChooseAsked, changeOwn as change, chooseByCode as choose } from '@/service/who/ownSecrets'
import { SignInAsked, TakeTableAsked, signIn as enter, signOut as leave, takeTable as take } from '@/service/who/signIn'
import type { SignedIn } from '@/service/who/signIn'
import { answered, answeredToAnybody } from '../answered'
import { keepShown, keepSignedIn, shown } from '../shown'

const DEVICES = '/rules/devices'

/** What somebody is told who signed in; the browser keeps the rest, where no script reads it. */
async function signedIn(done: Result<SignedIn>): Promise<Result<null>> {
  if (!done.ok) return done
  await keepSignedIn(done.value)
  return { ok: true, value: null }
}

/** Opens an empty book: the house is theirs who does it. */
export async function openBook(input: unknown): Promise<Result<null>> {
  return answeredToAnybody(OpenBookAsked, input, async (asked) => signedIn(await open(asked, await shown())))
}

/** Makes a house theirs that was made before anybody signed in. */
export async function claimHouse(input: unknown): Promise<Result<null>> {
  return answeredToAnybody(ClaimAsked, input, async (asked) => signedIn(await claim(asked, await shown())))
}

/** Signs somebody in by their passphrase. */
export async function signIn(input: unknown): Promise<Result<null>> {
  return answeredToAnybody(SignInAsked, input, async (asked) =>
    signedIn(await enter(asked, await shown(), await openHouse())),
  )
}

/** Somebody takes the table: by a PIN, or by a press. */
export async function takeTable(input: unknown): Promise<Result<null>> {
  return answeredToAnybody(TakeTableAsked, input, async (asked) =>
    signedIn(await take(asked, await shown(), await openHouse())),
  )
}

/** Somebody who was given a code chooses a passphrase or a PIN. */
export async function chooseByCode(input: unknown): Promise<Result<null>> {
  return answeredToAnybody(ChooseAsked, input, async (asked) =>
    signedIn(await choose(asked, await shown(), await openHouse())),
  )
}

/** Lets the device in that shows a code. */
export async function letIn(input: unknown): Promise<Result<{ name: string }>> {
  return answeredToAnybody(LetInAsked, input, async (asked) => {
    const done = await letDeviceIn(asked, await openHouse())
    if (!done.ok) return done
    const { device, name } = done.value
    await keepShown({ device, signIn: null })
    return { ok: true, value: { name } }
  })
}

/** Makes this very browser a device of the house. */
export async function letThisIn(input: unknown): Promise<Result<null>> {
  return answered(
    'devices',
    ThisDeviceAsked,
    input,
    async (asked, house, who) => signedIn(await letBrowserIn(asked, who, await shown(), house)),
    DEVICES,
  )
}

/** Makes a code for a device, or for somebody who has to choose a passphrase or a PIN. */
export async function makeCode(input: unknown): Promise<Result<{ code: string; minutes: number }>> {
  return answered('devices', CodeAsked, input, (asked, house, who) => make(asked, who, house))
}

export async function turnOff(input: unknown): Promise<Result<null>> {
  return answered('devices', TurnOffAsked, input, (asked, { nowMs }, who) => off(asked, who, nowMs), DEVICES)
}

/** Opens a PIN that was tried wrong too often. */
export async function unlockPin(input: unknown): Promise<Result<null>> {
  return answered('people', UnlockAsked, input, (asked, _, who) => unlock(asked, who.name), '/rules')
}

/** Somebody changes their own passphrase or PIN. */
export async function changeOwn(input: unknown): Promise<Result<null>> {
  return answered('see', ChangeOwnAsked, input, async (asked, house, who) =>
    signedIn(await change(asked, who, await shown(), house)),
  )
}

const Where = z.enum(['here', 'everywhere'])

/** Signs out: here, or on every device. */
export async function signOut(input: unknown): Promise<Result<null>> {
  return answered('see', Where, input, async (where, { nowMs }, who) => {
    await leave(who, where, nowMs)
    await keepShown({ signIn: null })
    return { ok: true, value: null }
  })
}
