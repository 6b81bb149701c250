'use client'

import { useEffect, useState } from 'react'
import type { HouseDay, PlannedDay } from '@/core/day'
import type { Told } from './dayWorker'

interface Planning {
  /** The day that was planned last, and its plan: while another is planned it stays on the screen. */
  of: string
  planned: PlannedDay | null
  /** How far the planning is, 0 to 1. */
  share: number
  fault: boolean
}

/** Plans a day beside the page, so that the page goes on answering. */
export function usePlannedDay(day: HouseDay | null): Planning & { busy: boolean } {
  const text = day === null ? '' : JSON.stringify(day)
  const [planning, setPlanning] = useState<Planning>({ of: '', planned: null, share: 0, fault: false })
  useEffect(() => {
    if (text === '') return
    const worker = new Worker(new URL('./dayWorker.ts', import.meta.url))
    worker.onmessage = ({ data }: MessageEvent<Told>) =>
      setPlanning((before) =>
        'share' in data
          ? { ...before, share: data.share, fault: false }
          : { of: text, planned: data.planned, share: 1, fault: false },
      )
    worker.onerror = () => setPlanning((before) => ({ ...before, fault: true }))
    worker.postMessage(JSON.parse(text))
    return () => worker.terminate()
  }, [text])
  return { ...planning, busy: text !== '' && planning.of !== text && !planning.fault }
}
