import { refuse, type Result } from '@/core/result'
import { isAway } from '@/data/connection'

/** What is said when the database is away: it is being started again. */
export const AWAY = 'Kovit is starting again: its database does not answer. Try again in a moment.'

/** Does something; while the database is away it is a sentence instead of a fault. */
export async function unlessAway<T>(work: () => Promise<Result<T>>): Promise<Result<T>> {
  try {
    return await work()
  } catch (error) {
    if (isAway(error)) return refuse('database', AWAY)
    throw error
  }
}
