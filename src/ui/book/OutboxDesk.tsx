'use client'

import { Input } from 'antd'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState, useTransition, type ReactNode } from 'react'
import { MESSAGES, PLACEHOLDERS, faultsIn, type MessageKind } from '@/core/messages'
import type { Result } from '@/core/result'
import { numberToCall } from '@/core/household'
import { BookNav } from './BookNav'
import styles from './book.module.css'
import { May } from '../who/WhoHere'

interface Message {
  about: string
  kind: MessageKind
  dog: string
  owner: string
  phone: string | null
  email: string | null
  agreed: boolean | null
  words: string
}

export interface OutboxView {
  /** So many of each are shown at the most, and how many there are. */
  shown: number
  counts: Record<'due' | 'later' | 'done', number>
  due: readonly Message[]
  later: readonly (Message & { when: string })[]
  done: readonly {
    about: string
    kind: MessageKind
    dog: string
    words: string
    way: string
    when: string
    saidBy: string
  }[]
  words: readonly { kind: MessageKind; label: string; when: string; usual: string; words: string; isOwn: boolean }[]
}

interface OutboxActs {
  mark: (input: unknown) => Promise<Result<null>>
  takeBack: (input: unknown) => Promise<Result<null>>
  saveWords: (input: unknown) => Promise<Result<null>>
}

/** What owners should hear, now and soon, in the house's words; sent from this device by hand, and marked. */
export function OutboxDesk({ view, acts }: { view: OutboxView; acts: OutboxActs }) {
  const { due, later, done, words, counts, shown } = view
  const router = useRouter()
  const [busy, start] = useTransition()
  const [fault, setFault] = useState<string | null>(null)
  const send = (go: () => Promise<Result<unknown>>) =>
    start(async () => {
      const answer = await go()
      setFault(answer.ok ? null : answer.problems.map(({ sentence }) => sentence).join(' '))
      router.refresh()
    })
  const mark = (about: string, way: string) => send(() => acts.mark({ about, way }))
  return (
    <>
      <div className="kv-head">
        <h1>Outbox</h1>
        <p className="kv-quiet">
          {counts.due} to say now, {counts.later} later
        </p>
        <BookNav here="Outbox" />
      </div>
      <p className="kv-notice">
        <b className="kv-caution">No message service is connected.</b> This outbox stands in for one: it opens the
        messages of this device, you send them there, and mark here what was sent.
      </p>
      {fault && (
        <p role="alert" className="kv-late">
          {fault}
        </p>
      )}
      <div className={styles.columns}>
        <div>
          <section aria-label="To say now">
            <h2>To say now</h2>
            {due.length === 0 && <p className="kv-quiet">Nothing waits. What comes next stands below with its time.</p>}
            {due.map((message) => (
              <MessageRow key={message.about} message={message} busy={busy} mark={mark} />
            ))}
            <More left={counts.due - due.length} shown={shown} />
          </section>
          {later.length > 0 && (
            <Later lines={later}>
              <More left={counts.later - later.length} shown={shown} />
            </Later>
          )}
          {done.length > 0 && (
            <SaidLately lines={done} busy={busy} takeBack={(about) => send(() => acts.takeBack(about))}>
              <More left={counts.done - done.length} shown={shown} />
            </SaidLately>
          )}
        </div>
        <section aria-label="In your words" className={styles.form}>
          <h2>In your words</h2>
          <p className="kv-small">
            {Object.entries(PLACEHOLDERS)
              .map(([name, says]) => `{${name}} is ${says}`)
              .join(', ')}
            .
          </p>
          {words.map((each) => (
            <OwnWords key={each.kind} line={each} busy={busy} save={(input) => send(() => acts.saveWords(input))} />
          ))}
        </section>
      </div>
    </>
  )
}

/** What is not shown yet: counted, and a press away. */
const More = ({ left, shown }: { left: number; shown: number }) =>
  left > 0 && (
    <p>
      <Link className="kv-link" href={`/book/outbox?shown=${shown * 2}`} scroll={false}>
        {left} more
      </Link>
    </p>
  )

const Later = ({ lines, children }: { lines: OutboxView['later']; children: ReactNode }) => (
  <section aria-label="Later" className={styles.section}>
    <h2>Later</h2>
    <ul className={styles.list}>
      {lines.map(({ about, when, kind, dog, owner, words }) => (
        <li key={about}>
          <span>
            <span className="kv-small">{when}</span> {MESSAGES[kind].label}, {owner} for <b>{dog}</b>: {words}
          </span>
        </li>
      ))}
    </ul>
    {children}
  </section>
)

