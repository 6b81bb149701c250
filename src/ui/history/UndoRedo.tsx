'use client'

import { useEffect } from 'react'

interface UndoProps {
  undo: (() => void) | null
  redo: (() => void) | null
}

/** Undo and redo as words, and as Ctrl-Z and Ctrl-Shift-Z outside of text fields. */
export function UndoRedo({ undo, redo }: UndoProps) {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return
      if (event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement) return
      const step = event.shiftKey ? redo : undo
      if (step === null) return
      event.preventDefault()
      step()
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  }, [undo, redo])
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
