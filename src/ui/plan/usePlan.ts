import { useEffect, useMemo, useRef, useState } from 'react'
import { Case, coatToday, makePlan } from '@/core/plan'
import { problemsOf, type Result } from '@/core/result'
import { useHistory } from '../history/useHistory'

export type KeepWishes = (input: unknown) => Promise<Result<null>>

const KEEP_AFTER_MS = 500

export type Keeping = { state: 'kept' } | { state: 'keeping' } | { state: 'refused'; why: string }

/** A case that is being changed: the plan follows at once, undo goes back, and the wishes are kept as they change. */
export function usePlan(bookingId: number, start: Case, keep: KeepWishes) {
  const { now, put, undo, redo } = useHistory(start)
  const [keeping, setKeeping] = useState<Keeping>({ state: 'kept' })
  const first = useRef(true)
  const plan = useMemo(() => makePlan(now), [now])
  const presentMm = useMemo(() => coatToday(now), [now])
  useEffect(() => {
    if (first.current) {
      first.current = false
      return
    }
    setKeeping({ state: 'keeping' })
    const timer = setTimeout(async () => setKeeping(await send(bookingId, now, keep)), KEEP_AFTER_MS)
    return () => clearTimeout(timer)
  }, [bookingId, now, keep])
  return {
    now,
    plan,
    presentMm,
    keeping,
    undo,
    redo,
    /** Returns a sentence when the change is refused; nothing changes then. */
    change: (next: Case): string | null => {
      const checked = Case.safeParse(next)
      if (!checked.success)
        return problemsOf(checked.error)
          .map(({ sentence }) => sentence)
          .join(' ')
      put(checked.data)
      return null
    },
    /** Sends what is not kept yet, before the bench starts from it. */
    flush: async () => setKeeping(await send(bookingId, now, keep)),
  }
}

async function send(
  bookingId: number,
  { request, coatNowMm, coatSidesMm, mats, order, orderWhy }: Case,
  keep: KeepWishes,
): Promise<Keeping> {
  try {
    const lookOver = { coatNowMm, mats: mats ?? {}, coatSidesMm: coatSidesMm ?? {} }
    const answer = await keep({ bookingId, request, lookOver, own: { order, orderWhy } })
    return answer.ok
      ? { state: 'kept' }
      : { state: 'refused', why: answer.problems.map(({ sentence }) => sentence).join(' ') }
  } catch (error) {
    if (!(error instanceof TypeError)) throw error
    return { state: 'refused', why: 'No network: the change is on this screen only.' }
  }
}
