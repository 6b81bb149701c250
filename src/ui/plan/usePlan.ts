'use client'

import { useEffect, useMemo, useRef, useState } from 'react'
import { Case, coatToday, makePlan, problemsOf, type Result } from '@/core/plan'

export type KeepWishes = (input: unknown) => Promise<Result<null>>

const KEEP_AFTER_MS = 500

export type Keeping = { state: 'kept' } | { state: 'keeping' } | { state: 'refused'; why: string }

/** A case that is being changed: the plan follows at once, undo goes back, and the wishes are kept as they change. */
export function usePlan(bookingId: number, start: Case, keep: KeepWishes) {
  const [history, setHistory] = useState<{ past: Case[]; now: Case; future: Case[] }>({
    past: [],
    now: start,
    future: [],
  })
  const [keeping, setKeeping] = useState<Keeping>({ state: 'kept' })
  const first = useRef(true)
  const { now } = history
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
    /** Returns a sentence when the change is refused; nothing changes then. */
    change: (next: Case): string | null => {
      const checked = Case.safeParse(next)
      if (!checked.success) return problemsOf(checked.error).map(({ sentence }) => sentence).join(' ') // prettier-ignore
      setHistory(({ past, now: before }) => ({ past: [...past, before], now: checked.data, future: [] }))
      return null
    },
    undo: history.past.length === 0 ? null : () => setHistory(stepBack),
    redo: history.future.length === 0 ? null : () => setHistory(stepOn),
    /** Sends what is not kept yet, before the bench starts from it. */
    flush: async () => setKeeping(await send(bookingId, now, keep)),
  }
}

interface History {
  past: Case[]
  now: Case
  future: Case[]
}

const stepBack = ({ past, now, future }: History): History => ({
  past: past.slice(0, -1),
  now: past.at(-1) ?? now,
  future: [now, ...future],
})
const stepOn = ({ past, now, future }: History): History => ({
  past: [...past, now],
  now: future[0] ?? now,
  future: future.slice(1),
})

async function send(bookingId: number, { request, coatNowMm, mats }: Case, keep: KeepWishes): Promise<Keeping> {
  try {
    const answer = await keep({ bookingId, request, lookOver: { coatNowMm, mats: mats ?? {} } })
    return answer.ok
      ? { state: 'kept' }
      : { state: 'refused', why: answer.problems.map(({ sentence }) => sentence).join(' ') }
  } catch (error) {
    if (!(error instanceof TypeError)) throw error
    return { state: 'refused', why: 'No network: the change is on this screen only.' }
  }
}
