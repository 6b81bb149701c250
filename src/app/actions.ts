'use server'

import { z } from 'zod'
import type { Result } from '@/core/result'
import { WishesAsked, keepWishes as keep } from '@/service/booking/keepWishes'
import { RemarkAsked, keepRemark as keepInFile } from '@/service/dog/keepRemark'
import type { OpenHouse } from '@/service/house/openHouse'
import { beginVisit } from '@/service/visit/beginVisit'
import { WrapUpAsked, closeVisit } from '@/service/visit/closeVisit'
import { Said, ownerSaid as keepSaid } from '@/service/visit/ownerSaid'
import { answered } from './answered'

/** Keeps the wishes and what was measured, as they are changed on the plan. */
export async function keepWishes(input: unknown): Promise<Result<{ version: number }>> {
  return answered('wishes', WishesAsked, input, keep)
}

/** Keeps what an owner said of health or temper in the dog's file. */
export async function keepRemark(input: unknown): Promise<Result<unknown>> {
  return answered('wishes', RemarkAsked, input, keepInFile)
}

const BookingId = z.number({ error: 'This booking is not in the book.' }).int().positive()

/** Opens the bench: the plan as it stands becomes the dog's next card version. */
export async function startBench(bookingId: unknown): Promise<Result<{ visitId: number }>> {
  return answered('bench', BookingId, bookingId, (id, house, who) => beginVisit(id, house, undefined, who), '/')
}

/** Keeps what the owner said of a zone; the next card bends there. */
export async function ownerSaid(input: unknown): Promise<Result<null>> {
  return answered('cards', Said, input, keepSaid)
}

/** Closes a visit: what was cut becomes the card that the next visit starts from. */
export async function wrapUp(input: unknown): Promise<Result<{ dogId: number }>> {
  const close = async (
    asked: z.infer<typeof WrapUpAsked>,
    { nowMs, time }: OpenHouse,
  ): Promise<Result<{ dogId: number }>> => {
    const closed = await closeVisit(asked, nowMs, time)
    return closed.ok ? { ok: true, value: { dogId: closed.value.dogId } } : closed
  }
  return answered('bench', WrapUpAsked, input, close, '/')
}
