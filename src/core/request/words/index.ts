import { readSegments, segmentsOf, type Reading } from './clauses'
import { tokensOf } from './tokens'

export type { Deed, Much, Spoken, Unclear } from './spoken'

/**
 * What an owner's words ask for, and what in them is not clear. Nothing is guessed: words that could mean two things
 * come back with a question.
 */
export const readWords = (text: string): Reading => readSegments(segmentsOf(tokensOf(text)))
