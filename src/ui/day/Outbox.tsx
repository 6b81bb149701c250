'use client'

import { useState } from 'react'

/** A message to an owner that waits for a person to send it. */
export interface Message {
  key: string
  dog: string
  owner: string
  phone: string | null
  words: string
  clock: string
}

/** What owners should be told today. No message service is connected, and this says so: a person sends it. */
export function Outbox({ messages }: { messages: readonly Message[] }) {
  const [copied, setCopied] = useState<string | null>(null)
  if (messages.length === 0) return null
  return (
    <section aria-label="Outbox" style={{ marginTop: 18 }}>
      <h2>Outbox</h2>
      <p className="kv-small">No message service is connected: send these yourself.</p>
      {messages.map(({ key, dog, owner, phone, words, clock }) => (
        <p key={key}>
          <span className="kv-small">{clock}</span> <b>{owner}</b>, for {dog}: {words}{' '}
          <button
            className="kv-word"
            onClick={() => void navigator.clipboard.writeText(words).then(() => setCopied(key))}
          >
            {copied === key ? 'Copied' : 'Copy'}
          </button>{' '}
          {phone && <a href={`sms:${phone}?body=${encodeURIComponent(words)}`}>Write from this device</a>}
        </p>
      ))}
    </section>
  )
}
