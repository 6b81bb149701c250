'use client'

import { Input, InputNumber } from 'antd'
import { useState } from 'react'
import type { useKeep } from '../house/useKeep'
import type { InAndOutActs, InAndOutView } from './acts'
import styles from './inAndOut.module.css'

interface HowKeptProps {
  view: InAndOutView
  acts: InAndOutActs
  keep: ReturnType<typeof useKeep>
}

/** Where backups go, how many stay, and whether they are locked. */
export function HowKept({ view, acts, keep }: HowKeptProps) {
  const { version, keep: many, ownFolder, folder, isLocked } = view
  const save = (input: object) => keep.sendVersioned('house', version, acts.saveBackups, input)
  return (
    <section aria-label="How backups are kept" className={styles.section}>
      <h2>How backups are kept</h2>
      <p className="kv-small">One a day by itself while Kovit runs; the oldest go when a new one is whole.</p>
      <label className="kv-field">
        How many stay
        <InputNumber<number>
          key={many}
          defaultValue={many}
          precision={0}
          onBlur={({ target }) => Number(target.value) !== many && save({ keep: Number(target.value) })}
          onPressEnter={(event) => event.currentTarget.blur()}
        />
      </label>
      <label className="kv-field">
        Folder, best on another disk
        <Input
          key={ownFolder}
          defaultValue={ownFolder}
          placeholder={folder}
          maxLength={300}
          onBlur={({ target }) => target.value.trim() !== ownFolder && save({ folder: target.value.trim() })}
          onPressEnter={(event) => event.currentTarget.blur()}
        />
      </label>
      {isLocked ? (
        <p>
          Locked: only the passphrase opens them.{' '}
          <button type="button" className="kv-word" onClick={() => save({ passphrase: null })}>
            Leave them open from now on
          </button>
        </p>
      ) : (
        <LockThem onLock={(passphrase) => save({ passphrase })} />
      )}
    </section>
  )
}

function LockThem({ onLock }: { onLock: (passphrase: string) => void }) {
  const [passphrase, setPassphrase] = useState('')
  return (
    <div className={styles.lock}>
      <label className="kv-field">
        Lock them with a passphrase, 12 characters or more
        <Input.Password
          value={passphrase}
          autoComplete="new-password"
          onChange={({ target }) => setPassphrase(target.value)}
        />
      </label>
      <button type="button" className="kv-button" disabled={passphrase === ''} onClick={() => onLock(passphrase)}>
        Lock
      </button>
      <p className="kv-small">
        Write it down and keep it elsewhere: Kovit does not keep it, and without it a locked backup stays shut.
      </p>
    </div>
  )
}
