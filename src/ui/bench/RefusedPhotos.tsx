'use client'

import { useEffect, useState } from 'react'
import { keepSending, letPhotosGo, type Refused } from './photos'
import styles from './bench.module.css'

/** Sends the pictures of this visit as long as the bench is open; one that the server refuses stays here, and says so. */
export function RefusedPhotos({ visitId }: { visitId: number }) {
  const [refused, setRefused] = useState<Refused | null>(null)
  useEffect(() => keepSending(visitId, setRefused), [visitId])
  if (refused === null) return null
  const giveUp = () => {
    letPhotosGo(visitId, refused.ids)
    setRefused(null)
  }
  return (
    <div className={styles.missed} role="alert">
      <b>A picture was not taken by the house’s books: {refused.sentence} It is still on this device.</b>
      <span className={styles.missedActs}>
        <button onClick={giveUp}>Go on without it</button>
      </span>
    </div>
  )
}
