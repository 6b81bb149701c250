import type { z } from 'zod'

/** What is wrong with an input: where, and a sentence a groomer understands. */
export interface Problem {
  path: string
  sentence: string
}

export type Result<T> = { ok: true; value: T } | { ok: false; problems: Problem[] }

export const refuse = (path: string, sentence: string): { ok: false; problems: Problem[] } => ({
  ok: false,
  problems: [{ path, sentence }],
})

/** Zod's issues as problems, one for each field. */
export function problemsOf(error: z.ZodError): Problem[] {
  return error.issues.flatMap((issue) => readIssue(issue))
}

/** So many faults are told at once; who sends more is no person who fills in a form. */
const MOST_TOLD = 20
/** A place that is longer is cut: its end was made by whoever sent it. */
const LONGEST_PATH = 120

/** The first faults, for an answer that stays small whatever was sent. */
export const firstProblems = (problems: readonly Problem[], most = MOST_TOLD): Problem[] =>
  problems.slice(0, most).map(({ path, sentence }) => ({ path: path.slice(0, LONGEST_PATH), sentence }))

function readIssue(issue: z.core.$ZodIssue): Problem[] {
  const path = showPath(issue.path)
  if (issue.code === 'unrecognized_keys')
    return issue.keys.map((key) => ({ path: showPath([...issue.path, key]), sentence: 'This key is not known here.' }))
  if (issue.code === 'invalid_key') return [{ path, sentence: 'This id is not known here.' }]
  if (issue.code === 'invalid_value')
    return [{ path, sentence: `This must be one of: ${issue.values.map(String).join(', ')}.` }]
  if (issue.code === 'invalid_type' && issue.message.startsWith('Invalid input'))
    return [
      {
        path,
        sentence: issue.message.endsWith('received undefined')
          ? missing(issue)
          : `This must be ${kindOf(issue.expected)}.`,
      },
    ]
  return [{ path, sentence: isZods(issue.message) ? (IN_SHORT[issue.code] ?? NOT_RIGHT) : issue.message }]
}

/** What Zod says by itself, where a schema gives no sentence of its own: it is meant for programmers. */
const isZods = (message: string): boolean => /^(Invalid |Too (small|big): )/.test(message)
const NOT_RIGHT = 'This is not as it should be.'
const IN_SHORT: Partial<Record<z.core.$ZodIssue['code'], string>> = {
  too_small: 'This is too small, or too short.',
  too_big: 'This is too large, or too long.',
  invalid_union: 'This is none of the forms that are known here.',
}

const missing = (issue: { expected: string }) => `This is missing, or it is not ${kindOf(issue.expected)}.`

const kindOf = (expected: string) =>
  ({
    string: 'text',
    number: 'a number',
    array: 'a list',
    object: 'an object',
    record: 'an object',
    boolean: 'true or false',
  })[expected] ?? expected

/** `request.lengthsMm.back`, `health[0].zone` */
export function showPath(path: readonly PropertyKey[]): string {
  return path.reduce<string>(
    (text, part) =>
      typeof part === 'number' ? `${text}[${part}]` : text === '' ? String(part) : `${text}.${String(part)}`,
    '',
  )
}
