'use client'

import { useEffect, useState } from 'react'
import { houseClock } from '@/core/clock'

/** The house's clock; it starts from the server's so that both sides agree. */
export function Clock({ timeZone, startMs }: { timeZone: string; startMs: number }) {
  const [nowMs, setNowMs] = useState(startMs)
  useEffect(() => {
    const timer = setInterval(() => setNowMs(Date.now()), 5000)
    return () => clearInterval(timer)
  }, [])
  return <time style={{ fontSize: 18, fontWeight: 700 }}>{houseClock(timeZone).clock(nowMs)}</time>
}
