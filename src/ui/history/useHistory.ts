'use client'

import { useState } from 'react'

interface History<T> {
  past: T[]
  now: T
  future: T[]
}

const stepBack = <T>({ past, now, future }: History<T>): History<T> => ({
  past: past.slice(0, -1),
  now: past.at(-1) ?? now,
  future: [now, ...future],
})
const stepOn = <T>({ past, now, future }: History<T>): History<T> => ({
  past: [...past, now],
  now: future[0] ?? now,
  future: future.slice(1),
})

/** A value with its past: undo and redo are null where there is nothing to go to. */
export function useHistory<T>(start: T) {
  const [history, setHistory] = useState<History<T>>({ past: [], now: start, future: [] })
  return {
    now: history.now,
    put: (next: T) => setHistory(({ past, now }) => ({ past: [...past, now], now: next, future: [] })),
    undo: history.past.length === 0 ? null : () => setHistory(stepBack),
    redo: history.future.length === 0 ? null : () => setHistory(stepOn),
  }
}
