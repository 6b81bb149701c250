'use client'

import { useRouter } from 'next/navigation'
import { useMemo, useState } from 'react'
import { foldVisit, lastLive, nextStep, underWay, zonesDone, type Step, type VisitEvent } from '@/core/visit'
import { zoneLabel, type ZoneId } from '@/core/zones'
import { BenchMap } from './BenchMap'
import { BenchTop } from './BenchTop'
import { MainAction } from './MainAction'
import { MindHere } from './MindHere'
import type { BenchProps } from './props'
import { NotePanel } from './NotePanel'
import { SlotNow } from './SlotNow'
import { StageNow } from './StageNow'
import { ZonePanel } from './ZonePanel'
import { useKeys } from './useKeys'
import { useNow } from './useNow'
import { useVisitLog, type Happening } from './useVisitLog'
import styles from './bench.module.css'

/** One dog under the hand: this stage, its clock, its zones and cautions, and where it leads. */
export function Bench(props: BenchProps) {
  const { visitId, dog, plan } = props
  const router = useRouter()
  const { log, waiting, refused, add } = useVisitLog(visitId, props.startLog, props.groomer)
  const nowMs = useNow(props.nowMs)
  const [noting, setNoting] = useState(false)
  const [zone, setZone] = useState<ZoneId | null>(null)
  const visit = useMemo(() => foldVisit(log), [log])
  const record = underWay(visit)
  const stage = plan.stages.find(({ id }) => id === record?.stage) ?? null
  const step = nextStep(plan.stages, visit)
  const undoable = visit.finishedMs === null ? lastLive(log) : null
  const undo = () => undoable && add({ kind: 'undone', undoes: undoable.id })
  const pause = () => record && add({ kind: visit.pausedSinceMs === null ? 'paused' : 'resumed' })
  const act = () => {
    const happening = happeningOf(step)
    if (happening) add(happening)
    else if (waiting === 0) router.push(`/visits/${visitId}/wrap-up`)
  }
  useKeys({ ' ': act, p: pause, n: () => setNoting(true), z: undo }, !noting && zone === null)
  return (
    <main className={styles.bench} data-stage={stage?.id ?? 'none'}>
      <BenchTop {...props} visit={visit} stage={stage} waiting={waiting} nowMs={nowMs} />
      <StageNow {...props} visit={visit} stage={stage} nowMs={nowMs} />
      <BenchMap
        {...props}
        stageZones={stage?.zones ?? []}
        done={zonesDone(plan.stages, visit)}
        zone={zone}
        onZone={setZone}
      />
      <MindHere {...props} visit={visit} stage={stage} refused={refused} add={add} />
      <SlotNow {...props} visit={visit} nowMs={nowMs} />
      {noting && <NotePanel stage={stage?.id ?? null} add={add} close={() => setNoting(false)} />}
      {zone && (
        <ZonePanel
          zone={zone}
          plan={plan}
          visit={visit}
          kit={props.kit}
          unit={props.unit}
          add={add}
          close={() => setZone(null)}
        />
      )}
      <footer className={styles.acts}>
        <button onClick={undo} disabled={!undoable} title={undoable ? undoWords(undoable) : undefined}>
          Undo
        </button>
        <button onClick={() => setNoting(true)}>Note</button>
        <button onClick={pause} disabled={record === null}>
          {visit.pausedSinceMs === null ? 'Pause' : 'Go on'}
        </button>
        <MainAction step={step} act={act} holdUp={step.do === 'wrap-up' && waiting > 0} />
      </footer>
      <p className="kv-hidden" aria-live="polite">
        {dog.name}, {stage?.id ?? ''}
      </p>
    </main>
  )
}

/** The event of a step; the way to the wrap-up is none. */
function happeningOf(step: Step): Happening | null {
  switch (step.do) {
    case 'start':
      return { kind: 'stage-started', stage: step.stage }
    case 'wait':
      return { kind: 'wait-started', stage: step.stage }
    case 'end-wait':
      return { kind: 'wait-ended', stage: step.stage }
    case 'finish':
      return { kind: 'finished' }
    case 'resume':
      return { kind: 'resumed' }
    case 'wrap-up':
      return null
  }
}

const undoWords = (event: VisitEvent): string =>
  event.kind === 'zone-cut' ? `Take back ${zoneLabel(event.cut.zone)}` : `Take back: ${event.kind.replace('-', ' ')}`
