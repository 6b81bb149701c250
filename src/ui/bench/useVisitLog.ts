'use client'

import { useCallback, useEffect, useRef, useState } from 'react'
import { VisitEvent } from '@/core/visit'
import { deviceId, keptAside, keptOutbox, keepAside, keepOutbox, type Aside } from './device'
import { postEvents } from './postEvents'

const RETRY_MS = 4000
/** So many events go in one sending: a sending that the browser carries on with after the page is gone holds 64 kB. */
const BATCH = 40

/** An event without what the hook fills in: id, time, author and device. */
export type Happening = VisitEvent extends infer E
  ? E extends VisitEvent
    ? Omit<E, 'id' | 'atMs' | 'by' | 'byId' | 'device'>
    : never
  : never

export interface VisitLog {
  log: VisitEvent[]
  /** Not yet taken by the server; kept on this device. */
  waiting: number
  /** Refused by the server; kept on this device with why. */
  aside: Aside[]
  /** A sentence when the last event could not be kept. */
  refused: string | null
  add: (happening: Happening) => void
}

interface Begun {
  visitId: number
  startLog: VisitEvent[]
  startNo: number
  groomer: string
  groomerId: number
}

/**
 * The log of a visit on this device: written here first, sent when there is a network, and joined with what other
 * screens wrote. Every event has its id from birth, so sending again is harmless; each is taken or refused by itself, and
 * a refused one is kept aside. The server says when there is news.
 */
export function useVisitLog({ visitId, startLog, startNo, groomer, groomerId }: Begun): VisitLog {
  const [known, setKnown] = useState(startLog)
  const [outbox, setOutbox] = useState<VisitEvent[]>([])
  const [aside, setAside] = useState<Aside[]>([])
  const [refused, setRefused] = useState<string | null>(null)
  const outboxRef = useRef<VisitEvent[]>([])
  const since = useRef(startNo)
  const sending = useRef(false)
  const again = useRef(false)

  const keep = useCallback(
    (events: VisitEvent[]) => {
      outboxRef.current = events
      keepOutbox(visitId, events)
      setOutbox(events)
    },
    [visitId],
  )

  /** Sends what waits and takes in what is new; asked for while it runs, it runs once more. */
  const sync = useCallback(async () => {
    if (sending.current) {
      again.current = true
      return
    }
    sending.current = true
    try {
      do {
        again.current = false
        const batch = outboxRef.current.slice(0, BATCH)
        const answer = await postEvents(visitId, batch, since.current)
        if (!answer.ok) return setRefused(answer.problems.map(({ sentence }) => sentence).join(' '))
        since.current = Math.max(since.current, answer.value.no)
        setKnown((log) => joined(log, answer.value.events))
        const why = new Map(
          answer.value.answers.flatMap((each) => (each.taken === 'refused' ? [[each.id, each.why]] : [])),
        )
        const fresh = batch.flatMap((event) => (why.has(event.id) ? [{ event, why: why.get(event.id) ?? '' }] : []))
        if (fresh.length > 0) setAside(keepAside(visitId, fresh))
        const answered = new Set(answer.value.answers.map(({ id }) => id))
        if (batch.length > 0) keep(outboxRef.current.filter(({ id }) => !answered.has(id)))
      } while (again.current || outboxRef.current.length > 0)
    } catch (error) {
      if (!(error instanceof TypeError || error instanceof SyntaxError)) throw error // no network, or half an answer: tried again
    } finally {
      sending.current = false
    }
  }, [visitId, keep])

  useEffect(() => {
    const resume = setTimeout(() => {
      keep(joined(keptOutbox(visitId), outboxRef.current))
      setAside(keptAside(visitId))
      void sync()
    })
    const retry = setInterval(() => outboxRef.current.length > 0 && void sync(), RETRY_MS)
    const online = () => void sync()
    const news = new EventSource(`/visits/${visitId}/news`)
    news.addEventListener('news', online)
    window.addEventListener('online', online)
    return () => {
      clearTimeout(resume)
      clearInterval(retry)
      news.close()
      window.removeEventListener('online', online)
    }
  }, [visitId, keep, sync])

  const add = useCallback(
    (happening: Happening) => {
      const made = { id: crypto.randomUUID(), atMs: Date.now(), by: groomer, byId: groomerId, device: deviceId() }
      const event = VisitEvent.safeParse({ ...happening, ...made })
      if (!event.success) return setRefused(event.error.issues.map(({ message }) => message).join(' '))
      setRefused(null)
      keep([...outboxRef.current, event.data])
      void sync()
    },
    [groomer, groomerId, keep, sync],
  )
  return { log: joined(known, outbox), waiting: outbox.length, aside, refused, add }
}

/** Each event once, what came first in front. */
const joined = (first: readonly VisitEvent[], more: readonly VisitEvent[]): VisitEvent[] => [
  ...new Map([...first, ...more].map((event) => [event.id, event])).values(),
]
