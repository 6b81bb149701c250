'use client'

import { useRouter } from 'next/navigation'
import { useEffect, useId, useRef, useState, type KeyboardEvent } from 'react'
import { Sheet } from '../frame/Sheet'
import { useTellKeys, type PageKey } from '../keys/pageKeys'
import { isTyping, useKeyOnPage } from '../keys/useKeyDown'
import { FOUND_KINDS, useFound } from './useFound'
import styles from './find.module.css'

const KEYS: readonly PageKey[] = [['/ or Ctrl K', 'find a dog, an owner, a number, a day']]

/** One field over dogs, owners, numbers, days and pages, from every page: `/` or Ctrl-K opens it. */
export function FindAnything() {
  const [open, setOpen] = useState(false)
  const opener = useRef<HTMLButtonElement>(null)
  useTellKeys(KEYS)
  useEffect(() => {
    const button = opener.current
    return open ? () => button?.focus() : undefined
  }, [open])
  useKeyOnPage((event) => {
    const isAsked = (event.key === 'k' && (event.ctrlKey || event.metaKey)) || (event.key === '/' && !isTyping(event))
    if (!isAsked) return
    event.preventDefault()
    setOpen(true)
  })
  return (
    <>
      <button
        ref={opener}
        className={styles.open}
        onClick={() => setOpen(true)}
        aria-label="Find a dog, an owner, a number, a day"
      >
        Find <kbd>/</kbd>
      </button>
      {open && (
        <Sheet title="Find" onClose={() => setOpen(false)}>
          <Field onDone={() => setOpen(false)} />
        </Sheet>
      )}
    </>
  )
}

/** The dialog looks for this when it opens. */
const beginsHere = (input: HTMLInputElement | null): void => input?.setAttribute('autofocus', '')

function Field({ onDone }: { onDone: () => void }) {
  const router = useRouter()
  const id = useId()
  const [text, setText] = useState('')
  const [at, setAt] = useState(0)
  const { found, saying, isOfText } = useFound(text)
  /** Enter was pressed before the house had answered what was typed: it opens what the answer finds, not what stood there. */
  const hurries = useRef(false)
  const list = useRef<HTMLUListElement>(null)
  const chosen = found[Math.min(at, found.length - 1)]
  useEffect(() => {
    list.current?.querySelector('[aria-selected="true"]')?.scrollIntoView({ block: 'nearest' })
  }, [at, found])
  const go = (href: string) => {
    onDone()
    router.push(href)
  }
  const onKey = (event: KeyboardEvent) => {
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key]
    if (step !== undefined && found.length > 0) {
      event.preventDefault()
      setAt((was) => (Math.min(was, found.length - 1) + step + found.length) % found.length)
    }
    if (event.key !== 'Enter') return
    // What was chosen by an arrow is meant as it stands.
    if (chosen && (isOfText || at > 0)) go(chosen.href)
    else hurries.current = !isOfText
  }
  useEffect(() => {
    if (!hurries.current || !isOfText) return
    hurries.current = false
    if (chosen) go(chosen.href)
  })
  return (
    <div className={styles.field}>
      <input
        ref={beginsHere}
        role="combobox"
        aria-expanded={found.length > 0}
        aria-controls={id}
        aria-activedescendant={chosen ? `${id} ${chosen.href}` : undefined}
        aria-label="Find"
        placeholder="A dog, an owner, a number, a day"
        maxLength={120}
        value={text}
        onChange={(event) => {
          setText(event.target.value)
          setAt(0)
          hurries.current = false
        }}
        onKeyDown={onKey}
      />
      <ul id={id} role="listbox" aria-label="Found" ref={list} className={styles.found}>
        {found.map(({ kind, href, name, words }) => (
          <li
            key={href}
            id={`${id} ${href}`}
            role="option"
            aria-selected={href === chosen?.href}
            onPointerDown={(event) => {
              event.preventDefault()
              go(href)
            }}
          >
            <span className={styles.kind}>{FOUND_KINDS[kind]}</span>
            <b>{name}</b>
            <span className={styles.words}>{words}</span>
          </li>
        ))}
      </ul>
      <p role="status" className="kv-small">
        {saying}
      </p>
    </div>
  )
}
