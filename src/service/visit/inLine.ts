import { isAway, isInTransaction } from '@/data/connection'
import type { Result } from '@/core/result'

interface Waiting<Asked, Answer> {
  asked: Asked
  answer(given: Result<Answer>): void
  fail(error: unknown): void
}

/** Whoever comes while one is being served is served together with all who came meanwhile; no more at once than this. From memory. */
const MOST_AT_ONCE = 50

/**
 * A line before each thing that one transaction at a time can change. Fifty benches that send at the same moment then cost
 * a few transactions, and not fifty that wait for each other.
 * @param serve answers for those asked, in their order, in one transaction. Where it throws, each is served alone, unless
 *   the database is away
 */
export function inLine<Asked, Answer>(serve: (key: number, asked: readonly Asked[]) => Promise<Result<Answer>[]>) {
  const lines = new Map<number, Waiting<Asked, Answer>[]>()

  async function serveAll(key: number, waiting: readonly Waiting<Asked, Answer>[]): Promise<void> {
    try {
      const answers = await serve(
        key,
        waiting.map(({ asked }) => asked),
      )
      waiting.forEach(({ answer, fail }, at) => {
        const given = answers[at]
        if (given) answer(given)
        else fail(new Error('Somebody in line was not answered.'))
      })
    } catch (error) {
      // One that cannot be served takes nobody along. Where the database is away nobody can be: they hear of it at once.
      if (waiting.length === 1 || isAway(error)) for (const { fail } of waiting) fail(error)
      else for (const each of waiting) await serveAll(key, [each])
    }
  }

  async function run(key: number, line: Waiting<Asked, Answer>[]): Promise<void> {
    while (line.length > 0) await serveAll(key, line.splice(0, MOST_AT_ONCE))
    lines.delete(key)
  }

  return async (key: number, asked: Asked): Promise<Result<Answer>> => {
    // Inside a transaction it belongs to that one, whose end nobody else may wait for.
    if (isInTransaction()) return one(await serve(key, [asked]))
    return new Promise((answer, fail) => {
      const line = lines.get(key)
      const mine = { asked, answer, fail }
      if (line) return void line.push(mine)
      const begun = [mine]
      lines.set(key, begun)
      void run(key, begun)
    })
  }
}

function one<T>([given]: readonly T[]): T {
  if (given === undefined) throw new Error('Somebody in line was not answered.')
  return given
}
