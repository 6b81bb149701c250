import { useRouter } from 'next/navigation'
import { useEffect, useState } from 'react'
import type { Job } from './acts'

const LOOK_MS = 700

/**
 * What is being made or brought back, looked at until it ends. While a house comes back the pages are away for a moment;
 * when they answer again they are those of the house that came back.
 */
export function useJob(known: Job | null): { job: Job | null; away: boolean; follow: (what: Job['what']) => void } {
  const router = useRouter()
  const [begun, setBegun] = useState<Job | null>(null)
  const [away, setAway] = useState(false)
  const job = begun ?? known
  const isOn = job !== null && job.ended === null
  const isRestore = job?.what === 'restore'
  useEffect(() => {
    if (!isOn) return
    const timer = setInterval(async () => {
      const now = await fetch('/rules/in-and-out/progress')
        .then((answer) => (answer.ok ? (answer.json() as Promise<Job | null>) : null))
        .catch(() => 'away' as const)
      if (now === 'away') setAway(isRestore)
      else if (now === null) location.reload()
      else {
        setBegun(now)
        if (now.ended) router.refresh()
      }
    }, LOOK_MS)
    return () => clearInterval(timer)
  }, [isOn, isRestore, router])
  return { job, away, follow: (what) => setBegun({ what, share: 0, ended: null }) }
}
