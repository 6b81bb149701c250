'use client'

import { InputNumber } from 'antd'
import { useKeep } from '../house/useKeep'
import { Address, type SharedAt } from './Address'
import type { DevicesActs } from './acts'
import { LetIn } from './LetIn'
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

export interface DevicesView {
  devices: readonly DeviceHere[]
  restMin: number
  version: number
  /** Null while the house serves this machine alone. */
  shared: SharedAt | null
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
