import { readFileSync } from 'node:fs'
import { Case, makePlan } from '@/core/plan'
import { problemsOf } from '@/core/result'

/** `npm run -s plan -- FILE.json`: a case in, a plan out. Exit 2 with a line a problem when the case is not good. */
function main(file: string | undefined): number {
  if (file === undefined) return fail(['plan: FILE: Name the file with the case, as in: npm run -s plan -- quill.json'])
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
  const parsed = Case.safeParse(input)
  if (!parsed.success)
    return fail(problemsOf(parsed.error).map(({ path, sentence }) => `${file}: ${path || 'case'}: ${sentence}`))
  process.stdout.write(`${JSON.stringify(makePlan(parsed.data), null, 2)}\n`)
  return 0
}

function fail(lines: string[]): number {
  process.stderr.write(`${lines.join('\n')}\n`)
  return 2
}

process.exitCode = main(process.argv[2])
