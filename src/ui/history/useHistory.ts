'use client'

import { useState } from 'react'

interface History<T> {
  past: T[]
  now: T
  future: T[]
  /** What the last change was a stroke of; strokes of one thing are undone together. */
  stroke: string | null
}

const stepBack = <T>({ past, now, future }: History<T>): History<T> => ({
  stroke: null,
  past: past.slice(0, -1),
  now: past.at(-1) ?? now,
  future: [now, ...future],
})
const stepOn = <T>({ past, now, future }: History<T>): History<T> => ({
  stroke: null,
  past: [...past, now],
  now: future[0] ?? now,
  future: future.slice(1),
})

/** A value with its past: undo and redo are null where there is nothing to go to. */
export function useHistory<T>(start: T) {
  const [history, setHistory] = useState<History<T>>({ past: [], now: start, future: [], stroke: null })
  return {
    now: history.now,
    /** @param stroke what this is a stroke of, as a letter is of a sentence: its strokes in a row are one step back */
    put: (next: T | ((now: T) => T), stroke: string | null = null) =>
      setHistory(({ past, now, stroke: last }) => ({
        past: stroke !== null && stroke === last ? past : [...past, now],
        now: next instanceof Function ? next(now) : next,
        future: [],
        stroke,
      })),
    undo: history.past.length === 0 ? null : () => setHistory(stepBack),
    redo: history.future.length === 0 ? null : () => setHistory(stepOn),
  }
}
