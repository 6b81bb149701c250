'use server'

import type { Result } from '@/core/result'
import { ForgetAsked, forgetPerson as forget, lookForget as look, type Forgotten } from '@/service/forget/forgetPerson'
import { answered } from '../../../../answered'

/** What would go of a person. */
export async function lookForget(input: unknown): Promise<Result<Forgotten>> {
  return answered('kept', ForgetAsked, input, look)
}

/** Strikes a person out, for good. */
export async function forgetPerson(input: unknown): Promise<Result<Forgotten>> {
  return answered('kept', ForgetAsked, input, (asked, house, who) => forget(asked, house, who.name), '/dogs')
}
