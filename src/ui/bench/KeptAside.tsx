'use client'

import { useState } from 'react'
import { MAX_WORDS } from '@/core/request'
import type { VisitEvent } from '@/core/visit'
import type { Aside } from '../device/store'
import { eventWords } from '../log/eventWords'
import type { Happening } from './useVisitLog'
import styles from './bench.module.css'

interface KeptAsideProps {
  aside: readonly Aside[]
  /** After the close only a late note or an amendment reaches the books. */
  closed: boolean
  /** @param asideGone the id of what is sent in another form, and so no longer kept aside */
  add: (happening: Happening, asideGone?: string) => void
  letGo: (id: string) => void
}

/** What the books did not take: shown in words, mended, sent in another form, printed, or let go by a person. Nothing is deleted by itself. */
export function KeptAside({ aside, closed, add, letGo }: KeptAsideProps) {
  if (aside.length === 0) return null
  return (
    <div className={styles.aside} role="alert" aria-label="Kept aside" data-print>
      <p className={styles.asideHead}>
        <b>Kept aside: {aside.length}. Not in the books, still on this device.</b>
        <button onClick={() => window.print()}>Print this list</button>
      </p>
      {aside.map((each) => (
        <OneAside key={each.event.id} {...each} closed={closed} add={add} letGo={letGo} />
      ))}
    </div>
  )
}

function OneAside({ event, why, closed, add, letGo }: Aside & Omit<KeptAsideProps, 'aside'>) {
  const [doing, setDoing] = useState<'nothing' | 'mending' | 'letting go'>('nothing')
  const [words, setWords] = useState(inWords(event))
  const cut = closed && event.kind === 'zone-cut' ? event.cut : null
  const note = () => add(closed ? { kind: 'late-note', words } : { kind: 'note', words, stage: null }, event.id)
  return (
    <div className={styles.asideRow}>
      <p>
        <b>{eventWords(event)}.</b> {why}
      </p>
      {doing === 'mending' && (
        <textarea
          aria-label="The note in words"
          value={words}
          maxLength={MAX_WORDS}
          onChange={({ target }) => setWords(target.value)}
        />
      )}
      <span className={styles.missedActs}>
        {cut && (
          <button
            onClick={() => add({ kind: 'amended', cut, why: 'Cut on the bench, sent after the close.' }, event.id)}
          >
            Send as an amendment
          </button>
        )}
        <button disabled={words.trim() === ''} onClick={note}>
          {closed ? 'Send as a late note' : 'Send as a note'}
        </button>
        {doing !== 'mending' && <button onClick={() => setDoing('mending')}>Mend the words</button>}
        {doing === 'letting go' ? (
          <button onClick={() => letGo(event.id)}>Yes, it is not needed</button>
        ) : (
          <button onClick={() => setDoing('letting go')}>Let it go</button>
        )}
      </span>
    </div>
  )
}

const inWords = (event: VisitEvent): string =>
  event.kind === 'note' || event.kind === 'late-note' ? event.words : `Kept aside: ${eventWords(event)}`
