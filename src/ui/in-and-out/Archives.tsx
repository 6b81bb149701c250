'use client'

import { Input } from 'antd'
import { useState } from 'react'
import type { useKeep } from '../house/useKeep'
import type { ArchiveHere, InAndOutActs, InAndOutView, LookedInto } from './acts'
import styles from './inAndOut.module.css'

interface ArchivesProps {
  view: InAndOutView
  acts: InAndOutActs
  keep: ReturnType<typeof useKeep>
  disabled: boolean
  /** A house is coming back. */
  onBegun: () => void
}

/** The archives in the house's folder: each can be taken along, and brought back after a look into it. */
export function Archives({ view, acts, keep, disabled, onBegun }: ArchivesProps) {
  const { archives, folder, canRestore } = view
  const [open, setOpen] = useState<string | null>(null)
  return (
    <>
      <ul className={styles.archives} aria-label="Archives">
        {archives.map((archive) => (
          <li key={archive.name}>
            <span>
              <b>{archive.made}</b>
              {archive.own ? '' : `, ${archive.name}`}
              <br />
              <span className="kv-small">
                {archive.megabytes.toFixed(1)} MB{archive.locked && ', locked'}
                {!archive.own && ', put here by somebody'}
              </span>
            </span>
            <a className="kv-word" href={`/rules/in-and-out/files/${encodeURIComponent(archive.name)}`} download>
              Take along
            </a>
            {canRestore && (
              <button
                type="button"
                className="kv-word"
                disabled={disabled}
                aria-expanded={open === archive.name}
                onClick={() => setOpen(open === archive.name ? null : archive.name)}
              >
                Bring back
              </button>
            )}
            {open === archive.name && (
              <BringBack
                archive={archive}
                acts={acts}
                keep={keep}
                onBegun={() => {
                  setOpen(null)
                  onBegun()
                }}
              />
            )}
          </li>
        ))}
      </ul>
      <p className="kv-small">
        They lie in <code className={styles.path}>{folder}</code> on the machine that keeps the house. An archive from
        elsewhere: put its file there, and it stands in this list.
        {!canRestore && ' The database of this house is kept elsewhere: bring it back by the command npm run restore.'}
      </p>
    </>
  )
}

/** A look into an archive, and then the one press that brings it back. */
function BringBack({
  archive,
  acts,
  keep,
  onBegun,
}: Omit<ArchivesProps, 'view' | 'disabled'> & { archive: ArchiveHere }) {
  const [passphrase, setPassphrase] = useState('')
  const [found, setFound] = useState<LookedInto | null>(null)
  const [fault, setFault] = useState<string | null>(null)
  const asked = { name: archive.name, passphrase: archive.locked ? passphrase : null, another: false }
  const look = async () => {
    const looked = await acts.lookIntoArchive(asked)
    setFound(looked.ok ? looked.value : null)
    setFault(looked.ok ? null : looked.problems.map(({ sentence }) => sentence).join(' '))
  }
  return (
    <div className={styles.back}>
      {archive.locked && !found && (
        <label className="kv-field">
          Its passphrase
          <Input.Password
            value={passphrase}
            onChange={({ target }) => setPassphrase(target.value)}
            onPressEnter={look}
          />
        </label>
      )}
      {!found && (
        <button type="button" className="kv-button" onClick={look}>
          Look into it
        </button>
      )}
      {fault && <p className="kv-late">{fault}</p>}
      {found && (
        <>
          <p>
            <b>{found.house}</b> as it was on {found.made}: {found.dogs} dogs, {found.visits} visits, {found.photos}{' '}
            pictures. It is opened in place of the house as it is now. What was done since then is not in it; the house
            of now stays beside it, and <code className={styles.path}>npm run restore -- --back</code> opens it again.
          </p>
          <button type="button" className="kv-button" onClick={() => keep.send(acts.bringBack, asked, onBegun)}>
            Bring {found.house} back
          </button>
        </>
      )}
    </div>
  )
}
