'use server'

import { SetUpStep } from '@/core/house'
import type { Result } from '@/core/result'
import { HouseAsked, passStep as pass, setUpHouse as setUp } from '@/service/house/setUpHouse'
import { CommonKitAsked, takeCommonKit as take } from '@/service/kit/commonKit'
import { answered } from '../answered'

/** Gives the house its name: from then on the book is open. */
export async function setUpHouse(input: unknown): Promise<Result<null>> {
  return answered(HouseAsked, input, setUp, '/set-up')
}

/** Goes past a step, done or put off. */
export async function passStep(input: unknown): Promise<Result<null>> {
  return answered(SetUpStep, input, pass, '/set-up')
}

/** Puts a common kit into the drawer. */
export async function takeCommonKit(input: unknown): Promise<Result<{ added: number }>> {
  return answered(CommonKitAsked, input, take, '/set-up', '/kit')
}
