'use client'

import { useRef, useState } from 'react'
import type { BroughtRow, Reading } from '@/core/bring-in'
import type { Asked, FaultHere, Opened, Told } from './listWorker'

export interface ListHere {
  opened: Opened | null
  /** How far the reading is, 0 to 1; null while nothing is read. */
  share: number | null
  read: { rows: BroughtRow[]; faults: FaultHere[] } | null
  fault: string | null
}

const NOTHING: ListHere = { opened: null, share: null, read: null, fault: null }

/** A list read beside the page, so that the page goes on answering, and the reading can be stopped. */
export function useList() {
  const worker = useRef<Worker | null>(null)
  const [list, setList] = useState<ListHere>(NOTHING)
  const hear = ({ data }: MessageEvent<Told>) =>
    setList((before) => {
      if (data.kind === 'opened')
        return data.opened
          ? { ...NOTHING, opened: data.opened }
          : { ...NOTHING, fault: 'Nothing can be read from this file: it has a head and rows below, or contacts.' }
      return data.kind === 'share'
        ? { ...before, share: data.share }
        : { ...before, share: null, read: { rows: data.rows, faults: data.faults } }
    })
  const ask = (asked: Asked) => worker.current?.postMessage(asked)
  const stop = () => {
    worker.current?.terminate()
    worker.current = null
    setList(NOTHING)
  }
  return {
    ...list,
    open: async (file: File) => {
      stop()
      worker.current = new Worker(new URL('./listWorker.ts', import.meta.url))
      worker.current.onmessage = hear
      worker.current.onerror = () => setList({ ...NOTHING, fault: 'This file cannot be read.' })
      ask({ kind: 'open', bytes: await file.arrayBuffer() })
    },
    readAll: (reading: Omit<Reading, 'heads'>) => {
      setList((before) => ({ ...before, share: 0, read: null }))
      ask({ kind: 'read', reading })
    },
    stop,
  }
}
