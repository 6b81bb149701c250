import { isInTransaction } from '@/data/connection'

/**
 * Whoever asks while an answer is on its way shares the next one with all who ask meanwhile. It is asked for after each of
 * them came, so that what was kept before somebody asked is in their answer.
 */
export function together<Answer>(ask: () => Promise<Answer>): () => Promise<Answer> {
  let onItsWay: Promise<unknown> = Promise.resolve()
  let next: Promise<Answer> | null = null
  return () => {
    // What a transaction has written nobody else may see yet.
    if (isInTransaction()) return ask()
    if (next) return next
    const mine = onItsWay.then(() => {
      next = null
      return ask()
    })
    next = mine
    onItsWay = mine.catch(() => {})
    return mine
  }
}
