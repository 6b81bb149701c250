'use client'

import Link from 'next/link'
import { useId, useState, type ReactNode } from 'react'
import { PrintButton } from '../frame/PrintButton'
import styles from './handOver.module.css'

interface HandOverDeskProps {
  dogId: number
  name: string
  /** Who would be named; null where nobody is known. */
  owner: string | null
  children: ReactNode
}

/** What goes along with a dog to its next groomer: on paper, and as a file that another Kovit takes in. */
export function HandOverDesk({ dogId, name, owner, children }: HandOverDeskProps) {
  const [withOwner, setWithOwner] = useState(false)
  const id = useId()
  return (
    <>
      <div className={`kv-screen-only ${styles.desk}`}>
        <div className="kv-head">
          <h1>Hand {name} over</h1>
          <p className="kv-quiet">The card and what to know, for whoever grooms {name} next.</p>
          <Link className="kv-button" href={`/dogs/${dogId}`}>
            Back to the file
          </Link>
          <PrintButton words="Print on A5" />
          <a className="kv-button" href={`/dogs/${dogId}/hand-over/file${withOwner ? '?owner=yes' : ''}`} download>
            Take the file along
          </a>
        </div>
        {owner !== null && (
          <p className={styles.owner}>
            <input
              id={id}
              type="checkbox"
              checked={withOwner}
              onChange={({ target }) => setWithOwner(target.checked)}
            />
            <label htmlFor={id}>
              {owner} wants it: name, number and what was agreed to go along in the file. Otherwise they stay here.
            </label>
          </p>
        )}
        <p className="kv-small">
          Names of this house’s people, pictures and addresses are in neither. Another Kovit takes the file in under
          Dogs, Bring a list in.
        </p>
      </div>
      <div className={styles.sheets}>{children}</div>
    </>
  )
}
