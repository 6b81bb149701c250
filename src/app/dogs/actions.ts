'use server'

import type { Result } from '@/core/result'
import { FileAsked, GoBackAsked, changeDogFile, goBack as back } from '@/service/dog/changeDogFile'
import { ComesAsked, sayDogComes as comes } from '@/service/dog/dogComes'
import { TakeInAsked, takeInDog, type TakenIn } from '@/service/dog/takeInDog'
import { CallAsked, whoCalls as known, type KnownCaller } from '@/service/dog/whoCalls'
import { openHouse } from '@/service/house/openHouse'
import { answered } from '../answered'

/** Takes in a dog from the telephone, with its household and its first time. */
export async function takeIn(input: unknown): Promise<Result<TakenIn>> {
  return answered('files', TakeInAsked, input, takeInDog, '/', '/dogs')
}

/** Who that may be, by number or by names. */
export async function whoCalls(input: unknown): Promise<Result<KnownCaller[]>> {
  return answered('files', CallAsked, input, async (asked) => ({
    ok: true,
    value: await known(asked, await openHouse()),
  }))
}

/** Keeps a dog's file as it was changed. */
export async function saveFile(input: unknown): Promise<Result<{ version: number }>> {
  return answered('files', FileAsked, input, (asked) => changeDogFile(asked, Date.now()), '/dogs')
}

/** Goes back to what a change replaced. */
export async function goBack(input: unknown): Promise<Result<{ version: number }>> {
  return answered('files', GoBackAsked, input, (asked) => back(asked, Date.now()), '/dogs')
}

/** Says whether a dog still comes. */
export async function sayDogComes(input: unknown): Promise<Result<null>> {
  return answered('files', ComesAsked, input, (asked) => comes(asked, Date.now()), '/', '/dogs')
}
