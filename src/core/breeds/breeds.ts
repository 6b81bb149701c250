import type { BuildId, EarSet } from '../build'
import { COAT_FACTS, type CoatId } from '../coat'
import { plain } from '../find'
import type { PatternId } from '../patterns'
import { BREED_ROWS } from './table'

/** What is usual of a breed or a common cross: kg and cm from and to, weeks between grooms. */
export interface Breed {
  name: string
  coat: CoatId
  build: BuildId
  kg: readonly [number, number]
  cm: readonly [number, number]
  ears: EarSet
  face: 'normal' | 'flat'
  weeks: readonly [number, number]
  patterns: readonly [PatternId, ...PatternId[]]
}

interface Listed extends Breed {
  /** Every name, as it is compared. */
  known: readonly string[]
}

const LISTED: readonly Listed[] = BREED_ROWS.map(([names, coat, build, kg, cm, ears, face, patterns]) => {
  const [name = '', ...others] = names.split(' | ')
  const weeks = COAT_FACTS[coat].returnWeeks
  return { name, coat, build, kg, cm, ears, face, weeks, patterns, known: [name, ...others].map(plain) }
})

export const BREEDS: readonly Breed[] = LISTED

/** How well a typed text fits a name, the lower the better; null when it does not. */
function fits(typed: string, known: string): number | null {
  if (known === typed) return 0
  if (known.startsWith(typed)) return 1
  const words = known.split(' ')
  return typed.split(' ').every((part) => words.some((word) => word.startsWith(part))) ? 2 : null
}

/** Breeds that a text may become as it is typed, the likeliest first. */
export function breedsLike(text: string, most = 6): Breed[] {
  const typed = plain(text)
  if (typed === '') return []
  const scored = LISTED.flatMap((breed) => {
    const best = breed.known.flatMap((known) => fits(typed, known) ?? [])
    return best.length === 0 ? [] : [{ breed, score: Math.min(...best) }]
  })
  return scored
    .sort((a, b) => a.score - b.score || a.breed.name.localeCompare(b.breed.name))
    .slice(0, most)
    .map(({ breed }) => breed)
}

/** The breed of exactly this name, or of one that people use for it; null for any other text. */
export function breedNamed(text: string): Breed | null {
  const typed = plain(text)
  return LISTED.find(({ known }) => known.includes(typed)) ?? null
}

/** Between the two names of a cross, and behind the one that is known. */
const BETWEEN = /\s+x\s+|\s*[/&+]\s*|\s+and\s+|\s+cross(?:ed)?(?:\s+with)?\s+/i
const BEHIND = /\s+(?:cross|mix|x)$/i

/** What a typed breed is usually like: of a cross the mean of both, its coat only where both have the same. */
export type Usual = Omit<Breed, 'name' | 'coat'> & { of: string; coat: CoatId | null; coats: readonly CoatId[] }

/** What is usual of the breed or cross that a text names; null when it names none that is known. */
export function usualOf(text: string): Usual | null {
  const one = breedNamed(text)
  if (one) return { ...one, of: one.name, coats: [one.coat] }
  const isCross = BEHIND.test(text.trim()) || BETWEEN.test(text.trim())
  if (!isCross) return null
  const parts = text.trim().replace(BEHIND, '').split(BETWEEN)
  const [first, second] = parts.flatMap((part) => breedNamed(part) ?? breedsLike(part, 1))
  if (!first) return null
  if (!second) return { ...first, of: `${first.name} cross`, coat: null, coats: [first.coat] }
  return {
    ...first,
    of: `${first.name} and ${second.name}`,
    coat: first.coat === second.coat ? first.coat : null,
    coats: [...new Set([first.coat, second.coat])],
    kg: mean(first.kg, second.kg),
    cm: mean(first.cm, second.cm),
    weeks: [Math.min(first.weeks[0], second.weeks[0]), Math.min(first.weeks[1], second.weeks[1])],
  }
}

const mean = (a: readonly [number, number], b: readonly [number, number]): readonly [number, number] => [
  (a[0] + b[0]) / 2,
  (a[1] + b[1]) / 2,
]

/** The middle of a usual stretch, to one decimal. */
export const middle = ([from, to]: readonly [number, number]): number => Math.round(((from + to) / 2) * 10) / 10
