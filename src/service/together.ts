import type { Result } from '@/core/result'
import { inTransaction } from '@/data/connection'

export { inTransaction as together } from '@/data/connection'

/** Carries a refusal out of a transaction, so that the database takes everything back. */
class TakenBack extends Error {
  constructor(readonly refused: Result<never>) {
    super('Refused: all of it is taken back.')
  }
}

/** Does several verbs as one: the first that refuses takes back what the others did. */
export async function allOrNothing<T>(work: () => Promise<Result<T>>): Promise<Result<T>> {
  try {
    return await inTransaction(async () => {
      const done = await work()
      if (!done.ok) throw new TakenBack(done)
      return done
    })
  } catch (error) {
    if (error instanceof TakenBack) return error.refused
    throw error
  }
}
