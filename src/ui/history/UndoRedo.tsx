'use client'

import { useTellKeys, type PageKey } from '../keys/pageKeys'
import { useKeyOnPage } from '../keys/useKeyDown'

const KEYS: readonly PageKey[] = [
  ['Ctrl Z', 'undo'],
  ['Ctrl Shift Z', 'redo'],
]

interface UndoProps {
  undo: (() => void) | null
  redo: (() => void) | null
}

/** Undo and redo as words, and as Ctrl-Z and Ctrl-Shift-Z outside of text fields. */
export function UndoRedo({ undo, redo }: UndoProps) {
  useTellKeys(KEYS)
  useKeyOnPage((event) => {
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return
    if (event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement) return
    const step = event.shiftKey ? redo : undo
    if (step === null) return
    event.preventDefault()
    step()
  })
  return (
    <>
      <button className="kv-word" disabled={undo === null} onClick={() => undo?.()}>
        Undo
      </button>
      <button className="kv-word" disabled={redo === null} onClick={() => redo?.()}>
        Redo
      </button>
    </>
  )
}
