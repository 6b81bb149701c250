'use client'

import { useRef } from 'react'
import { MAX_WORDS, type Piece } from '@/core/request'
import styles from './words.module.css'

interface MarkedTextProps {
  id?: string
  words: string
  pieces: readonly Piece[]
  rows: number
  placeholder: string
  onWords: (words: string) => void
  /** Where the caret stands; null when the field is left. */
  onCaret?: (at: number | null) => void
}

/** A field for an owner's words, in which each clause is marked by what it was read as while it is typed. */
export function MarkedText({ id, words, pieces, rows, placeholder, onWords, onCaret }: MarkedTextProps) {
  const behind = useRef<HTMLDivElement>(null)
  return (
    <div className={styles.marked}>
      <div className={styles.behind} ref={behind} aria-hidden="true">
        {pieces.map(({ text, from, kind }) => (
          <span key={from} data-kind={kind ?? undefined}>
            {text}
          </span>
        ))}{' '}
      </div>
      <textarea
        id={id}
        rows={rows}
        maxLength={MAX_WORDS}
        placeholder={placeholder}
        value={words}
        spellCheck={false}
        onChange={(event) => onWords(event.target.value)}
        onSelect={(event) => onCaret?.(event.currentTarget.selectionStart)}
        onBlur={() => onCaret?.(null)}
        onScroll={(event) => {
          if (behind.current) behind.current.scrollTop = event.currentTarget.scrollTop
        }}
      />
    </div>
  )
}
