import { MEASURE_KEYS, type Stature } from '../build'

/** Dogs whose bare figure is remembered at once; a day has fewer. */
const MOST = 80

/**
 * Remembers what depends on the dog's build and measures alone, so that a change of coat draws no bones again.
 * The same key gives the same value, whether remembered or made anew.
 */
export function remembered<T, Rest extends readonly unknown[]>(
  make: (...rest: Rest) => T,
): (key: string, ...rest: Rest) => T {
  const kept = new Map<string, T>()
  return (key, ...rest) => {
    const known = kept.get(key)
    if (known !== undefined) return known
    const made = make(...rest)
    if (kept.size >= MOST) kept.delete(kept.keys().next().value as string)
    kept.set(key, made)
    return made
  }
}

/** All that the bare figure depends on. */
export const statureKey = (dog: Stature): string =>
  `${dog.build} ${dog.ears} ${dog.forelegs} ${dog.faceShape} ${dog.weightKg} ${MEASURE_KEYS.map((key) => dog[key]).join(' ')}`
