import type { Behaviour } from './case'

/** From this grade on somebody or something has to be different. Source: from memory. */
const STRUGGLES = 3
const PANICS = 4

/** Who should be there, and who not, for a dog that takes people, dogs or the work hard; empty for a calm one. Source: common practice. */
export function whoIsThere(behaviour: Behaviour): string {
  const words = [
    Object.values(behaviour).some((grade) => (grade ?? 0) >= PANICS) ? 'A second pair of hands from the start.' : '',
    (behaviour.people ?? 0) >= STRUGGLES ? 'The same groomer all through, and nobody else near.' : '',
    (behaviour.dogs ?? 0) >= STRUGGLES ? 'No other dog in the room.' : '',
  ]
  return words.filter(Boolean).join(' ')
}
