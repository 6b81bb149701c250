'use client'

import { useState } from 'react'
import { consentTitle, consentWords, type ConsentId } from '@/core/care'
import type { Happening } from './useVisitLog'
import styles from './bench.module.css'

interface PanelProps {
  consent: ConsentId
  dogName: string
  add: (happening: Happening) => void
  close: () => void
}

/** The owner reads, writes a name and signs; the words are kept as they were shown and cannot be changed. */
export function ConsentPanel({ consent, dogName, add, close }: PanelProps) {
  const [signed, setSigned] = useState('')
  const shown = consentWords(consent, dogName)
  const sign = () => {
    add({ kind: 'consent', consent, shown, signed })
    close()
  }
  return (
    <div className={styles.panel} role="dialog" aria-label={`Consent: ${consentTitle(consent)}`}>
      <p>
        <b>{consentTitle(consent)}.</b> {shown}
      </p>
      <label>
        Name of the owner{' '}
        <input
          className={styles.line}
          value={signed}
          autoFocus
          maxLength={80}
          onChange={(event) => setSigned(event.target.value)}
        />
      </label>
      <p className="kv-quiet">
        Signed, it is kept with this visit as it stands here and can no longer be changed. Local law decides what else
        is needed.
      </p>
      <div className={styles.quick}>
        <button onClick={close}>Not now</button>
        <button className={styles.keep} disabled={signed.trim().length < 2} onClick={sign}>
          I agree and sign
        </button>
      </div>
    </div>
  )
}
