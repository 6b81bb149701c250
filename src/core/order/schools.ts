import { z } from 'zod'

/** House rules: the schools of the trade. Source: common practice; each side has its reasons. */
export const House = z.strictObject({
  earHair: z.enum(['pluck', 'clip', 'leave']).default('clip'),
  earsWhen: z.enum(['before-bath', 'after-bath']).default('before-bath'),
  nailsWhen: z.enum(['before-bath', 'in-bath', 'after-dry']).default('before-bath'),
  roughIn: z.enum(['auto', 'always', 'never']).default('auto'),
  faceFeetWhen: z.enum(['before-bath', 'after-dry']).default('before-bath'),
  brushFirst: z.enum(['before-rough', 'after-rough']).default('before-rough'),
  footLift: z.enum(['on-table', 'lifted']).default('on-table'),
  startAt: z.enum(['front', 'rear', 'body', 'head']).default('body'),
  bridge: z.enum(['leave', 'clip']).default('leave'),
  backbrush: z.enum(['yes', 'no']).default('no'),
  difficultDog: z.enum(['short-and-kind', 'explore-first']).default('short-and-kind'),
})
export type House = z.infer<typeof House>
export type SchoolId = keyof House
export const DEFAULT_HOUSE: House = House.parse({})
