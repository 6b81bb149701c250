import { useCallback, useEffect, useRef, useState, useSyncExternalStore } from 'react'
import { NoAnswer, askServer, isNobodyHeard, onNobody } from '../device/link'

/** The server hears of a hand on the page this often at most. */
const TELL_MS = 60_000
const LOOK_MS = 5_000

/**
 * Whether who is at the table has to say again who they are: no hand was on the page for longer than the house allows, or
 * the server knows nobody here any more.
 * @param restMin null where nobody is signed in
 */
export function useRest(restMin: number | null, isDemo: boolean): [rests: boolean, wake: () => void] {
  const [rests, setRests] = useState(false)
  const nobody = useSyncExternalStore(onNobody, isNobodyHeard, () => false)
  const hand = useRef({ ms: 0, toldMs: 0 })
  useEffect(() => {
    if (restMin === null || isDemo) return
    const { current } = hand
    current.ms = Date.now()
    const moved = () => {
      const nowMs = Date.now()
      // A hand that comes back too late wakes nobody up.
      if (nowMs - current.ms > restMin * 60_000) return setRests(true)
      current.ms = nowMs
      if (nowMs - current.toldMs < TELL_MS) return
      current.toldMs = nowMs
      void askServer('/who/here', { method: 'POST' }).catch(missed)
    }
    const look = () => Date.now() - current.ms > restMin * 60_000 && setRests(true)
    const timer = setInterval(look, LOOK_MS)
    const events = ['pointerdown', 'keydown'] as const
    for (const each of events) window.addEventListener(each, moved, { capture: true, passive: true })
    return () => {
      clearInterval(timer)
      for (const each of events) window.removeEventListener(each, moved, { capture: true })
    }
  }, [restMin, isDemo])
  const wake = useCallback(() => {
    hand.current.ms = Date.now()
    setRests(false)
  }, [])
  return [rests || (nobody && restMin !== null), wake]
}

function missed(error: unknown): void {
  if (!(error instanceof NoAnswer)) throw error
}
