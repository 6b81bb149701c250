import { z } from 'zod'
import { Work } from '@/core/people'
import { refuse, type Result } from '@/core/result'
import { inTransaction } from '@/data/connection'
import { addHouse, readHouse } from '@/data/house'
import { addMember } from '@/data/people'

const name = z.string().trim().min(1, { error: 'Give a name.' }).max(200, { error: 'Keep the name to 200 characters.' })

export const HouseAsked = z.strictObject({
  name,
  place: z.string().trim().max(200, { error: 'Keep the place to 200 characters.' }),
  timeZone: z.string().refine(isTimeZone, { error: 'This time zone is not known, such as Europe/London.' }),
  unit: z.enum(['mm', 'inch']),
})

function isTimeZone(timeZone: string): boolean {
  try {
    return new Intl.DateTimeFormat('en', { timeZone }).format(0) !== ''
  } catch (error) {
    if (error instanceof RangeError) return false
    throw error
  }
}

/** Makes the house of an empty book; there is one house a book. */
export function setUpHouse(asked: z.infer<typeof HouseAsked>): Promise<Result<null>> {
  return inTransaction(async () => {
    if (await readHouse()) return refuse('name', 'This book has its house already.')
    await addHouse(asked)
    return { ok: true, value: null }
  })
}

export const PersonAsked = z.strictObject({ name, role: z.enum(['groomer', 'bather']), work: Work })

/** Somebody begins to work here. */
export async function addPerson(asked: z.infer<typeof PersonAsked>): Promise<Result<{ id: number }>> {
  return { ok: true, value: { id: await addMember(asked) } }
}