interface SaidProps {
  lines: OutboxView['done']
  busy: boolean
  takeBack: (about: string) => void
  children: ReactNode
}

const SaidLately = ({ lines, busy, takeBack, children }: SaidProps) => (
  <section aria-label="Said lately" className={styles.section}>
    <h2>Said lately</h2>
    <ul className={styles.list}>
      {lines.map(({ about, when, kind, dog, way, saidBy }) => (
        <li key={about}>
          <span>
            <span className="kv-small">{when}</span> {MESSAGES[kind].label} for <b>{dog}</b>, {WAYS[way] ?? way}{' '}
            <span className="kv-small">{saidBy}</span>
          </span>
          <May right="book">
            <button className="kv-word" disabled={busy} onClick={() => takeBack(about)}>
              Was not sent
            </button>
          </May>
        </li>
      ))}
    </ul>
    {children}
  </section>
)

const WAYS: Record<string, string> = { sms: 'by text message', mail: 'by mail', told: 'told' }

interface RowProps {
  message: Message
  busy: boolean
  mark: (about: string, way: string) => void
}

/** One message: to write it where the device can, to call where nobody agreed to be written to. */
function MessageRow({ message, busy, mark }: RowProps) {
  const { about, kind, dog, owner, phone, email, agreed, words } = message
  const [opened, setOpened] = useState<'sms' | 'mail' | null>(null)
  const number = phone && numberToCall(phone)
  return (
    <article className={styles.message}>
      <p>
        <b>{MESSAGES[kind].label}</b>: {owner}, for {dog}
      </p>
      <p className={styles.words}>{words}</p>
      <p className={styles.links}>
        {agreed === true && number && (
          <a
            className="kv-link"
            href={`sms:${number}?body=${encodeURIComponent(words)}`}
            onClick={() => setOpened('sms')}
          >
            Write to {phone}
          </a>
        )}
        {agreed === true && email && (
          <a
            href={`mailto:${email}?subject=${encodeURIComponent(dog)}&body=${encodeURIComponent(words)}`}
            onClick={() => setOpened('mail')}
          >
            Mail to {email}
          </a>
        )}
        {agreed !== true && (
          <span className="kv-caution">
            {agreed === false ? 'Did not agree to messages.' : 'Was not asked about messages yet.'} Nothing is sent:
            call
            {number ? '' : ', no number is known'}.
          </span>
        )}
        {agreed !== true && number && (
          <a className="kv-link" href={`tel:${number}`}>
            {phone}
          </a>
        )}
        {agreed === true && (
          <May right="book">
            <button
              className="kv-button"
              disabled={busy}
              onClick={() => mark(about, opened ?? (number ? 'sms' : 'mail'))}
            >
              Mark as sent
            </button>
          </May>
        )}
        <May right="book">
          <button className="kv-word" disabled={busy} onClick={() => mark(about, 'told')}>
            They know it
          </button>
        </May>
      </p>
    </article>
  )
}

interface OwnWordsProps {
  line: OutboxView['words'][number]
  busy: boolean
  save: (input: object) => void
}

/** The house's words for one message; what is wrong with a placeholder is said while it is typed. */
function OwnWords({ line, busy, save }: OwnWordsProps) {
  const { kind, label, when, words, usual, isOwn } = line
  const [text, setText] = useState<string | null>(null)
  const now = text ?? words
  const faults = faultsIn(now)
  return (
    <div>
      <label className="kv-field">
        {label}, {when}
        <Input.TextArea
          autoSize={{ minRows: 2, maxRows: 5 }}
          maxLength={480}
          value={now}
          status={faults.length > 0 ? 'error' : ''}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      {faults.map((fault) => (
        <p key={fault} className="kv-late kv-small">
          {fault}
        </p>
      ))}
      <p className={styles.links} style={{ margin: '4px 0' }}>
        {text !== null && text !== words && (
          <May right="house">
            <button
              className="kv-word"
              disabled={busy || faults.length > 0}
              onClick={() => {
                save({ kind, words: text })
                setText(null)
              }}
            >
              Keep these words
            </button>
          </May>
        )}
        {isOwn && (
          <May right="house">
            <button
              className="kv-word"
              disabled={busy}
              onClick={() => {
                save({ kind, words: null })
                setText(null)
              }}
              title={usual}
            >
              Back to the usual words
            </button>
          </May>
        )}
      </p>
    </div>
  )
}
