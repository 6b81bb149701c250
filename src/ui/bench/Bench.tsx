'use client'

import { useEffect, useMemo, useState } from 'react'
import { sideView, type FigureDog } from '@/core/figure'
import type { Kit } from '@/core/lengths'
import type { Plan } from '@/core/plan'
import { visitSegments } from '@/core/strip'
import { stageLabel } from '@/core/stages'
import type { LengthUnit } from '@/core/units'
import {
  foldVisit,
  forecast,
  lastLive,
  minutesOf,
  missedStages,
  nextStep,
  stagesToCome,
  underWay,
  type VisitEvent,
} from '@/core/visit'
import { zoneLabel, type ZoneId } from '@/core/zones'
import { CoatMap, cardCallouts, focusOn } from '../coat-map'
import { Tape } from '../tape'
import { houseTime, showSpan } from '../time/houseTime'
import { BenchCautions } from './BenchCautions'
import { MainAction } from './MainAction'
import { NotePanel } from './NotePanel'
import { WaitClock, type OtherDog } from './WaitClock'
import { ZonePanel } from './ZonePanel'
import { useNow } from './useNow'
import { useVisitLog } from './useVisitLog'
import styles from './bench.module.css'

export interface BenchProps {
  visitId: number
  dog: FigureDog & { name: string }
  groomer: string
  plan: Plan
  kit: Kit
  asked: string
  startLog: VisitEvent[]
  slotStartMs: number
  slotMin: number
  nowMs: number
  timeZone: string
  unit: LengthUnit
  others: OtherDog[]
}

const TAPE_PX = 1170

