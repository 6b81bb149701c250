'use client'

import { Input, InputNumber } from 'antd'
import { useRouter } from 'next/navigation'
import { useEffect, useState, useTransition } from 'react'
import type { Act } from '../house/acts'
import { useKeep } from '../house/useKeep'
import { CodeShown } from './CodeShown'
import styles from './who.module.css'

/** A device that was let in. */
export interface DeviceHere {
  id: number
  name: string
  letInBy: string
  since: string
  seen: string
  isThis: boolean
  turnedOff: string | null
}

/** Where other screens reach this house. */
export interface SharedAt {
  /** The first address is in the picture. */
  addresses: readonly string[]
  /** The first address as a picture that a camera reads, an SVG path on a square of so many dots. */
  picture: { path: string; dots: number }
  /** SHA-256 of the certificate, by which a device can see that it is this house. */
  fingerprint: string
}

export interface DevicesView {
  devices: readonly DeviceHere[]
  restMin: number
  version: number
  /** Null while the house serves this machine alone. */
  shared: SharedAt | null
}

export interface DevicesActs {
  makeCode: Act<{ code: string; minutes: number }>
  letThisIn: Act
  turnOff: Act
  saveHouse: Act<{ version: number }>
}

/** The screens of the house: where they reach it, which were let in, and how long nobody may touch one. */
export function DevicesDesk({ view, acts }: { view: DevicesView; acts: DevicesActs }) {
  const { devices, restMin, version, shared } = view
  const keep = useKeep()
  const inUse = devices.filter(({ turnedOff }) => turnedOff === null)
  const off = devices.filter(({ turnedOff }) => turnedOff !== null)
  return (
    <>
      <div className="kv-head">
        <h1>Devices</h1>
        <p className="kv-quiet">
          A tablet at the bench is let in once, by a code; then it asks for a name and four figures.
        </p>
        <span className={keep.isFault ? 'kv-late' : 'kv-small'} role="status">
          {keep.saying}
        </span>
      </div>
      <div className={styles.columns}>
        <div>
          <LetIn acts={acts} keep={keep} isThisIn={inUse.some(({ isThis }) => isThis)} />
          <section className={styles.section} aria-label="Devices of the house">
            <h2>Let in</h2>
            {inUse.length === 0 && <p className="kv-quiet">None yet: people sign in by passphrase on this machine.</p>}
            <ul className={styles.devices}>
              {inUse.map((device) => (
                <li key={device.id}>
                  <span>
                    <b>{device.name}</b>
                    {device.isThis && ', this one'}
                    <br />
                    <span className="kv-small">
                      let in by {device.letInBy}, {device.since}; somebody signed in last {device.seen}
                    </span>
                  </span>
                  <button
                    type="button"
                    className="kv-word kv-late"
                    onClick={() => keep.send(acts.turnOff, { deviceId: device.id })}
                  >
                    Turn off
                  </button>
                </li>
              ))}
              {off.map(({ id, name, turnedOff }) => (
                <li key={id} className="kv-quiet">
                  {name}, turned off {turnedOff}. A new code lets it in again.
                </li>
              ))}
            </ul>
          </section>
          <section className={styles.section} aria-label="Rest">
            <h2>When nobody touches it</h2>
            <label className="kv-field">
              Ask again who is at the table after
              <InputNumber<number>
                defaultValue={restMin}
                suffix="min"
                precision={0}
                onBlur={(event) => {
                  const next = Number(event.target.value)
                  if (next !== restMin) keep.sendVersioned('house', version, acts.saveHouse, { restMin: next })
                }}
                onPressEnter={(event) => event.currentTarget.blur()}
              />
            </label>
            <p className="kv-small">A groom under way stays on its screen and is gone on with after four figures.</p>
          </section>
        </div>
        <Address shared={shared} />
      </div>
    </>
  )
}

const LOOK_MS = 3000

function LetIn({ acts, keep, isThisIn }: { acts: DevicesActs; keep: ReturnType<typeof useKeep>; isThisIn: boolean }) {
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

function Address({ shared }: { shared: SharedAt | null }) {
  if (!shared)
    return (
      <section className={styles.section} aria-label="Address">
        <h2>Other screens</h2>
        <p>
          This house serves the machine it runs on, and nothing else. To use tablets and phones in the same network,
          start it with
        </p>
        <p className={styles.command}>npm start -- --share</p>
        <p className="kv-quiet">
          It then has an address over HTTPS, shown here with a picture to scan. Nobody comes in there without a code.
        </p>
      </section>
    )
  const { addresses, picture, fingerprint } = shared
  return (
    <section className={styles.section} aria-label="Address">
      <h2>Other screens</h2>
      <svg
        className={styles.picture}
        viewBox={`-2 -2 ${picture.dots + 4} ${picture.dots + 4}`}
        role="img"
        aria-label={`The address ${addresses[0]} as a picture for a camera`}
        shapeRendering="crispEdges"
      >
        <rect x={-2} y={-2} width="100%" height="100%" fill="#fff" />
        <path d={picture.path} fill="#000" />
      </svg>
      {addresses.map((address) => (
        <p key={address} className={styles.command}>
          {address}
        </p>
      ))}
      <p>
        A device that opens it for the first time warns: it does not know this house yet. That is right, since the house
        made its certificate itself. Take the{' '}
        <a href="/house-certificate" download="kovit-house.crt">
          certificate of the house
        </a>{' '}
        to the device once and trust it there; then the warning is gone, and it works without a network too.
      </p>
      <p className="kv-small">
        The device shows this fingerprint of it; another one is not this house:{' '}
        <span className={styles.print}>{fingerprint}</span>
      </p>
    </section>
  )
}
