'use client'

import { useState } from 'react'
import { heldPhoto, takePhoto } from './photos'
import styles from './bench.module.css'

interface PickProps {
  visitId: number
  photo: string | undefined
  onPhoto: (photo: string | undefined) => void
}

/** A picture of what was found: by the camera of this device, or a file. */
export function PhotoPick({ visitId, photo, onPhoto }: PickProps) {
  const [fault, setFault] = useState<string | null>(null)
  const take = async (file: File | undefined) => {
    if (!file) return
    const taken = await takePhoto(visitId, file)
    setFault('sentence' in taken ? taken.sentence : null)
    if ('id' in taken) onPhoto(taken.id)
  }
  return (
    <>
      <label className={styles.photo}>
        {photo ? 'Another picture' : 'Take a picture'}
        <input
          type="file"
          accept="image/*"
          capture="environment"
          className="kv-hidden"
          onChange={(event) => void take(event.target.files?.[0])}
        />
      </label>
      {photo && (
        <>
          {/* eslint-disable-next-line @next/next/no-img-element -- its own house's picture, already small */}
          <img
            className={styles.thumb}
            src={heldPhoto(visitId, photo) ?? `/visits/${visitId}/photos/${photo}`}
            alt="What was found"
          />
          <button onClick={() => onPhoto(undefined)}>Without it</button>
        </>
      )}
      {fault && <span role="alert">{fault}</span>}
    </>
  )
}