/** One dog under the hand: this stage, its clock, its zones and cautions, and where it leads. */
export function Bench(props: BenchProps) {
  const { visitId, dog, plan, slotStartMs, slotMin, unit } = props
  const { log, waiting, refused, add } = useVisitLog(visitId, props.startLog, props.groomer)
  const nowMs = useNow(props.nowMs)
  const [panel, setPanel] = useState<'note' | null>(null)
  const [zone, setZone] = useState<ZoneId | null>(null)
  const visit = useMemo(() => foldVisit(log), [log])
  const time = houseTime(props.timeZone)
  const slotEndMs = slotStartMs + slotMin * 60_000
  const step = nextStep(plan.stages, visit)
  const record = underWay(visit)
  const stage = record && plan.stages.find(({ id }) => id === record.stage)
  const spent = record ? minutesOf(record, visit, nowMs) : { handsMin: 0, waitMin: 0 }
  const ahead = forecast(plan.stages, visit, slotEndMs, nowMs)
  const late = visit.finishedMs === null && ahead.likelyMs > slotEndMs
  const segments = visitSegments(plan, visit, slotStartMs, nowMs)
  const extentMin = Math.max(slotMin, (ahead.lateMs - slotStartMs) / 60_000, segments.at(-1)?.toMin ?? 0)
  const leadMin = Math.max(0, -(segments[0]?.fromMin ?? 0))
  const undoable = lastLive(log)
  const missed = missedStages(plan.stages, visit)
  const toCome = stagesToCome(plan.stages, visit).filter(({ id }) => !missed.some((each) => each.id === id))
  const undo = () => undoable && add({ kind: 'undone', undoes: undoable.id })
  const pause = () => add(visit.pausedSinceMs === null ? { kind: 'paused' } : { kind: 'resumed' })
  const act = () => {
    if (step.do === 'start') add({ kind: 'stage-started', stage: step.stage })
    if (step.do === 'wait') add({ kind: 'wait-started', stage: step.stage })
    if (step.do === 'end-wait') add({ kind: 'wait-ended', stage: step.stage })
    if (step.do === 'finish') add({ kind: 'finished' })
    if (step.do === 'resume') add({ kind: 'resumed' })
    if (step.do === 'wrap-up' && waiting === 0) window.location.assign(`/visits/${visitId}/wrap-up`)
  }
  useKeys({ ' ': act, p: pause, n: () => setPanel('note'), z: undo }, panel === null && zone === null)
  const stageIndex = plan.stages.findIndex(({ id }) => id === stage?.id)
  const openWaitMs =
    record?.waitFromMs != null && stage ? record.waitFromMs + stage.waitMin * 60_000 - record.waitedMs : null
  return (
    <main className={styles.bench} data-stage={stage?.id ?? 'none'}>
      <header className={styles.top}>
        <p>
          <a href="/" className={styles.back}>
            Day
          </a>
          <b>{dog.name}</b>{' '}
          {stage ? `stage ${stageIndex + 1} of ${plan.stages.length}` : visit.finishedMs ? 'done' : 'not begun'},{' '}
          {props.groomer}
        </p>
        <p role="status">{waiting > 0 ? `Kept here, ${waiting} ${waiting === 1 ? 'note' : 'notes'} to send.` : ''}</p>
        <time>{time.clock(nowMs)}</time>
      </header>
      <section className={styles.stage} aria-label="This stage">
        <h1>{visit.finishedMs ? 'Finished' : stage ? stageLabel(stage.id) : 'Ready'}</h1>
        <p className={styles.clock} data-paused={visit.pausedSinceMs !== null}>
          {showSpan((record?.waitFromMs ? spent.waitMin : spent.handsMin) * 60_000)}
        </p>
        {stage && (
          <p>
            of <b>{Math.round(record?.waitFromMs ? stage.waitMin : stage.p50)} planned</b>, {Math.round(stage.p90)} at
            most{visit.pausedSinceMs !== null ? ', paused' : ''}
          </p>
        )}
        {toCome[0] && (
          <p>
            Next <b>{stageLabel(toCome[0].id)}</b>
            {toCome[1] && (
              <>
                , then <b>{stageLabel(toCome[1].id)}</b>
              </>
            )}
          </p>
        )}
        {openWaitMs !== null && (
          <WaitClock
            name={dog.name}
            what={record?.stage === 'dry' ? 'in the cabinet' : 'conditioner works'}
            untilMs={openWaitMs}
            nowMs={nowMs}
          />
        )}
        {props.others.map((other) => (
          <WaitClock
            key={other.href}
            name={other.name}
            what={other.what}
            untilMs={other.untilMs}
            nowMs={nowMs}
            href={other.href}
          />
        ))}
      </section>
      <BenchMap {...props} stageZones={stage?.zones ?? []} zone={zone} onZone={setZone} />
      <section className={styles.mind} aria-label="Mind here">
        <BenchCautions plan={plan} stage={stage?.id ?? null} />
        {missed.length > 0 && (
          <div className={styles.missed} role="alert">
            <b>Passed over: {missed.map(({ id }) => stageLabel(id)).join(', ')}.</b>
            {missed.slice(0, 2).map(({ id }) => (
              <span key={id} className={styles.missedActs}>
                <button onClick={() => add({ kind: 'stage-started', stage: id })}>Do {stageLabel(id)} now</button>
                <button onClick={() => add({ kind: 'stage-skipped', stage: id, why: 'Left out on the bench.' })}>
                  Leave it out
                </button>
              </span>
            ))}
          </div>
        )}
        {visit.notes.at(-1) && (
          <p>
            <b>Noted:</b> {visit.notes.at(-1)?.words}
          </p>
        )}
        {props.asked && (
          <p>
            <b>Asked for:</b> {props.asked}
          </p>
        )}
        {refused && (
          <p role="alert" className="kv-notice kv-must kv-late">
            {refused}
          </p>
        )}
      </section>
      <section className={styles.slot} aria-label="The slot">
        <div className={styles.forecast}>
          <p>
            {late ? (
              <b>{Math.round((ahead.likelyMs - slotEndMs) / 60_000)} min past the slot</b>
            ) : (
              `${Math.round(ahead.chance * 100)} % to be done by ${time.clock(slotEndMs)}`
            )}
          </p>
          <p className={late ? styles.late : styles.done}>
            {visit.finishedMs
              ? `Done ${time.clock(visit.finishedMs)}`
              : `Done ${time.clock(ahead.likelyMs)} to ${time.clock(ahead.lateMs)}`}
            <span>, slot {time.clock(slotEndMs)}</span>
          </p>
        </div>
        <div className={styles.tape}>
          <Tape
            label={`${dog.name}, as it goes`}
            slotMin={slotMin}
            segments={segments}
            pxPerMin={TAPE_PX / (extentMin + leadMin)}
            height={70}
            extentMin={extentMin}
            leadMin={leadMin}
            forecast={
              visit.finishedMs
                ? null
                : { p50: (ahead.likelyMs - slotStartMs) / 60_000, p90: (ahead.lateMs - slotStartMs) / 60_000 }
            }
            nowMin={visit.finishedMs ? null : (nowMs - slotStartMs) / 60_000}
            figure={(min) => String(Math.round(min))}
          />
        </div>
      </section>
      {panel === 'note' && <NotePanel stage={stage?.id ?? null} add={add} close={() => setPanel(null)} />}
      {zone && (
        <ZonePanel
          zone={zone}
          plan={plan}
          visit={visit}
          kit={props.kit}
          unit={unit}
          add={add}
          close={() => setZone(null)}
        />
      )}
      <footer className={styles.acts}>
        <button
          onClick={undo}
          disabled={!undoable || visit.finishedMs !== null}
          title={undoable ? undoWords(undoable) : undefined}
        >
          Undo
        </button>
        <button onClick={() => setPanel('note')}>Note</button>
        <button onClick={pause} disabled={record === null}>
          {visit.pausedSinceMs === null ? 'Pause' : 'Go on'}
        </button>
        <MainAction step={step} act={act} holdUp={step.do === 'wrap-up' && waiting > 0} />
      </footer>
    </main>
  )
}

