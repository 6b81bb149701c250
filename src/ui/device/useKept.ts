'use client'

import { useCallback, useMemo, useRef, useState } from 'react'
import type { VisitEvent } from '@/core/visit'
import { keepEvent, keptAside, keptEvents, letAsideGo, settle, type Aside } from './store'

/** What this device keeps of one visit. */
export interface Kept {
  /** Events that wait to be sent, whichever tab made them. */
  waiting: VisitEvent[]
  aside: Aside[]
  /** Reads what is kept anew. */
  look: () => Promise<VisitEvent[]>
  /** Keeps an event, and only then shows it. @returns why it could not be kept; it is then on this page only */
  keep: (event: VisitEvent) => Promise<string | null>
  /** The server's answer: what it has is let go, what it refused is put aside. */
  settled: (taken: readonly string[], refused: readonly Aside[]) => Promise<void>
  /** A person says that what was kept aside is no longer needed. */
  letGo: (id: string) => void
}

/** The events of a visit on this device; what the device would not keep stays on the page until it is sent. */
export function useKept(visitId: number): Kept {
  const [waiting, setWaiting] = useState<VisitEvent[]>([])
  const [aside, setAside] = useState<Aside[]>([])
  const loose = useRef<VisitEvent[]>([])

  const look = useCallback(async () => {
    const [kept, put] = await Promise.all([keptEvents(visitId), keptAside(visitId)])
    const all = [...kept, ...loose.current]
    setWaiting(all)
    setAside(put)
    return all
  }, [visitId])

  const keep = useCallback(
    async (event: VisitEvent) => {
      const why = await keepEvent(visitId, event).then(() => null, notKept)
      if (why !== null) loose.current.push(event)
      setWaiting((all) => [...all.filter(({ id }) => id !== event.id), event])
      return why
    },
    [visitId],
  )

  const settled = useCallback(
    async (taken: readonly string[], refused: readonly Aside[]) => {
      await settle(visitId, taken, refused)
      const gone = new Set([...taken, ...refused.map(({ event }) => event.id)])
      loose.current = loose.current.filter(({ id }) => !gone.has(id))
    },
    [visitId],
  )

  const letGo = useCallback(
    (id: string) => void letAsideGo(id).then(() => setAside((all) => all.filter(({ event }) => event.id !== id))),
    [],
  )
  return useMemo(() => ({ waiting, aside, look, keep, settled, letGo }), [waiting, aside, look, keep, settled, letGo])
}

/** Why this device could not keep an event. @throws what is no fault of the device */
export function notKept(error: unknown): string {
  if (!(error instanceof DOMException)) throw error
  const why = error.name === 'QuotaExceededError' ? 'This device is full' : 'This browser keeps nothing here'
  return `${why}: what you note is on this screen only until it is sent. Leave the page open.`
}
