'use client'

import { useState } from 'react'
import { MAX_WORDS } from '@/core/request'
import type { StageId } from '@/core/stages'
import type { Happening } from './useVisitLog'
import styles from './bench.module.css'

const QUICK = ['Calmer than last time', 'Struggled here', 'Needed a break', 'Red skin, small', 'Burr taken out']

/** A note in one tap, or in words; what is too long stays in the box and says so. */
export function NotePanel({
  stage,
  add,
  close,
}: {
  stage: StageId | null
  add: (happening: Happening) => void
  close: () => void
}) {
  const [words, setWords] = useState('')
  const over = words.length - MAX_WORDS
  const save = (text: string) => {
    add({ kind: 'note', words: text, stage })
    close()
  }
  return (
    <div className={styles.panel} role="dialog" aria-label="Note">
      <div className={styles.quick}>
        {QUICK.map((text) => (
          <button key={text} onClick={() => save(text)}>
            {text}
          </button>
        ))}
      </div>
      <textarea
        autoFocus
        aria-label="Note in words"
        value={words}
        onChange={(event) => setWords(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Escape') close()
          if (event.key === 'Enter' && (event.ctrlKey || event.metaKey) && over <= 0 && words.trim() !== '') save(words)
        }}
      />
      {over > 0 && (
        <p role="alert" className="kv-late">
          The note is {over} characters too long; it holds {MAX_WORDS}. Nothing is lost: shorten it or keep it as two
          notes.
        </p>
      )}
      <div className={styles.quick}>
        <button onClick={close}>Not now</button>
        <button className={styles.keep} disabled={over > 0 || words.trim() === ''} onClick={() => save(words)}>
          Keep the note
        </button>
      </div>
    </div>
  )
}
