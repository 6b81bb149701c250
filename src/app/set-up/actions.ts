'use server'

import { SetUpStep } from '@/core/house'
import type { Result } from '@/core/result'
import { passStep as pass } from '@/service/house/setUpHouse'
import { CommonKitAsked, takeCommonKit as take } from '@/service/kit/commonKit'
import { answered } from '../answered'

/** Goes past a step, done or put off. */
export async function passStep(input: unknown): Promise<Result<null>> {
  return answered('house', SetUpStep, input, pass, '/set-up')
}

/** Puts a common kit into the drawer. */
export async function takeCommonKit(input: unknown): Promise<Result<{ added: number }>> {
  return answered('kit', CommonKitAsked, input, take, '/set-up', '/kit')
}
