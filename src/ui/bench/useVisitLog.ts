'use client'

import { useCallback, useEffect, useRef, useState } from 'react'
import { VisitEvent } from '@/core/visit'
import { oneSender, tabsOn } from '../device/oneSender'
import { nextStamp, skewOf } from '../device/stamps'
import {
  adoptOlder,
  askToPersist,
  deviceId,
  keepEvent,
  keptAside,
  keptEvents,
  letAsideGo,
  settle,
  type Aside,
} from '../device/store'
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
  const [kept, setKept] = useState<VisitEvent[]>([])
  const [aside, setAside] = useState<Aside[]>([])
  const [refused, setRefused] = useState<string | null>(null)
  const since = useRef(startNo)
  const skew = useRef(0)
  const newest = useRef(newestOf(startLog))
  const loose = useRef<VisitEvent[]>([])
  const tell = useRef<() => void>(() => {})
  const asking = useRef(false)
  const again = useRef(false)

  /** What waits on this device, the events of other tabs included, and what the device would not keep. */
  const lookAgain = useCallback(async () => {
    const [waiting, put] = await Promise.all([keptEvents(visitId), keptAside(visitId)])
    setKept([...waiting, ...loose.current])
    setAside(put)
    return [...waiting, ...loose.current]
  }, [visitId])

  /** Sends what waits and takes in what is new. */
  const send = useCallback(async () => {
    const batch = (await lookAgain()).slice(0, BATCH)
    const askedMs = Date.now()
    const answer = await postEvents(visitId, batch, since.current)
    if (!answer.ok) return setRefused(answer.problems.map(({ sentence }) => sentence).join(' '))
    const { answers, events, no, nowMs } = answer.value
    skew.current = skewOf(nowMs, askedMs, Date.now())
    since.current = Math.max(since.current, no)
    newest.current = Math.max(newest.current, newestOf(events))
    setKnown((log) => joined(log, events))
    const why = new Map(answers.flatMap((each) => (each.taken === 'refused' ? [[each.id, each.why]] : [])))
    const put = batch.flatMap((event) => (why.has(event.id) ? [{ event, why: why.get(event.id) ?? '' }] : []))
    const taken = answers.filter((each) => each.taken !== 'refused').map(({ id }) => id)
    await settle(visitId, taken, put)
    loose.current = loose.current.filter(({ id }) => !answers.some((each) => each.id === id))
    if (batch.length > 0) tell.current()
    if ((await lookAgain()).length > 0) again.current = true
  }, [visitId, lookAgain])

  /** One sending at a time over all tabs; asked for while it runs, it runs once more. */
  const sync = useCallback(async () => {
    again.current = true
    if (asking.current) return
    asking.current = true
    try {
      while (again.current) {
        again.current = false
        await oneSender(visitId, send)
      }
    } catch (error) {
      if (!(error instanceof TypeError || error instanceof SyntaxError)) throw error // no network, or half an answer: tried again
    } finally {
      asking.current = false
    }
  }, [visitId, send])

  useEffect(() => {
    const tabs = tabsOn(visitId, () => void lookAgain())
    tell.current = tabs.tell
    askToPersist()
    void adoptOlder(visitId).then(sync, (error: unknown) => setRefused(notKept(error)))
    const tryAgain = async () => {
      if ((await lookAgain()).length > 0) await sync()
    }
    const retry = setInterval(() => void tryAgain(), RETRY_MS)
    const news = new EventSource(`/visits/${visitId}/news`)
    const heard = () => void sync()
    news.addEventListener('news', heard)
    window.addEventListener('online', heard)
    return () => {
      clearInterval(retry)
      news.close()
      tabs.close()
      window.removeEventListener('online', heard)
    }
  }, [visitId, lookAgain, sync])

  const add = useCallback(
    (happening: Happening) => {
      const atMs = nextStamp(Date.now(), skew.current, newest.current)
      const made = { id: crypto.randomUUID(), atMs, by: groomer, byId: groomerId, device: deviceId() }
      const checked = VisitEvent.safeParse({ ...happening, ...made })
      if (!checked.success) return setRefused(checked.error.issues.map(({ message }) => message).join(' '))
      const event = checked.data
      newest.current = atMs
      setRefused(null)
      const paint = () => {
        setKept((waiting) => joined(waiting, [event]))
        tell.current()
        void sync()
      }
      keepEvent(visitId, event).then(paint, (error: unknown) => {
        // Not lost while this page is open, and sent as soon as it can be.
        loose.current.push(event)
        setRefused(notKept(error))
        paint()
      })
    },
    [visitId, groomer, groomerId, sync],
  )
  const letGo = useCallback(
    (id: string) => void letAsideGo(id).then(() => setAside((all) => all.filter(({ event }) => event.id !== id))),
    [],
  )
  const ids = new Set(known.map(({ id }) => id))
  const waiting = kept.filter(({ id }) => !ids.has(id))
  return { log: [...known, ...waiting], waiting: waiting.length, aside, refused, add, letGo }
}

/** Why this device could not keep an event. */
function notKept(error: unknown): string {
  if (!(error instanceof DOMException)) throw error
  const why = error.name === 'QuotaExceededError' ? 'This device is full' : 'This browser keeps nothing here'
  return `${why}: what you note is on this screen only until it is sent. Leave the page open.`
}

const newestOf = (log: readonly VisitEvent[]): number => log.reduce((most, { atMs }) => Math.max(most, atMs), 0)

/** Each event once, what came first in front. */
const joined = (first: readonly VisitEvent[], more: readonly VisitEvent[]): VisitEvent[] => [
  ...new Map([...first, ...more].map((event) => [event.id, event])).values(),
]
