'use client'

import { useRouter } from 'next/navigation'
import { useCallback, useMemo, useState } from 'react'
import { houseClock } from '@/core/clock'
import {
  foldVisit,
  forecast,
  lastLive,
  nextStep,
  standing,
  underWay,
  zonesDone,
  type Step,
  type Visit,
} from '@/core/visit'
import type { ConsentId } from '@/core/care'
import { openFindings } from '@/core/health'
import type { StageId } from '@/core/stages'
import { visitOf } from '../device/store'
import { useInTheMiddle } from '../device/newVersion'
import { SaidOnPhone, SaidAtTable } from '../instruments/AtTheTable'
import { STAND_IN } from '../instruments/line'
import { useInstruments } from '../instruments/useInstruments'
import { KeySheet } from '../keys/KeySheet'
import { useTellKeys, type PageKey } from '../keys/pageKeys'
import { usePhone } from '../screen/usePhone'
import { WhoChip } from '../who/WhoChip'
import { BenchActs } from './BenchActs'
import { BenchMap } from './BenchMap'
import { BenchPanel, type Panel } from './BenchPanel'
import { BenchTop } from './BenchTop'
import { CatchUpRow } from './CatchUpRow'
import { Faces, type Face } from './Faces'
import { KeptAside } from './KeptAside'
import { MindHere } from './MindHere'
import { OtherBenches } from './OtherBenches'
import type { BenchView } from './props'
import { RefusedPhotos } from './RefusedPhotos'
import { SlotAsk } from './SlotAsk'
import { SlotNow } from './SlotNow'
import { StageNow, StepsNow } from './StageNow'
import { useKeys } from './useKeys'
import { useNow } from './useNow'
import { useOtherBenches } from './useOtherBenches'
import { useVisitLog, type Happening } from './useVisitLog'
import styles from './bench.module.css'

/** Stages that need no signature: hands and eyes only. */
const UNSIGNED: readonly StageId[] = ['arrive', 'look-over', 'handover']

