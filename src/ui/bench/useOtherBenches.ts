import { useEffect, useState } from 'react'
import {
  foldFurther,
  foldVisit,
  minutesOf,
  runningWait,
  stateOf,
  underWay,
  type RunningWait,
  type Visit,
} from '@/core/visit'
import { stageLabel } from '@/core/stages'
import { hearTabs } from '../device/oneSender'
import { lookAt } from '../device/kept'
import { visitBench } from '../device/store'
import type { OtherBench } from './props'

/** Another dog on the bench: what it is at, and its wait if one runs. */
export interface OtherDog {
  visitId: number
  name: string
  href: string
  words: string
  handsMs: number
  wait: RunningWait | null
}

const LOOK_MS = 4000

/** The other dogs of today as this device knows them: what the books said when the page was drawn, and what was noted here since. */
export function useOtherBenches(others: readonly OtherBench[], nowMs: number): OtherDog[] {
  const [visits, setVisits] = useState<ReadonlyMap<number, Visit>>(new Map())
  useEffect(() => {
    const look = async () => {
      const read = others.map(async ({ visitId, kept }) => [visitId, await stateHere(visitId, kept)] as const)
      setVisits(new Map(await Promise.all(read)))
    }
    void look()
    const timer = setInterval(() => void look(), LOOK_MS)
    const quiet = hearTabs(() => void look())
    return () => {
      clearInterval(timer)
      quiet()
    }
  }, [others])
  return others.flatMap(({ visitId, name, stages, kept }) => {
    const visit = visits.get(visitId) ?? kept.visit
    if (visit.finishedMs !== null) return []
    const record = underWay(visit)
    const wait = runningWait(stages, visit)
    const words = record ? stageLabel(record.stage) : 'between stages'
    const handsMs = record ? minutesOf(record, visit, nowMs).handsMin * 60_000 : 0
    return [{ visitId, name, href: `/visits/${visitId}/bench`, words, handsMs, wait }]
  })
}

/** A bench that was open on this device knows its own log; else what the books knew, and what waits here. */
async function stateHere(visitId: number, kept: OtherBench['kept']): Promise<Visit> {
  const { log, waiting, no } = await lookAt(visitBench(visitId))
  if (no > 0) return foldVisit([...log, ...waiting])
  return stateOf(foldFurther(kept, waiting) ?? kept)
}
