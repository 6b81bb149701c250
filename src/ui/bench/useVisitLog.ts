'use client'

import { useCallback, useEffect, useRef, useState } from 'react'
import type { Result } from '@/core/result'
import { VisitEvent } from '@/core/visit'

const RETRY_MS = 4000
const ASK_MS = 15_000
const outboxKey = (visitId: number) => `kovit.outbox.${visitId}`

/** An event without what the hook fills in: id, time and author. */
export type Happening = VisitEvent extends infer E
  ? E extends VisitEvent
    ? Omit<E, 'id' | 'atMs' | 'by'>
    : never
  : never

export interface VisitLog {
  log: VisitEvent[]
  /** Not yet taken by the server; kept on this device. */
  waiting: number
  /** A sentence when the last event was refused. */
  refused: string | null
  add: (happening: Happening) => void
}

/**
 * The log of a visit on this device: written here first, sent when there is a network, and joined with what other
 * screens wrote. Every event has its id from birth, so sending again is harmless.
 */
export function useVisitLog(visitId: number, start: VisitEvent[], by: string): VisitLog {
  const [known, setKnown] = useState(start)
  const [outbox, setOutbox] = useState<VisitEvent[]>([])
  const [refused, setRefused] = useState<string | null>(null)
  const outboxRef = useRef<VisitEvent[]>([])
  const sending = useRef(false)

  const keep = useCallback(
    (events: VisitEvent[]) => {
      outboxRef.current = events
      localStorage.setItem(outboxKey(visitId), JSON.stringify(events))
      setOutbox(events)
    },
    [visitId],
  )

  const send = useCallback(async () => {
    const batch = outboxRef.current
    if (sending.current || batch.length === 0) return
    sending.current = true
    try {
      const answer = await post(visitId, batch)
      const taken = new Set(batch.map(({ id }) => id))
      if (answer.ok) setKnown(answer.value)
      else setRefused(answer.problems.map(({ sentence }) => sentence).join(' '))
      keep(outboxRef.current.filter(({ id }) => !taken.has(id)))
    } catch (error) {
      if (!(error instanceof TypeError || error instanceof SyntaxError)) throw error // no network, or half an answer: tried again
    } finally {
      sending.current = false
    }
  }, [visitId, keep])

  useEffect(() => {
    const resume = setTimeout(() => {
      keep(joined(readOutbox(visitId), outboxRef.current))
      void send()
    })
    const retry = setInterval(() => void send(), RETRY_MS)
    const ask = setInterval(() => void refresh(visitId).then((log) => log && setKnown(log)), ASK_MS)
    const online = () => void send()
    window.addEventListener('online', online)
    return () => {
      clearTimeout(resume)
      clearInterval(retry)
      clearInterval(ask)
      window.removeEventListener('online', online)
    }
  }, [visitId, keep, send])

  const add = useCallback(
    (happening: Happening) => {
      const event = VisitEvent.safeParse({ ...happening, id: crypto.randomUUID(), atMs: Date.now(), by })
      if (!event.success) return setRefused(event.error.issues.map(({ message }) => message).join(' '))
      setRefused(null)
      keep([...outboxRef.current, event.data])
      void send()
    },
    [by, keep, send],
  )
  return { log: [...known, ...outbox], waiting: outbox.length, refused, add }
}

/** What this device kept from before comes first; each event once. */
const joined = (kept: VisitEvent[], fresh: VisitEvent[]): VisitEvent[] => [
  ...new Map([...kept, ...fresh].map((event) => [event.id, event])).values(),
]

async function post(visitId: number, events: VisitEvent[]): Promise<Result<VisitEvent[]>> {
  const response = await fetch(`/visits/${visitId}/events`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ events }),
    keepalive: true,
  })
  if (response.status >= 500) throw new TypeError('The server did not take it.')
  return (await response.json()) as Result<VisitEvent[]>
}

/** What other screens wrote meanwhile; null without a network. */
async function refresh(visitId: number): Promise<VisitEvent[] | null> {
  try {
    const answer = (await (await fetch(`/visits/${visitId}/events`)).json()) as Result<VisitEvent[]>
    return answer.ok ? answer.value : null
  } catch {
    return null
  }
}

function readOutbox(visitId: number): VisitEvent[] {
  const kept: unknown = JSON.parse(localStorage.getItem(outboxKey(visitId)) ?? '[]')
  return Array.isArray(kept) ? kept.flatMap((each) => VisitEvent.safeParse(each).data ?? []) : []
}
