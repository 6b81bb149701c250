'use client'

import { useState, type ReactNode } from 'react'
import { SecretField, WordField } from './fields'
import styles from './who.module.css'

interface FormProps<Said> {
  busy: boolean
  fault: string | null
  onSend: (said: Said) => Promise<boolean>
  back?: ReactNode
  children?: ReactNode
}

/** Name and passphrase. */
export function PassphraseForm({ busy, fault, onSend, back, children }: FormProps<object>) {
  const [said, setSaid] = useState({ name: '', passphrase: '' })
  return (
    <Sheet word="Sign in" busy={busy} fault={fault} onSend={() => void onSend(said)} back={back}>
      <WordField
        label="Name"
        value={said.name}
        autoComplete="username"
        onChange={(name) => setSaid({ ...said, name })}
      />
      <SecretField
        label="Passphrase"
        value={said.passphrase}
        autoComplete="current-password"
        onChange={(passphrase) => setSaid({ ...said, passphrase })}
      />
      {children}
      <p className="kv-small">
        Forgotten? Whoever owns the house gives you a code on House; the owner’s own is reset at the machine that Kovit
        runs on: npm run passphrase.
      </p>
    </Sheet>
  )
}

/** The code by which this device is let in. */
export function CodeForm({ busy, fault, onSend }: FormProps<string>) {
  const [code, setCode] = useState('')
  return (
    <Sheet word="Let this device in" busy={busy} fault={fault} onSend={() => void onSend(code)}>
      <p>
        This device is not known here. On a screen that is, open House, Devices, and press <b>Let a device in</b>: it
        shows a code of eight figures.
      </p>
      <WordField label="Code" value={code} numeric autoComplete="one-time-code" onChange={setCode} />
    </Sheet>
  )
}

/** Somebody who was given a code chooses a PIN, and a passphrase where they want one. */
export function ByCode({ name, busy, fault, onSend, back }: FormProps<object> & { name: string | null }) {
  const [said, setSaid] = useState({ code: '', pin: '', passphrase: '' })
  const send = () =>
    void onSend({
      code: said.code,
      ...(said.pin === '' ? {} : { pin: said.pin }),
      ...(said.passphrase === '' ? {} : { passphrase: said.passphrase }),
    })
  return (
    <Sheet word="Keep and go on" busy={busy} fault={fault} onSend={send} back={back}>
      <p>
        {name ? (
          <>
            <b>{name}</b> has no PIN yet.{' '}
          </>
        ) : null}
        Whoever owns the house gives a code of eight figures, on House under People.
      </p>
      <WordField label="Code" value={said.code} numeric onChange={(code) => setSaid({ ...said, code })} />
      <SecretField
        label="Your PIN, four figures"
        numeric
        value={said.pin}
        onChange={(pin) => setSaid({ ...said, pin })}
      />
      <SecretField
        label="Your passphrase, for a desk without PINs; it can wait"
        value={said.passphrase}
        autoComplete="new-password"
        onChange={(passphrase) => setSaid({ ...said, passphrase })}
      />
    </Sheet>
  )
}

/** A house that was made before people signed in is made somebody's. */
export function ClaimForm({ busy, fault, onSend }: FormProps<object>) {
  const [said, setSaid] = useState({ you: '', passphrase: '' })
  return (
    <Sheet word="Make it mine" busy={busy} fault={fault} onSend={() => void onSend(said)}>
      <p>
        From now on Kovit knows who is at the table. This house has no owner yet: give the name under which you work
        here, and choose a passphrase.
      </p>
      <WordField label="Name" value={said.you} autoComplete="username" onChange={(you) => setSaid({ ...said, you })} />
      <SecretField
        label="A passphrase of 12 characters or more"
        value={said.passphrase}
        autoComplete="new-password"
        onChange={(passphrase) => setSaid({ ...said, passphrase })}
      />
    </Sheet>
  )
}

interface SheetProps {
  word: string
  busy: boolean
  fault: string | null
  onSend: () => void
  back?: ReactNode
  children: ReactNode
}

const Sheet = ({ word, busy, fault, onSend, back, children }: SheetProps) => (
  <form
    className={styles.form}
    onSubmit={(event) => {
      event.preventDefault()
      onSend()
    }}
  >
    {children}
    <p role="alert" className="kv-late">
      {fault}
    </p>
    <p className={styles.ways}>
      <button type="submit" className="kv-button kv-main" disabled={busy}>
        {busy ? 'One moment' : word}
      </button>
      {back}
    </p>
  </form>
)
