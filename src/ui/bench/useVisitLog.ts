'use client'

import { useCallback, useEffect, useRef, useState } from 'react'
import { VisitEvent } from '@/core/visit'
import { oneSender, tabsOn } from '../device/oneSender'
import { nextStamp, skewOf } from '../device/stamps'
import { adoptOlder, askToPersist, deviceId, type Aside } from '../device/store'
import { notKept, useKept } from '../device/useKept'
import { postEvents } from './postEvents'

const RETRY_MS = 4000
/** So many events go in one sending. */
const BATCH = 100

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
  /** A sentence when something could not be kept or sent. */
  refused: string | null
  add: (happening: Happening) => void
  /** A person says that what was kept aside is no longer needed. */
  letGo: (id: string) => void
}

interface Begun {
  visitId: number
  startLog: VisitEvent[]
  startNo: number
  groomer: string
  groomerId: number
}

/**
 * The log of a visit on this device: kept here before it is painted, sent when there is a network, and joined with what
 * other screens wrote. Every event has its id from birth, so sending again is harmless; each is taken or refused by
 * itself, and a refused one is kept aside. The server says when there is news.
 */
export function useVisitLog({ visitId, startLog, startNo, groomer, groomerId }: Begun): VisitLog {
  const [known, setKnown] = useState(startLog)
  const [refused, setRefused] = useState<string | null>(null)
  const { waiting: kept, aside, look, keep, settled, letGo } = useKept(visitId)
  const since = useRef(startNo)
  const skew = useRef(0)
  const newest = useRef(newestOf(startLog))

  /** Sends what waits and takes in what is new. @returns whether more waits */
  const send = useCallback(async (): Promise<boolean> => {
    const batch = (await look()).slice(0, BATCH)
    const askedMs = Date.now()
    const answer = await postEvents(visitId, batch, since.current)
    if (!answer.ok) {
      setRefused(answer.problems.map(({ sentence }) => sentence).join(' '))
      return false
    }
    const { answers, events, no, nowMs } = answer.value
    skew.current = skewOf(nowMs, askedMs, Date.now())
    since.current = Math.max(since.current, no)
    newest.current = Math.max(newest.current, newestOf(events))
    setKnown((log) => joined(log, events))
    const why = new Map(answers.flatMap((each) => (each.taken === 'refused' ? [[each.id, each.why]] : [])))
    await settled(
      answers.filter(({ taken }) => taken !== 'refused').map(({ id }) => id),
      batch.flatMap((event) => (why.has(event.id) ? [{ event, why: why.get(event.id) ?? '' }] : [])),
    )
    return (await look()).length > 0
  }, [visitId, look, settled])

  const { sync, tell } = useSync(visitId, look, send, setRefused)

  const add = useCallback(
    (happening: Happening) => {
      const atMs = nextStamp(Date.now(), skew.current, newest.current)
      const made = { id: crypto.randomUUID(), atMs, by: groomer, byId: groomerId, device: deviceId() }
      const event = VisitEvent.safeParse({ ...happening, ...made })
      if (!event.success) return setRefused(event.error.issues.map(({ message }) => message).join(' '))
      newest.current = atMs
      void keep(event.data).then((why) => {
        setRefused(why)
        tell()
        void sync()
      })
    },
    [groomer, groomerId, keep, sync, tell],
  )
  const ids = new Set(known.map(({ id }) => id))
  const waiting = kept.filter(({ id }) => !ids.has(id))
  return { log: [...known, ...waiting], waiting: waiting.length, aside, refused, add, letGo }
}

/** When to send: at once, when the server has news, when the network is back, and now and then while something waits. */
function useSync(
  visitId: number,
  look: () => Promise<VisitEvent[]>,
  send: () => Promise<boolean>,
  say: (words: string) => void,
): { sync: () => Promise<void>; tell: () => void } {
  const tabs = useRef<{ tell: () => void } | null>(null)
  const asking = useRef(false)
  const again = useRef(false)

  /** One sending at a time over all tabs; asked for while it runs, it runs once more. */
  const sync = useCallback(async () => {
    again.current = true
    if (asking.current) return
    asking.current = true
    try {
      while (again.current) {
        again.current = false
        await oneSender(visitId, async () => {
          if (await send()) again.current = true
        })
        tabs.current?.tell()
      }
    } catch (error) {
      if (!(error instanceof TypeError || error instanceof SyntaxError)) throw error // no network, or half an answer: tried again
    } finally {
      asking.current = false
    }
  }, [visitId, send])

  useEffect(() => {
    const here = tabsOn(visitId, () => void look())
    tabs.current = here
    askToPersist()
    void adoptOlder(visitId).then(sync, (error: unknown) => say(notKept(error)))
    const tryAgain = async () => {
      if ((await look()).length > 0) await sync()
    }
    const retry = setInterval(() => void tryAgain(), RETRY_MS)
    const news = new EventSource(`/visits/${visitId}/news`)
    const heard = () => void sync()
    news.addEventListener('news', heard)
    window.addEventListener('online', heard)
    return () => {
      clearInterval(retry)
      news.close()
      here.close()
      window.removeEventListener('online', heard)
    }
  }, [visitId, look, sync, say])

  const tell = useCallback(() => tabs.current?.tell(), [])
  return { sync, tell }
}

const newestOf = (log: readonly VisitEvent[]): number => log.reduce((most, { atMs }) => Math.max(most, atMs), 0)

/** Each event once, what came first in front. */
const joined = (first: readonly VisitEvent[], more: readonly VisitEvent[]): VisitEvent[] => [
  ...new Map([...first, ...more].map((event) => [event.id, event])).values(),
]
