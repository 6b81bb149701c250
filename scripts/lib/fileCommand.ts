import { readFileSync } from 'node:fs'
import type { z } from 'zod'
import { problemsOf } from '@/core/result'

/**
 * A command that reads one file: checks it against its schema and prints what comes of it. Exit 2 with a line a problem when
 * the file is not good.
 * @param name of the command and of what it reads
 */
export function fileCommand<T>(
  command: string,
  what: string,
  schema: z.ZodType<T>,
  make: (input: T) => unknown,
): number {
  const file = process.argv[2]
  if (file === undefined)
    return fail([`${command}: FILE: Name the file with the ${what}, as in: npm run -s ${command} -- quill.json`])
  let text: string
  try {
    text = readFileSync(file, 'utf8')
  } catch {
    return fail([`${file}: file: This file cannot be read.`])
  }
  let input: unknown
  try {
    input = JSON.parse(text)
  } catch {
    return fail([`${file}: file: This is not JSON.`])
  }
  const parsed = schema.safeParse(input)
  if (!parsed.success)
    return fail(problemsOf(parsed.error).map(({ path, sentence }) => `${file}: ${path || what}: ${sentence}`))
  process.stdout.write(`${JSON.stringify(make(parsed.data), null, 2)}\n`)
  return 0
}

function fail(lines: string[]): number {
  process.stderr.write(`${lines.join('\n')}\n`)
  return 2
}
