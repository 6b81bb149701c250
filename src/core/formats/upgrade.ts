/** Something that this Kovit cannot know, because a later one wrote it. */
export class NewerFormat extends Error {}

/** One step from a stored shape to the next: what it was, in what it becomes. */
export type UpgradeStep = (stored: unknown) => unknown

/**
 * Brings something that was stored long ago to the shape of today, step by step.
 * @param format the number it was stored with, 1 the oldest
 * @param steps the step from 1 to 2 first
 * @throws NewerFormat when it was stored by a newer Kovit
 */
export function upgraded(stored: unknown, format: number, steps: readonly UpgradeStep[]): unknown {
  if (format > steps.length + 1)
    throw new NewerFormat(`This was stored by a newer Kovit (format ${format}; this one knows ${steps.length + 1}).`)
  return steps.slice(format - 1).reduce((now, step) => step(now), stored)
}

/** Changes one key of an object that may be anything, where it is there. */
export function withKey(stored: unknown, key: string, change: (value: unknown) => unknown): unknown {
  if (typeof stored !== 'object' || stored === null || !(key in stored)) return stored
  const value = (stored as Record<string, unknown>)[key]
  return { ...stored, [key]: change(value) }
}

export const eachOf =
  (change: (value: unknown) => unknown) =>
  (list: unknown): unknown =>
    Array.isArray(list) ? list.map(change) : list
