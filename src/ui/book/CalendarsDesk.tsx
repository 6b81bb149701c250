'use client'

import { useRouter } from 'next/navigation'
import { useState, useSyncExternalStore, useTransition } from 'react'
import type { Result } from '@/core/result'
import { askHouse } from '../device/askHouse'
import { BookNav } from './BookNav'
import styles from './book.module.css'
import { May } from '../who/WhoHere'

export interface CalendarsView {
  feeds: readonly { staffId: number; label: string; secret: string | null }[]
  busy: readonly { id: number; who: string; why: string; when: string }[]
  staff: readonly { id: number; name: string }[]
}

interface CalendarActs {
  feed: (input: unknown) => Promise<Result<{ secret: string | null }>>
  keep: (input: unknown) => Promise<Result<{ kept: number }>>
  free: (input: unknown) => Promise<Result<null>>
}

/** The days as calendars that other programs read, and busy times that are read from a file. */
export function CalendarsDesk({ view, acts }: { view: CalendarsView; acts: CalendarActs }) {
  const router = useRouter()
  const [busy, start] = useTransition()
  const [saying, setSaying] = useState<{ words: string; isFault: boolean }>({ words: '', isFault: false })
  const send = <Value,>(go: () => Promise<Result<Value>>, words: (value: Value) => string) =>
    start(async () => {
      const answer = await go()
      setSaying(
        answer.ok
          ? { words: words(answer.value), isFault: false }
          : { words: answer.problems.map(({ sentence }) => sentence).join(' '), isFault: true },
      )
      router.refresh()
    })
  return (
    <>
      <div className="kv-head">
        <h1>Calendars</h1>
        <p className={saying.isFault ? 'kv-late' : 'kv-quiet'} role="status">
          {saying.words || 'The days for other programs, and busy times from them.'}
        </p>
        <BookNav here="Calendars" />
      </div>
      <div className={styles.columns}>
        <section aria-label="Addresses">
          <h2>The days in another calendar</h2>
          <p className="kv-quiet">
            Whoever has an address reads these days, dogs and addresses included. Give it to nobody else; a new one ends
            the old one.
          </p>
          <ul className={styles.list}>
            {view.feeds.map((feed) => (
              <FeedRow
                key={feed.staffId}
                feed={feed}
                busy={busy}
                change={(address) =>
                  send(
                    () => acts.feed({ staffId: feed.staffId, address }),
                    () =>
                      address === 'new' ? `${feed.label} has a new address.` : `${feed.label} has no address any more.`,
                  )
                }
              />
            ))}
          </ul>
        </section>
        <div className={styles.form}>
          <May right="book">
            <ReadBusy
              staff={view.staff}
              busy={busy}
              keep={(input) =>
                send(
                  () => acts.keep(input),
                  ({ kept }) => `${kept} busy times kept.`,
                )
              }
            />
          </May>
          <section aria-label="Busy times">
            <h2>Busy times to come</h2>
            {view.busy.length === 0 && <p className="kv-quiet">None: everybody has all of their hours.</p>}
            <ul className={styles.list}>
              {view.busy.map(({ id, who, why, when }) => (
                <li key={id}>
                  <span>
                    <b>{who}</b> {why}
                    <br />
                    <span className="kv-small">{when}</span>
                  </span>
                  <May right="book">
                    <button
                      className="kv-word"
                      disabled={busy}
                      onClick={() =>
                        send(
                          () => acts.free(id),
                          () => `${who} is free then.`,
                        )
                      }
                    >
                      Free again
                    </button>
                  </May>
                </li>
              ))}
            </ul>
          </section>
        </div>
      </div>
    </>
  )
}

interface FeedRowProps {
  feed: CalendarsView['feeds'][number]
  busy: boolean
  change: (address: 'new' | 'none') => void
}

const never = () => () => {}

function FeedRow({ feed: { label, secret }, busy, change }: FeedRowProps) {
  const [copied, setCopied] = useState(false)
  const origin = useSyncExternalStore(
    never,
    () => window.location.origin,
    () => '',
  )
  const address = secret && `${origin}/calendar/${secret}.ics`
  return (
    <li>
      <span>
        <b>{label}</b>
        <br />
        {address ? <span className={styles.address}>{address}</span> : <span className="kv-small">no address yet</span>}
      </span>
      <span className={styles.links}>
        {address && (
          <button
            className="kv-word"
            onClick={() => void navigator.clipboard.writeText(address).then(() => setCopied(true))}
          >
            {copied ? 'Copied' : 'Copy'}
          </button>
        )}
        <May right="out">
          <button className="kv-word" disabled={busy} onClick={() => change('new')}>
            {secret ? 'New address' : 'Give it an address'}
          </button>
        </May>
        {secret && (
          <May right="out">
            <button className="kv-word" disabled={busy} onClick={() => change('none')}>
              Take it away
            </button>
          </May>
        )}
      </span>
    </li>
  )
}

interface Preview {
  text: string
  times: { when: string; why: string }[]
  left: number
}

/** Reads a calendar file, shows what it would keep, and keeps it on a second press. */
function ReadBusy({
  staff,
  busy,
  keep,
}: {
  staff: CalendarsView['staff']
  busy: boolean
  keep: (input: object) => void
}) {
  const [staffId, setStaffId] = useState(staff[0]?.id ?? 0)
  const [preview, setPreview] = useState<Preview | null>(null)
  const [fault, setFault] = useState<string | null>(null)
  const read = async (file: File | undefined) => {
    if (!file) return
    const text = await file.text()
    const answer = await askHouse<Omit<Preview, 'text'>>('/book/calendars/read', { staffId, text })
    setFault(answer.ok ? null : answer.problems.map(({ sentence }) => sentence).join(' '))
    setPreview(answer.ok ? { text, ...answer.value } : null)
  }
  return (
    <section aria-label="Busy times from a file" className={styles.form}>
      <h2>Busy times from a file</h2>
      <label className="kv-field">
        Whose
        <select className="kv-select" value={staffId} onChange={(event) => setStaffId(Number(event.target.value))}>
          {staff.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <label className="kv-field">
        A calendar file, .ics
        <input type="file" accept=".ics,text/calendar" onChange={(event) => void read(event.target.files?.[0])} />
      </label>
      {fault && (
        <p role="alert" className="kv-late">
          {fault}
        </p>
      )}
      {preview && (
        <>
          <p>
            {preview.times.length} {preview.times.length === 1 ? 'time' : 'times'} to keep
            {preview.left > 0 && `, ${preview.left} past, free or cancelled left out`}.
          </p>
          <ul className={styles.list}>
            {preview.times.slice(0, 8).map(({ when, why }) => (
              <li key={`${when} ${why}`}>
                <span>
                  {why} <span className="kv-small">{when}</span>
                </span>
              </li>
            ))}
          </ul>
          {preview.times.length > 8 && <p className="kv-small">and {preview.times.length - 8} more.</p>}
          <button
            className="kv-button"
            disabled={busy || preview.times.length === 0}
            onClick={() => {
              keep({ staffId, text: preview.text })
              setPreview(null)
            }}
          >
            Keep these times
          </button>
        </>
      )}
    </section>
  )
}
