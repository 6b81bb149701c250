'use client'

import { useState, type ReactNode } from 'react'
import type { Right } from '@/core/rights'
import { May } from '../who/WhoHere'

interface ListedProps<T extends { id: number }> {
  title: string
  empty: string
  items: readonly T[]
  wordsOf: (item: T) => ReactNode
  /** What may change it. */
  right: Right
  onRetire: (id: number, retired: boolean) => void
  /** Where another one is added. */
  children: ReactNode
}

/** A list of the house that can be added to; what was taken out can be put back. */
export function Listed<T extends { id: number }>({
  title,
  empty,
  items,
  wordsOf,
  right,
  onRetire,
  children,
}: ListedProps<T>) {
  const [out, setOut] = useState<T | null>(null)
  const move = (item: T, retired: boolean) => {
    setOut(retired ? item : null)
    onRetire(item.id, retired)
  }
  return (
    <section aria-label={title}>
      <h2>{title}</h2>
      {items.length === 0 && <p className="kv-quiet">{empty}</p>}
      {items.map((item) => (
        <p key={item.id}>
          {wordsOf(item)}{' '}
          <May right={right}>
            <button className="kv-word" onClick={() => move(item, true)}>
              Take out
            </button>
          </May>
        </p>
      ))}
      {out && (
        <p role="status">
          Taken out: {wordsOf(out)}{' '}
          <button className="kv-word" onClick={() => move(out, false)}>
            Put it back
          </button>
        </p>
      )}
      {children}
    </section>
  )
}
