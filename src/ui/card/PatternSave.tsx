'use client'

import { Input } from 'antd'
import { useState, useTransition } from 'react'
import type { CardEntry } from '@/core/request'
import type { SavePattern } from './actions'
import styles from './card.module.css'

interface PatternSaveProps {
  card: readonly CardEntry[]
  savePattern: SavePattern
}

/** Keeps the card on the desk as a pattern of the house, for any dog. */
export function PatternSave({ card, savePattern }: PatternSaveProps) {
  const [open, setOpen] = useState(false)
  const [name, setName] = useState('')
  const [words, setWords] = useState('')
  const [said, setSaid] = useState<string | null>(null)
  const [busy, start] = useTransition()
  const keep = () =>
    start(async () => {
      const answer = await savePattern({ name, words, card })
      setSaid(
        answer.ok
          ? `${name} is a pattern of the house now.`
          : answer.problems.map(({ sentence }) => sentence).join(' '),
      )
      if (answer.ok) setOpen(false)
    })
  return (
    <>
      {open ? (
        <div className={styles.pair}>
          <label className="kv-field">
            Name of the pattern
            <Input value={name} maxLength={80} onChange={(event) => setName(event.target.value)} />
          </label>
          <label className="kv-field">
            In a few words
            <Input value={words} maxLength={200} onChange={(event) => setWords(event.target.value)} />
          </label>
          <button className="kv-button" disabled={busy || name.trim() === ''} onClick={keep}>
            Keep the pattern
          </button>
        </div>
      ) : (
        <button className="kv-word" onClick={() => setOpen(true)}>
          Keep this card as a pattern of the house
        </button>
      )}
      {said && <p role="status">{said}</p>}
    </>
  )
}
