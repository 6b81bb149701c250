'use client'

import { Input } from 'antd'
import { useRouter } from 'next/navigation'
import { useEffect, useState, useTransition } from 'react'
import type { useKeep } from '../house/useKeep'
import { CodeShown } from './CodeShown'
import type { DevicesActs } from './acts'
import styles from './who.module.css'

const LOOK_MS = 3000

/** A code for another device, or this very screen made one. */
export function LetIn({
  acts,
  keep,
  isThisIn,
}: {
  acts: DevicesActs
  keep: ReturnType<typeof useKeep>
  isThisIn: boolean
}) {
  const [name, setName] = useState('')
  const [code, setCode] = useState<{ code: string; minutes: number; of: string } | null>(null)
  const [fault, setFault] = useState<string | null>(null)
  const [busy, start] = useTransition()
  const make = () =>
    start(async () => {
      const answer = await acts.makeCode({ device: name })
      setFault(answer.ok ? null : answer.problems.map(({ sentence }) => sentence).join(' '))
      if (answer.ok) setCode({ ...answer.value, of: name })
    })
  // Who types the code stands at another screen: it appears in the list below when it is in.
  const router = useRouter()
  useEffect(() => {
    if (code === null) return
    const timer = setInterval(() => router.refresh(), LOOK_MS)
    return () => clearInterval(timer)
  }, [code, router])
  return (
    <section className={styles.section} aria-label="Let a device in">
      <h2>Let a device in</h2>
      <label className="kv-field">
        What it is called
        <Input
          value={name}
          maxLength={60}
          placeholder="tub tablet"
          onChange={(event) => setName(event.target.value)}
          onPressEnter={make}
        />
      </label>
      <p className={styles.ways}>
        <button type="button" className="kv-button kv-main" disabled={busy || name.trim() === ''} onClick={make}>
          Let a device in
        </button>
        {!isThisIn && (
          <button
            type="button"
            className="kv-word"
            disabled={busy || name.trim() === ''}
            onClick={() => keep.send(acts.letThisIn, { device: name })}
          >
            It is this very screen
          </button>
        )}
      </p>
      {fault && <p className="kv-late">{fault}</p>}
      {code && <CodeShown {...code} how={`Type it on ${code.of}.`} />}
    </section>
  )
}
