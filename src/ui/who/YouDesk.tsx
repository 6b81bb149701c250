'use client'

import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import type { Result } from '@/core/result'
import type { Standing } from '@/core/rights'
import type { Act } from '../house/acts'
import { SecretField } from './fields'
import { RightsTable } from './RightsTable'
import styles from './who.module.css'

interface YouView {
  name: string
  standing: Standing
  hasPassphrase: boolean
  hasPin: boolean
  /** In the demo nobody needs a passphrase. */
  demo: boolean
}

interface YouDeskProps {
  view: YouView
  acts: { changeOwn: Act; signOut: Act }
}

const NOTHING = { current: '', passphrase: '', pin: '' }

/** One's own passphrase and PIN, and what one may do here. */
export function YouDesk({ view, acts }: YouDeskProps) {
  const { name, standing, hasPassphrase, hasPin, demo } = view
  const router = useRouter()
  const [said, setSaid] = useState(NOTHING)
  const [answer, setAnswer] = useState<{ ok: boolean; words: string } | null>(null)
  const [busy, start] = useTransition()
  const send = (go: () => Promise<Result<unknown>>, kept: () => void) =>
    start(async () => {
      const done = await go()
      if (done.ok) return kept()
      setAnswer({ ok: false, words: done.problems.map(({ sentence }) => sentence).join(' ') })
    })
  const keep = () =>
    send(
      () =>
        acts.changeOwn({
          current: said.current,
          ...(said.passphrase === '' ? {} : { passphrase: said.passphrase }),
          ...(said.pin === '' ? {} : { pin: said.pin }),
        }),
      () => {
        setSaid(NOTHING)
        setAnswer({ ok: true, words: 'Kept. Wherever else you were signed in, you are signed out.' })
        router.refresh()
      },
    )
  const leave = (where: 'here' | 'everywhere') =>
    send(
      () => acts.signOut(where),
      () => router.push('/sign-in'),
    )
  return (
    <>
      <div className="kv-head">
        <h1>{name}</h1>
        <p className="kv-quiet">{standing}</p>
      </div>
      <div className={styles.columns}>
        <section className={styles.section} aria-label="Passphrase and PIN">
          <h2>Passphrase and PIN</h2>
          {demo ? (
            <p className="kv-quiet">In the demo nobody has one: a press on a name is enough.</p>
          ) : (
            <form
              className={styles.form}
              onSubmit={(event) => {
                event.preventDefault()
                keep()
              }}
            >
              <SecretField
                label={hasPassphrase ? 'Your passphrase of now' : 'Your PIN of now'}
                value={said.current}
                autoComplete="current-password"
                onChange={(current) => setSaid({ ...said, current })}
              />
              <SecretField
                label={`A new passphrase, 12 characters or more${hasPassphrase ? '; empty keeps the one you have' : ''}`}
                value={said.passphrase}
                autoComplete="new-password"
                onChange={(passphrase) => setSaid({ ...said, passphrase })}
              />
              <SecretField
                label={
                  hasPin
                    ? 'A new PIN, four figures; empty keeps the one you have'
                    : 'A PIN, four figures, for the bench'
                }
                numeric
                value={said.pin}
                onChange={(pin) => setSaid({ ...said, pin })}
              />
              <button className="kv-button kv-main" disabled={busy || said.current === ''}>
                Keep
              </button>
            </form>
          )}
          <p role="status" className={answer?.ok === false ? 'kv-late' : 'kv-now'}>
            {answer?.words}
          </p>
          <p className={styles.ways}>
            <button type="button" className="kv-button" onClick={() => leave('here')}>
              Sign out
            </button>
            <button type="button" className="kv-word" onClick={() => leave('everywhere')}>
              Sign out on every device
            </button>
          </p>
        </section>
        <section className={styles.section} aria-label="What who may do">
          <h2>What who may do here</h2>
          <RightsTable own={standing} />
        </section>
      </div>
    </>
  )
}