/** One dog under the hand: this stage, its clock, its zones and cautions, and where it leads. */
export function Bench({ view: begun }: { view: BenchView }) {
  const { dog, plannedCase } = begun
  const router = useRouter()
  const kept = useVisitLog(begun)
  const { bench, log, waiting, hand, add } = kept
  const visitId = visitOf(bench)
  const nowMs = useNow(begun.nowMs)
  const [panel, setPanel] = useState<Panel | null>(null)
  const [face, setFace] = useState<Face>('map')
  const [counts, setCounts] = useState({ mind: 0, steps: 0 })
  const countMind = useCallback((mind: number) => setCounts((was) => ({ ...was, mind })), [])
  const countSteps = useCallback((steps: number) => setCounts((was) => ({ ...was, steps })), [])
  const visit = useMemo(() => foldVisit(log), [log])
  const now = useMemo(() => standing(plannedCase, begun.plan, visit), [plannedCase, begun.plan, visit])
  const { plan } = now
  const others = useOtherBenches(begun.others, nowMs)
  const slotStartMs = slotFrom(begun, visit, nowMs)
  const props = { ...begun, slotStartMs, visitId, benchKey: bench, plan, plannedCase: now.case }
  const slotEndMs = slotStartMs + begun.slotMin * 60_000
  const ahead = forecast(plan.stages, visit, slotEndMs, nowMs, now.case.pace ?? null)
  const record = underWay(visit)
  const stage = plan.stages.find(({ id }) => id === record?.stage) ?? null
  const step = nextStep(plan.stages, visit)
  const asked = new Set<ConsentId>([...begun.consents, ...plan.consents])
  const unsigned = [...asked].filter((each) => !visit.consents.some(({ consent }) => consent === each))
  const lookingOver = stage?.id === 'look-over'
  const holdUp = whyNotYet(step, unsigned, waiting)
  const undoable = visit.finishedMs === null ? lastLive(log, hand) : null
  const undo = () => undoable && add({ kind: 'undone', undoes: undoable.event.id })
  const pause = () => record && add({ kind: visit.pausedSinceMs === null ? 'paused' : 'resumed' })
  const note = () => setPanel({ open: 'note' })
  const mend = () => setPanel({ open: 'mend' })
  const find = () => setPanel({ open: 'finding', from: null })
  const act = () => {
    const happening = happeningOf(step)
    if (holdUp !== null) return
    if (happening) add(happening)
    else router.push(`/visits/${visitId}/wrap-up`)
  }
  const toOther = Object.fromEntries(others.map(({ href }, at) => [String(at + 1), () => router.push(href)]))
  useKeys({ ' ': act, p: pause, n: note, f: find, z: undo, m: mend, ...toOther }, panel === null)
  const heard = useInstruments(act, panel === null)
  const table = {
    heard,
    nowMs,
    isOver: visit.finishedMs !== null,
    weigh: (weightKg: number) => add({ kind: 'weighed', weightKg }),
    isStandIn: STAND_IN.isStandIn,
  }
  const phone = usePhone()
  useTellKeys(KEYS)
  useInTheMiddle(visit.startMs !== null && visit.finishedMs === null)
  return (
    <main className={styles.bench} data-stage={stage?.id ?? 'none'} data-face={face}>
      <BenchTop {...props} visit={visit} stage={stage} kept={kept} nowMs={nowMs}>
        <SaidAtTable {...table} />
        <OtherBenches dogs={others.filter(({ wait }) => wait === null)} all={others} />
        <WhoChip />
        <button className={styles.mend} onClick={mend}>
          Mend
        </button>
      </BenchTop>
      <div className={styles.notices}>
        <RefusedPhotos photos={kept.refusedPhotos} letGo={kept.letPhotoGo} />
        <KeptAside aside={kept.aside} closed={kept.closed} add={add} letGo={kept.letGo} />
        <SaidOnPhone {...table} />
        <SlotAsk
          dog={dog.name}
          bookedMs={begun.slotStartMs}
          visit={visit}
          nowMs={nowMs}
          timeZone={begun.timeZone}
          add={add}
        />
      </div>
      <StageNow {...props} others={others} visit={visit} stage={stage} nowMs={nowMs} />
      <Faces face={face} counts={counts} onFace={setFace} />
      <BenchMap
        {...props}
        stageZones={stage?.zones ?? []}
        done={zonesDone(plan.stages, visit)}
        zone={panel?.open === 'zone' ? panel.zone : null}
        notes={visit.notes}
        found={lookingOver ? { findings: openFindings([...props.past, ...visit.findings]), mats: visit.mats } : null}
        onZone={(zone) => setPanel(zone && { open: lookingOver ? 'place' : 'zone', zone })}
      />
      <MindHere
        {...props}
        begun={begun.plan}
        visit={visit}
        stage={stage}
        kept={kept}
        log={log}
        nowMs={nowMs}
        ahead={ahead}
        slotEndMs={slotEndMs}
        sending={waiting > 0 || visitId === null}
        add={add}
        unsigned={unsigned}
        onConsent={(consent) => setPanel({ open: 'consent', consent })}
        onFinding={(from) => setPanel({ open: 'finding', from })}
        onCount={countMind}
      />
      <StepsNow {...props} visit={visit} stage={stage} nowMs={nowMs} add={add} onNote={note} onCount={countSteps} />
      {phone === false && <CatchUpRow {...props} visit={visit} ahead={ahead} slotEndMs={slotEndMs} add={add} />}
      <SlotNow {...props} visit={visit} nowMs={nowMs} ahead={ahead} slotEndMs={slotEndMs} />
      {panel && (
        <BenchPanel
          {...props}
          openPanel={setPanel}
          panel={panel}
          stage={stage?.id ?? null}
          visit={visit}
          kept={kept}
          others={others}
          nowMs={nowMs}
          add={add}
          close={() => setPanel(null)}
        />
      )}
      <BenchActs {...{ visit, step, undoable, holdUp, undo, note, find, pause, act }} />
      <KeySheet />
      <p className="kv-hidden" aria-live="polite">
        {dog.name}, {stage?.id ?? ''}
      </p>
    </main>
  )
}

/** Single keys of the bench, for the list that `?` opens. */
const KEYS: readonly PageKey[] = [
  ['Space', 'the main action: this stage is done, the next one starts'],
  ['P', 'pause, or go on'],
  ['N', 'a note'],
  ['F', 'a finding'],
  ['Z', 'undo the last tap'],
  ['M', 'mend a stage'],
  ['1 to 9', 'to another dog on the bench'],
]

/** What the main action waits for; null when it may go. */
function whyNotYet(step: Step, unsigned: readonly ConsentId[], waiting: number): string | null {
  if (unsigned.length > 0 && step.do === 'start' && !UNSIGNED.includes(step.stage)) return 'The owner signs first'
  return step.do === 'wrap-up' && waiting > 0 ? 'Sending the last notes first' : null
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

/**
 * Where the slot is laid: where somebody said, or as booked. A groom of another day is laid from its begin until somebody
 * says: a tape of a week would be two stubs.
 */
function slotFrom({ slotStartMs, timeZone }: BenchView, visit: Visit, nowMs: number): number {
  if (visit.slotStartMs !== null) return visit.slotStartMs
  const time = houseClock(timeZone)
  const beginMs = visit.startMs ?? nowMs
  return time.day(beginMs) === time.day(slotStartMs) ? slotStartMs : beginMs
}
