'use client'

import { useEffect, useState } from 'react'
import { takePhoto } from '../device/photos'
import { readPhoto, visitOf, type BenchKey } from '../device/store'
import styles from './bench.module.css'

interface PickProps {
  bench: BenchKey
  photo: string | undefined
  onPhoto: (photo: string | undefined) => void
}

/** A picture of what was found: by the camera of this device, or a file. */
export function PhotoPick({ bench, photo, onPhoto }: PickProps) {
  const [fault, setFault] = useState<string | null>(null)
  const held = useHeld(photo)
  const take = async (file: File | undefined) => {
    if (!file) return
    const taken = await takePhoto(bench, file)
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
            src={held ?? `/visits/${visitOf(bench)}/photos/${photo}`}
            alt="What was found"
          />
          <button onClick={() => onPhoto(undefined)}>Without it</button>
        </>
      )}
      {fault && <span role="alert">{fault}</span>}
    </>
  )
}

/** An address of a picture that this device still holds. */
function useHeld(id: string | undefined): string | null {
  const [url, setUrl] = useState<string | null>(null)
  useEffect(() => {
    let made: string | null = null
    let gone = false
    const show = async () => {
      const photo = id === undefined ? undefined : await readPhoto(id).catch(() => undefined)
      if (gone) return
      made = photo ? URL.createObjectURL(photo.jpeg) : null
      setUrl(made)
    }
    void show()
    return () => {
      gone = true
      if (made) URL.revokeObjectURL(made)
    }
  }, [id])
  return url
}
