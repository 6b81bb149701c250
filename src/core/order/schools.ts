import { z } from 'zod'

const limit = (what: string, low: number, high: number, unit: string) =>
  z
    .number({ error: `${what}: give a number.` })
    .int({ error: `${what} must be a whole number.` })
    .min(low, { error: `${what} must be ${low} to ${high} ${unit}.` })
    .max(high, { error: `${what} must be ${low} to ${high} ${unit}.` })

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
  tableLift: z.enum(['by-hand', 'electric-or-ramp']).default('by-hand'),
  /** Minutes of de-matting a dog is asked to bear; the trade's usual where nothing is said. */
  brushLimitMin: limit('The brush-out limit', 5, 60, 'min').optional(),
  /** The water may not be warmer than this, °C; never above the trade's own limit. */
  waterMaxC: limit('The water', 30, 38, '°C').optional(),
  /** The chance at which a slot holds, %. */
  chancePercent: limit('The chance', 50, 99, '%').optional(),
  /** Slots are booked in steps of so many minutes. */
  slotStepMin: limit('The slot step', 5, 60, 'min').optional(),
})
export type House = z.infer<typeof House>
export type SchoolId = Exclude<keyof House, 'brushLimitMin' | 'waterMaxC' | 'chancePercent' | 'slotStepMin'>
export const DEFAULT_HOUSE: House = House.parse({})
