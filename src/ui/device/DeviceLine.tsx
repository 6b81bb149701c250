'use client'

import { useRouter } from 'next/navigation'
import { useEffect, useState } from 'react'
import { houseClock } from '@/core/clock'
import { HonestLine } from './HonestLine'
import { NoAnswer, askServer, useLink } from './link'
import { hearTabs } from './oneSender'
import { trySending } from './send'
import { chooseHouse, countKept, visitOf, type BenchKey } from './store'
import styles from './device.module.css'

const CALM_MS = 15_000
const AWAY_MS = 2000

interface DeviceLineProps {
  houseKey: string
  timeZone: string
  /** When this page was drawn: without the server it is as of then. */
  drawnMs: number
}

/**
 * On pages that are no bench: what stands on this device and not in the books, sent from here too. While the server is
 * away it is asked again and again, and the page is drawn anew when it is back.
 */
export function DeviceLine({ houseKey, timeZone, drawnMs }: DeviceLineProps) {
  chooseHouse(houseKey)
  const router = useRouter()
  const { state } = useLink()
  const away = state === 'offline' || state === 'starting'
  const [kept, setKept] = useState<Awaited<ReturnType<typeof countKept>> | null>(null)
  useEffect(() => {
    let over = false
    const look = async () => {
      const counted = await countKept().catch(() => null)
      if (!over) setKept(counted)
      return counted
    }
    const ask = async () => {
      if (document.visibilityState === 'hidden') return
      const up = await askServer('/health').then(() => true, missed)
      const counted = await look()
      if (!up) return
      for (const bench of counted?.waiting.keys() ?? []) await trySending(bench)
      await look()
      if (away && !over) router.refresh()
    }
    void ask()
    const timer = setInterval(() => void ask(), away ? AWAY_MS : CALM_MS)
    const quiet = hearTabs(() => void look())
    const online = () => void ask()
    window.addEventListener('online', online)
    return () => {
      over = true
      clearInterval(timer)
      quiet()
      window.removeEventListener('online', online)
    }
  }, [away, router])
  const sum = (counts: ReadonlyMap<BenchKey, number> | undefined) =>
    [...(counts?.values() ?? [])].reduce((all, count) => all + count, 0)
  return (
    <div className={styles.device}>
      <HonestLine kept={{ waiting: sum(kept?.waiting), aside: sum(kept?.aside), loose: 0 }} timeZone={timeZone} />
      {away && <span>This page is as of {houseClock(timeZone).clock(drawnMs)}.</span>}
      {[...(kept?.aside.keys() ?? [])].map((bench) => (
        <a key={bench} href={`/visits/${visitOf(bench)}/bench`}>
          See what was kept aside
        </a>
      ))}
    </div>
  )
}

function missed(error: unknown): false {
  if (error instanceof NoAnswer) return false
  throw error
}
