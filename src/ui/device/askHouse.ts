import type { Result } from '@/core/result'
import { refuse } from '@/core/result'
import { NoAnswer, askServer } from './link'

/** Asks the house something that keeps nothing; where it does not answer, that is said. */
export async function askHouse<Value>(path: string, asked: object): Promise<Result<Value>> {
  try {
    const { body } = await askServer(path, { method: 'POST', body: JSON.stringify(asked) })
    const said = body as Result<Result<Value>>
    return said.ok ? said.value : said
  } catch (error) {
    if (error instanceof NoAnswer) return refuse('network', 'The house does not answer now. Try again in a moment.')
    throw error
  }
}
