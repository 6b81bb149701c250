/** What several hold at once: nobody can change it, nor anything in it. */
export function frozen<T>(value: T): T {
  if (typeof value !== 'object' || value === null || Object.isFrozen(value)) return value
  for (const each of Object.values(value)) frozen(each)
  return Object.freeze(value)
}
