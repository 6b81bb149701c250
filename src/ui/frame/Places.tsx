'use client'

import Link from 'next/link'
import { useState } from 'react'
import { KeySheet } from '../keys/KeySheet'
import { Sheet } from './Sheet'
import styles from './frame.module.css'

/** The places of the house; on a phone the last ones stand behind *More*. */
const PLACES = [
  ['Day', '/'],
  ['Book', '/book'],
  ['Dogs', '/dogs'],
  ['Kit', '/kit'],
  ['Patterns', '/patterns'],
  ['Insight', '/insight'],
  ['House', '/rules'],
] as const
const UNDER_THE_THUMB = 4

export type Place = (typeof PLACES)[number][0]

/** Where one can go: words in the head of a desk, under the thumb on a phone. */
export function Places({ here }: { here: Place | null }) {
  const [more, setMore] = useState(false)
  const isFar = here !== null && PLACES.findIndex(([label]) => label === here) >= UNDER_THE_THUMB
  const link = ([label, href]: (typeof PLACES)[number]) => (
    <Link key={href} href={href} aria-current={here === label ? 'page' : undefined} onClick={() => setMore(false)}>
      {label}
    </Link>
  )
  return (
    <>
      <nav aria-label="Main" className={styles.nav}>
        {PLACES.slice(0, UNDER_THE_THUMB).map(link)}
        <span className={styles.far}>{PLACES.slice(UNDER_THE_THUMB).map(link)}</span>
        <button
          type="button"
          className={styles.more}
          aria-haspopup="dialog"
          data-here={isFar}
          onClick={() => setMore(true)}
        >
          More
        </button>
      </nav>
      {more && (
        <Sheet title="More" onClose={() => setMore(false)}>
          <nav aria-label="More" className={styles.list}>
            {PLACES.slice(UNDER_THE_THUMB).map(link)}
            <Link href="/you" onClick={() => setMore(false)}>
              You
            </Link>
          </nav>
        </Sheet>
      )}
      <KeySheet />
    </>
  )
}
