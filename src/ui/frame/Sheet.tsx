'use client'

import { useEffect, useRef, type ReactNode } from 'react'
import styles from './sheet.module.css'

interface SheetProps {
  title: string
  /** It cannot be left before it is answered. */
  must?: boolean
  onClose: () => void
  children: ReactNode
}

/** Something asked or told over the page: in its middle on a desk, from below on a phone. */
export function Sheet({ title, must = false, onClose, children }: SheetProps) {
  const dialog = useRef<HTMLDialogElement>(null)
  useEffect(() => dialog.current?.showModal(), [])
  return (
    <dialog
      ref={dialog}
      className={styles.sheet}
      aria-label={title}
      onCancel={(event) => {
        event.preventDefault()
        if (!must) onClose()
      }}
      onClick={(event) => event.target === dialog.current && !must && onClose()}
    >
      <header className={styles.head}>
        <h2>{title}</h2>
        {!must && (
          <button type="button" className="kv-word" onClick={onClose}>
            Close
          </button>
        )}
      </header>
      {children}
    </dialog>
  )
}
