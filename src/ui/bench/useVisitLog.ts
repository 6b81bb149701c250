'use client'

import { useCallback, useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react'
import { VisitEvent, laterTick, newestTick, nextTick, orderedLog, type Hand, type Tick } from '@/core/visit'
import type { Case } from '@/core/plan'
import { adoptOlder } from '../device/adopt'
import { deviceClock } from '../device/clock'
import { keep, keepBegunHere, lookAt, notKept, settleBench } from '../device/kept'
import { isAway } from '../device/link'
import { tellTabs } from '../device/oneSender'
import { trySending } from '../device/send'
import {
  askToPersist,
  bookingBench,
  chooseHouse,
  deviceId,
  forgetOldLogs,
  keepEvents,
  letAsideGo,
  letPhotoGo,
  readPhotos,
  visitBench,
  visitOf,
  type Aside,
  type BenchKey,
  type KeptPhoto,
} from '../device/store'
import { useWhoHere } from '../who/WhoHere'
import { NOTHING, isSame, withOne } from './here'
import { useCalls } from './useCalls'

/** An event that was moved keeps the time it has. */
const MOVED = -1

/** What the hook fills in: id, times, author and device. */
type Filled = 'id' | 'atMs' | 'by' | 'byId' | 'device' | 'tick' | 'deviceMs' | 'skewMs' | 'stampedMs' | 'fromVisit'

/** An event as the bench notes it. */
export type Happening = VisitEvent extends infer E ? (E extends VisitEvent ? Omit<E, Filled> : never) : never

export interface VisitLog {
  bench: BenchKey
  log: VisitEvent[]
  /** Not yet taken by the server; kept on this device. */
  waiting: number
  /** Kept by this page alone: the device would not. */
  loose: number
  /** Refused by the server; kept on this device with why. */
  aside: Aside[]
  refusedPhotos: KeptPhoto[]
  /** Lines of the log in the books that cannot be read. */
  unread: number
  closed: boolean
  /** A sentence when something could not be kept or sent. */
  refused: string | null
  /** Who undo counts as one's own. */
  hand: Hand
  add: (happening: Happening, asideGone?: string) => void
  /** A person says that what was kept aside is no longer needed. */
  letGo: (id: string) => void
  letPhotoGo: (id: string) => void
  /** These belong to another dog: they are taken back here and stand there, with their own times. */
  moveTo: (visitId: number, events: readonly VisitEvent[]) => void
}

export interface Begun {
  houseKey: string
  /** Null while the server has not begun it. */
  visitId: number | null
  bookingId: number
  plannedCase: Case
  startLog: VisitEvent[]
  startNo: number
  startUnread: number
  /** Wrapped up: only what was cut can still be put right. */
  closed: boolean
  groomer: string
  groomerId: number
}

/**
 * The log of a visit on this device: kept here before it is painted, sent when there is a network, and joined with what
 * other screens wrote. Every event has its id from birth, so sending again is harmless; each is taken or refused by
 * itself, and a refused one is kept aside. The server says when there is news.
 */
export function useVisitLog(begun: Begun): VisitLog {
  const { visitId, bookingId, plannedCase, startLog, startNo, startUnread } = begun
  const who = useWhoHere().who
  // A page that was kept before anybody signed in notes for whom the dog is booked with; the house knows who sends it.
  const [author, authorId] = who ? [who.name, who.id] : [begun.groomer, begun.groomerId]
  chooseHouse(begun.houseKey)
  const [bench, setBench] = useState<BenchKey>(() => (visitId === null ? bookingBench(bookingId) : visitBench(visitId)))
  const [here, setHere] = useState(NOTHING)
  const [refused, setRefused] = useState<string | null>(null)
  const [unread, setUnread] = useState(startUnread)
  const [closed, setClosed] = useState(begun.closed)
  const newest = useRef<Tick | null>(newestTick(startLog))
  /** How many events this page has noted, how many readings it began, and which of them it painted last. */
  const painted = useRef({ noted: 0, looks: 0, look: 0 })

  const look = useCallback(async () => {
    const { current } = painted
    for (let isOld = true; isOld;) {
      const [noted, turn] = [current.noted, ++current.looks]
      const kept = await lookAt(bench)
      const photos = await readPhotos(bench).catch(() => [])
      // What was read before something was noted is old by now, and would take it off the page again.
      isOld = noted !== current.noted
      if (isOld || turn < current.look) continue
      current.look = turn
      const seen = newestTick([...kept.log, ...kept.waiting])
      if (seen) newest.current = laterTick(newest.current, seen)
      const now = { ...kept, loose: kept.loose.size, photos }
      setHere((before) => (isSame(before, now) ? before : now))
    }
  }, [bench])

  const sync = useCallback(async () => {
    const end = await trySending(bench)
    if (end) {
      setRefused(end.problem)
      setUnread((before) => Math.max(before, end.unread))
      setBench(end.bench)
      setClosed((before) => before || end.closed)
    }
    await look()
  }, [bench, look])
  useCalls(bench, look, sync)

  useEffect(() => {
    const open = async () => {
      await adoptOlder()
      await forgetOldLogs(Date.now())
      const { log: there, no } = await lookAt(bench)
      const has = new Set(there.map(({ id }) => id))
      if (visitId !== null && (no < startNo || startLog.some(({ id }) => !has.has(id))))
        await settleBench(bench, { events: startLog, no: startNo, taken: [], refused: [] })
    }
    askToPersist()
    void open().catch((error: unknown) => setRefused(notKept(error)))
    // Once for a page: what the server gave with it is the start of what the device keeps.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [])

  /** An event of this hand and moment; null, and said, where it cannot be one. */
  const made = useCallback(
    (happening: object): VisitEvent | null => {
      const clock = deviceClock()
      const nowMs = Math.round(clock.nowMs())
      const tick = nextTick(nowMs, newest.current)
      const times = { atMs: nowMs, tick, deviceMs: Date.now(), skewMs: clock.skewMs() }
      const id = crypto.randomUUID()
      const event = VisitEvent.safeParse({
        ...times,
        ...happening,
        id,
        by: author,
        byId: authorId,
        device: deviceId(),
      })
      if (event.success) newest.current = tick
      else setRefused(event.error.issues.map(({ message }) => message).join(' '))
      return event.data ?? null
    },
    [author, authorId],
  )

  const add = useCallback(
    (happening: Happening, asideGone?: string) => {
      const event = made(happening)
      if (!event) return
      const keepIt = async () => {
        if (visitOf(bench) === null)
          await keepBegunHere({ bench, bookingId, planned: plannedCase, startedMs: event.atMs })
        const why = await keep(bench, event, asideGone === undefined ? [] : [asideGone])
        setRefused(why)
        painted.current.noted++
        setHere((before) => withOne(before, event, asideGone, why !== null))
        tellTabs(bench)
        // Where the server is away it is asked now and then, not at each tap.
        if (!isAway()) void sync()
      }
      void keepIt()
    },
    [made, bench, bookingId, plannedCase, sync],
  )

  const moveTo = useCallback(
    (otherVisit: number, events: readonly VisitEvent[]) => {
      const other = visitBench(otherVisit)
      const here = events.flatMap(({ id }) => made({ kind: 'undone', undoes: id }) ?? [])
      const fromVisit = visitOf(bench) ?? undefined
      const there = events.map((event) => ({ ...event, id: crypto.randomUUID(), ...(fromVisit ? { fromVisit } : {}) }))
      const rows = [...here.map((event) => ({ bench, event })), ...there.map((event) => ({ bench: other, event }))]
      const keepBoth = () =>
        keepEvents(rows.map((row) => ({ ...row, steady: { ms: row.event.atMs, era: MOVED }, sure: true })))
      const move = async () => {
        setRefused(await keepBoth().then(() => null, notKept))
        await look()
        tellTabs(other)
        void sync()
        void trySending(other)
      }
      void move()
    },
    [made, bench, look, sync],
  )

  const log = useMemo(() => orderedLog([...startLog, ...here.log, ...here.waiting]), [startLog, here])
  const known = useMemo(() => new Set([...startLog, ...here.log].map(({ id }) => id)), [startLog, here])
  const waiting = here.waiting.filter(({ id }) => !known.has(id)).length
  const hand = useHand(authorId)
  return {
    bench,
    log,
    waiting: waiting + here.photos.filter((photo) => photo.refused === null).length,
    loose: here.loose,
    aside: here.aside,
    refusedPhotos: here.photos.filter((photo) => photo.refused !== null),
    unread,
    closed,
    refused,
    hand,
    add,
    moveTo,
    letGo: (id) => void letAsideGo(id).then(look),
    letPhotoGo: (id) => void letPhotoGo(id).then(look),
  }
}

/** Whose hand it is; which device is known once the page lives in a browser. */
function useHand(byId: number): Hand {
  const device = useSyncExternalStore(
    () => () => {},
    deviceId,
    () => '',
  )
  return useMemo(() => ({ device, byId }), [device, byId])
}
