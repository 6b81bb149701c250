'use server'

import type { Result } from '@/core/result'
import { BringAsked, TakeBackAsked, bringIn as bring, takeBackList as takeBack } from '@/service/bring-in/bringIn'
import { TakeOverAsked, takeOver as take } from '@/service/dog/dogToGo'
import { answered } from '../../answered'

const PAGES = ['/dogs', '/dogs/bring-in'] as const

/** Brings a list in, all of it or nothing. */
export async function bringIn(input: unknown): Promise<Result<{ dogs: number }>> {
  return answered('lists', BringAsked, input, (asked, house, who) => bring(asked, house, who.name), ...PAGES)
}

export async function takeBackList(input: unknown): Promise<Result<{ stays: number }>> {
  return answered('lists', TakeBackAsked, input, (asked, house, who) => takeBack(asked, house, who.name), ...PAGES)
}

/** Takes a dog over from another house's file, into its household. */
export async function takeOver(input: unknown): Promise<Result<{ dogId: number }>> {
  return answered('lists', TakeOverAsked, input, take, ...PAGES)
}
