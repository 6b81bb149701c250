import type { z } from 'zod'
import { HouseFacts, SET_UP_STEPS, SetUpStep } from '@/core/house'
import { refuse, type Result } from '@/core/result'
import { inTransaction } from '@/data/connection'
import { addHouse, changeHouse, holdHouse, readHouse } from '@/data/house'

export const HouseAsked = HouseFacts.extend({ works: HouseFacts.shape.works.default('salon') })

/** Makes the house of an empty book; there is one house a book. */
export function setUpHouse(asked: z.infer<typeof HouseAsked>): Promise<Result<null>> {
  return inTransaction(async () => {
    if (await readHouse()) return refuse('name', 'This book has its house already.')
    await addHouse(asked)
    await changeHouse({ seen: ['house'] })
    return { ok: true, value: null }
  })
}

/** Says that somebody went through a step of the set-up, or put it off: it is not asked again. */
export function passStep(step: SetUpStep): Promise<Result<null>> {
  return inTransaction(async () => {
    const house = await holdHouse()
    if (!house) return refuse('name', 'Give the house a name first.')
    const steps = Object.keys(SET_UP_STEPS) as SetUpStep[]
    await changeHouse({ seen: steps.filter((each) => each === step || house.seen.includes(each)) })
    return { ok: true, value: null }
  })
}
