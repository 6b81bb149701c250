'use client'

import { useState, type ReactNode } from 'react'
import { useKeyDown } from '../keys/useKeyDown'
import styles from './who.module.css'

const FIGURES = 4
const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9'] as const

interface PinPadProps {
  name: string
  busy: boolean
  fault: string | null
  /** Resolves with whether it was the right one. */
  onPin: (pin: string) => Promise<boolean>
  back: ReactNode
}

/** Four figures, by thumb or by keyboard; the fourth sends them. */
export function PinPad({ name, busy, fault, onPin, back }: PinPadProps) {
  const [pin, setPin] = useState('')
  const press = (figure: string) => {
    if (busy || pin.length >= FIGURES) return
    const next = pin + figure
    setPin(next)
    if (next.length === FIGURES) void onPin(next).then((right) => right || setPin(''))
  }
  const clear = () => setPin((before) => before.slice(0, -1))
  useKeyDown((event) => {
    if (/^\d$/.test(event.key)) press(event.key)
    else if (event.key === 'Backspace') clear()
  })
  return (
    <div className={styles.pad}>
      <p>
        <b>{name}</b>, your four figures.
      </p>
      <p className={styles.dots} role="status" aria-label={`${pin.length} of ${FIGURES} figures`}>
        {Array.from({ length: FIGURES }, (_, at) => (
          <span key={at} data-on={at < pin.length} />
        ))}
      </p>
      <p className={fault ? 'kv-late' : 'kv-small'}>{busy ? 'One moment.' : (fault ?? ' ')}</p>
      <div className={styles.keys} role="group" aria-label="Figures">
        {KEYS.map((figure) => (
          <button key={figure} type="button" onClick={() => press(figure)} disabled={busy}>
            {figure}
          </button>
        ))}
        <span />
        <button type="button" onClick={() => press('0')} disabled={busy}>
          0
        </button>
        <button type="button" onClick={clear} disabled={busy || pin === ''} className={styles.clear}>
          Back
        </button>
      </div>
      {back}
    </div>
  )
}
