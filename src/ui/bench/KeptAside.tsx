'use client'

import { useState } from 'react'
import type { Aside } from '../device/store'
import { eventWords } from './eventWords'
import type { Happening } from './useVisitLog'
import styles from './bench.module.css'

interface KeptAsideProps {
  aside: readonly Aside[]
  add: (happening: Happening) => void
  letGo: (id: string) => void
}

/** What the books did not take: shown in words, sent as a note, or let go by a person. Nothing is deleted by itself. */
export function KeptAside({ aside, add, letGo }: KeptAsideProps) {
  const [asked, setAsked] = useState<string | null>(null)
  if (aside.length === 0) return null
  const asNote = ({ event }: Aside) => {
    add({ kind: 'note', words: `Kept aside: ${eventWords(event)}`, stage: null })
    letGo(event.id)
  }
  return (
    <div className={styles.missed} role="alert" aria-label="Kept aside">
      <b>Kept aside: {aside.length}. Not in the books, still on this device.</b>
      {aside.map((each) => (
        <div key={each.event.id}>
          <p>
            {eventWords(each.event)}. {each.why}
          </p>
          <span className={styles.missedActs}>
            {each.event.kind !== 'note' && <button onClick={() => asNote(each)}>Send as a note</button>}
            {asked === each.event.id ? (
              <button onClick={() => letGo(each.event.id)}>Yes, it is not needed</button>
            ) : (
              <button onClick={() => setAsked(each.event.id)}>Let it go</button>
            )}
          </span>
        </div>
      ))}
    </div>
  )
}
