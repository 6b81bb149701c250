'use client'

import { useEffect, useState } from 'react'

/** The moment, renewed each second; the server's own at first so that both draw the same. */
export function useNow(startMs: number): number {
  const [nowMs, setNowMs] = useState(startMs)
  useEffect(() => {
    const timer = setInterval(() => setNowMs(Date.now()), 1000)
    return () => clearInterval(timer)
  }, [])
  return nowMs
}
