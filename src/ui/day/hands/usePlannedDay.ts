'use client'

import { useEffect, useRef, useState } from 'react'
import type { DayPlan, HouseDay, PlannedDay } from '@/core/day'
import type { DayAsked, Told } from './dayWorker'

interface Planning {
  /** The day that was planned last, and its plan: while another is planned it stays on the screen. */
  of: string
  planned: PlannedDay | null
  /** The plan that was taken, moved on by what happened. */
  kept: PlannedDay | null
  /** How far the planning is, 0 to 1. */
  share: number
  /** The browser shares memory with the worker, so that it can be told to stop. */
  canStop: boolean
  fault: boolean
}

const NOTHING: Planning = { of: '', planned: null, kept: null, share: 0, canStop: false, fault: false }

/**
 * Plans a day beside the page, so that the page goes on answering.
 * @param taken the plan that was taken, if one was
 */
export function usePlannedDay(day: HouseDay | null, taken: DayPlan | null = null) {
  const text = day === null ? '' : JSON.stringify([day, taken])
  const [planning, setPlanning] = useState<Planning>(NOTHING)
  const flag = useRef<Int32Array | null>(null)
  useEffect(() => {
    if (text === '') return
    const worker = new Worker(new URL('./dayWorker.ts', import.meta.url))
    flag.current = crossOriginIsolated ? new Int32Array(new SharedArrayBuffer(4)) : null
    worker.onmessage = ({ data }: MessageEvent<Told>) =>
      setPlanning((before) => ({
        ...before,
        fault: false,
        canStop: flag.current !== null,
        ...('planned' in data ? { of: text, share: 1 } : {}),
        ...data,
      }))
    worker.onerror = () => setPlanning((before) => ({ ...before, fault: true }))
    const [asked, by] = JSON.parse(text) as [HouseDay, DayPlan | null]
    worker.postMessage({ day: asked, taken: by, stop: flag.current } satisfies DayAsked)
    return () => worker.terminate()
  }, [text])
  return {
    ...planning,
    kept: taken === null ? null : planning.kept,
    busy: text !== '' && planning.of !== text && !planning.fault,
    /** Takes what was found so far; null where the browser shares no memory. */
    stop: planning.canStop ? () => void (flag.current && Atomics.store(flag.current, 0, 1)) : null,
  }
}
