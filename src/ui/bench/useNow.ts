'use client'

import { useEffect, useState } from 'react'
import { deviceClock } from '../device/clock'

/** The moment by the house's clock, renewed each second; the server's own at first so that both draw the same. */
export function useNow(startMs: number): number {
  const [nowMs, setNowMs] = useState(startMs)
  useEffect(() => {
    const timer = setInterval(() => setNowMs(deviceClock().nowMs()), 1000)
    return () => clearInterval(timer)
  }, [])
  return nowMs
}
