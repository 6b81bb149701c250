'use client'

import Link from 'next/link'
import { useEffect, useState } from 'react'
import { showSpan } from '@/core/clock'
import type { DayRow } from './dayRow'
import { opens } from './opens'

/** A wait that counts down; at zero it says so. */
export function WaitNotice({ row }: { row: DayRow }) {
  const [nowMs, setNowMs] = useState<number | null>(null)
  useEffect(() => {
    const timer = setInterval(() => setNowMs(Date.now()), 1000)
    return () => clearInterval(timer)
  }, [])
  if (!row.wait) return null
  const leftMs = nowMs === null ? null : row.wait.untilMs - nowMs
  return (
    <div className="kv-notice kv-teal">
      <p className="kv-strong kv-now">
        {row.name} {row.wait.stage === 'dry' ? 'leaves the cabinet' : 'is ready to rinse'}{' '}
        {leftMs === null ? 'soon' : leftMs > 0 ? `in ${showSpan(leftMs)}` : 'now'}
      </p>
      <p className="kv-quiet">
        {row.groomer}’s hands are free until then. <Link href={row.href}>{opens(row.href)}</Link>
      </p>
    </div>
  )
}