const undoWords = (event: VisitEvent): string =>
  event.kind === 'zone-cut' ? `Take back ${zoneLabel(event.cut.zone)}` : `Take back: ${event.kind.replace('-', ' ')}`

interface MapProps extends BenchProps {
  stageZones: readonly ZoneId[]
  zone: ZoneId | null
  onZone: (zone: ZoneId | null) => void
}

/** The dog with this stage's zones lit; one that still grows is named as well, so that nobody cuts it. */
function BenchMap({ dog, plan, unit, stageZones, zone, onZone }: MapProps) {
  const wanted = useMemo(() => new Map(plan.card.map((entry) => [entry.zone, entry])), [plan])
  const view = useMemo(() => sideView(dog, (each) => wanted.get(each)?.lengthMm ?? 0), [dog, wanted])
  const onHead = stageZones.some((each) => each === 'skull' || each === 'muzzle')
  const growing = plan.growing.filter((each) => onHead && view.anchors[each.zone]).map((each) => each.zone)
  const shown = [...new Set([...stageZones, ...growing])]
  const focus = focusOn(view, shown)
  return (
    <CoatMap
      label={`${dog.name}, zones of this stage`}
      view={view}
      coat={dog.coat}
      lengthMm={(each) => wanted.get(each)?.lengthMm ?? 0}
      joinOf={(each) => wanted.get(each)?.join ?? 'blend'}
      {...(stageZones.length > 0 ? { lit: new Set(shown) } : {})}
      callouts={cardCallouts(plan.card, plan.growing, unit, shown)}
      {...(focus ? { focus } : {})}
      width={520}
      height={420}
      large
      picked={zone}
      onPick={onZone}
    />
  )
}

/** Space, P, N and Z, unless something is being written. */
function useKeys(keys: Record<string, () => void>, on: boolean): void {
  useEffect(() => {
    if (!on) return
    const press = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement
      if (
        event.repeat ||
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        /INPUT|TEXTAREA|SELECT/.test(target.tagName)
      )
        return
      if (event.key === ' ' && (target.tagName === 'BUTTON' || target.getAttribute('role') === 'button')) return
      const act = keys[event.key.toLowerCase()]
      if (!act) return
      event.preventDefault()
      act()
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  })
}
