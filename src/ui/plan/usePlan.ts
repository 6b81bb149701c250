import { useCallback, useEffect, useMemo, useRef, useState, type RefObject } from 'react'
import { Case, coatToday, makePlan } from '@/core/plan'
import { problemsOf, type Result } from '@/core/result'
import { forgetTyped, keepTyped } from '../device/typed'
import { useHistory } from '../history/useHistory'
import { draftOf, useStrayDraft } from './planDraft'

export type KeepWishes = (input: unknown) => Promise<Result<{ version: number }>>

/** The next case, checked; or how it is made of the one that stands, by code that makes no wrong one. */
export type Change = Case | ((now: Case) => Case)

const KEEP_AFTER_MS = 500
/** Without a network it is tried again so often. */
const RETRY_MS = 4000

export type Keeping =
  { state: 'kept' } | { state: 'keeping' } | { state: 'refused'; why: string } | { state: 'away'; why: string }

interface Start {
  bookingId: number
  version: number
  start: Case
  houseKey: string
}

/**
 * A case that is being changed: the plan follows at once, undo goes back. Every change is on this device before it is sent,
 * and is let go of there when the house has it.
 */
export function usePlan(view: Start, keep: KeepWishes) {
  const { now, put, undo, redo } = useHistory(view.start)
  const { bookingId, houseKey } = view
  const page = `plan ${bookingId}`
  const version = useRef(view.version)
  const latest = useRef<Promise<unknown>>(Promise.resolve())
  const newest = useRef(now)
  const [keeping, setKeeping] = useState<Keeping>({ state: 'kept' })
  const plan = useMemo(() => makePlan(now), [now])
  const presentMm = useMemo(() => coatToday(now), [now])
  const stray = useStrayDraft(view, page, (changed) => put(changed))
  /** One keep after another: each goes along with the version that the one before it made. */
  const inTurn = useCallback(
    (changed: Case): Promise<Keeping> => {
      const go = () => send(bookingId, version, changed, keep)
      const kept = latest.current.then(go, go)
      latest.current = kept
      return kept.then((state) => {
        // An answer to an older change says nothing of the newer one that still waits to be sent.
        if (latest.current === kept && (newest.current === changed || state.state === 'refused')) setKeeping(state)
        if (state.state === 'kept' && newest.current === changed) forgetTyped(houseKey, page)
        return state
      })
    },
    [bookingId, keep, houseKey, page],
  )
  useEffect(() => {
    if (newest.current === now) return
    newest.current = now
    setKeeping({ state: 'keeping' })
    keepTyped(houseKey, page, draftOf(now, version.current))
    const timer = setTimeout(() => void inTurn(now), KEEP_AFTER_MS)
    return () => clearTimeout(timer)
  }, [now, inTurn, houseKey, page])
  useEffect(() => {
    if (keeping.state !== 'away') return
    const again = setInterval(() => void inTurn(newest.current), RETRY_MS)
    return () => clearInterval(again)
  }, [keeping, inTurn])
  return {
    now,
    plan,
    presentMm,
    keeping,
    undo,
    redo,
    stray,
    /**
     * Changes the case, or makes the next one of what stands by then: what a person types while an answer is on its way
     * stays. @returns a sentence when the change is refused; nothing changes then
     */
    change: (next: Change, stroke: string | null = null): string | null => {
      if (typeof next === 'function') {
        put(next, stroke)
        return null
      }
      const checked = Case.safeParse(next)
      if (!checked.success)
        return problemsOf(checked.error)
          .map(({ sentence }) => sentence)
          .join(' ')
      // Before it is painted: a page may be closed in the next moment.
      keepTyped(houseKey, page, draftOf(checked.data, version.current))
      put(checked.data, stroke)
      return null
    },
    /** Sends what is not kept yet, before the bench starts from it. */
    flush: () => inTurn(now),
  }
}

/** Keeps the wishes. What another screen kept meanwhile is not overwritten: the version that this one has seen goes along. */
async function send(
  bookingId: number,
  version: RefObject<number>,
  { request, coatNowMm, coatSidesMm, mats, order, orderWhy }: Case,
  keep: KeepWishes,
): Promise<Keeping> {
  try {
    const lookOver = { coatNowMm, mats: mats ?? {}, coatSidesMm: coatSidesMm ?? {} }
    const answer = await keep({ bookingId, request, lookOver, own: { order, orderWhy }, version: version.current })
    if (answer.ok) version.current = answer.value.version
    return answer.ok
      ? { state: 'kept' }
      : { state: 'refused', why: answer.problems.map(({ sentence }) => sentence).join(' ') }
  } catch (error) {
    if (!(error instanceof TypeError)) throw error
    return { state: 'away', why: 'No network: the change is on this device, and is sent when there is one.' }
  }
}
