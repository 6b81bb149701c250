'use client'

import Link from 'next/link'
import { useState } from 'react'
import { houseClock, lately } from '@/core/clock'
import { stageLabel, type PlannedStage, type StageId } from '@/core/stages'
import { liveEvents, stagesToCome, underWay, type Hand, type Visit, type VisitEvent } from '@/core/visit'
import { eventWords } from '../log/eventWords'
import type { OtherDog } from './useOtherBenches'
import type { Happening } from './useVisitLog'
import styles from './bench.module.css'

interface MendProps {
  visitId: number | null
  planned: readonly PlannedStage[]
  visit: Visit
  log: readonly VisitEvent[]
  hand: Hand
  others: readonly OtherDog[]
  nowMs: number
  timeZone: string
  add: (happening: Happening) => void
  moveTo: (visitId: number, events: readonly VisitEvent[]) => void
  close: () => void
}

/** What was tapped late, forgotten, left running, or on the wrong dog. Nothing is changed: each is one more line of the log. */
export function MendPanel(props: MendProps) {
  const { visitId, visit, close } = props
  return (
    <div className={styles.panel} role="dialog" aria-label="Mend the log">
      {underWay(visit) && visit.finishedMs === null && <BeganEarlier {...props} />}
      {visit.finishedMs === null && <PutIn {...props} />}
      {props.others.length > 0 && <WrongDog {...props} />}
      <div className={styles.quick}>
        {visitId !== null && <Link href={`/visits/${visitId}/log`}>Read the log, line by line</Link>}
        <button onClick={close}>Close</button>
      </div>
    </div>
  )
}

const EARLIER_MIN = [1, 5, 10]

/** "I began five minutes ago": not before what moved the clock before it. */
function BeganEarlier({ visit, log, timeZone, add, close }: MendProps) {
  const time = houseClock(timeZone)
  const record = underWay(visit)
  const began =
    record && liveEvents(log).findLast((event) => event.kind === 'stage-started' && event.stage === record.stage)
  if (!record || !began) return null
  const before = visit.stages.at(-2)
  const firstMs = before ? (before.waits.at(-1)?.fromMs ?? before.startMs) : 0
  const set = (min: number) => {
    add({ kind: 'time-set', of: began.id, toMs: record.startMs - min * 60_000 })
    close()
  }
  return (
    <div className={styles.quick} role="group" aria-label="Began earlier">
      <b>
        {stageLabel(record.stage)} began {time.clock(record.startMs)}. Really earlier by
      </b>
      {EARLIER_MIN.map((min) => (
        <button key={min} disabled={record.startMs - min * 60_000 < firstMs} onClick={() => set(min)}>
          {min} min
        </button>
      ))}
    </div>
  )
}

/** A stage that was forgotten, or a break: from when to when. */
function PutIn({ planned, visit, nowMs, timeZone, add, close }: MendProps) {
  const time = houseClock(timeZone)
  const [what, setWhat] = useState<StageId | 'break'>('break')
  const [from, setFrom] = useState('')
  const [to, setTo] = useState(time.clock(nowMs))
  const toMs = lately(to, time, nowMs)
  const fromMs = from === '' ? toMs : lately(from, time, nowMs)
  const fault = from !== '' && fromMs >= toMs ? 'The end must come after the beginning.' : null
  const keep = () => {
    add(what === 'break' ? { kind: 'rested', fromMs, toMs } : { kind: 'stage-recalled', stage: what, fromMs, toMs })
    close()
  }
  return (
    <div className={styles.quick} role="group" aria-label="Put in afterwards">
      <b>Not tapped:</b>
      <select
        aria-label="What was not tapped"
        value={what}
        onChange={(event) => setWhat(event.target.value as StageId)}
      >
        <option value="break">A break</option>
        {stagesToCome(planned, visit).map(({ id }) => (
          <option key={id} value={id}>
            {stageLabel(id)}
          </option>
        ))}
      </select>
      <label>
        from <input type="time" value={from} onChange={(event) => setFrom(event.target.value)} />
      </label>
      <label>
        to <input type="time" value={to} onChange={(event) => setTo(event.target.value)} />
      </label>
      <button className={styles.keep} disabled={from === '' || to === '' || fault !== null} onClick={keep}>
        Put it in
      </button>
      {fault && <span role="alert">{fault}</span>}
    </div>
  )
}

const LATEST = 6

/** Taps that belong to another dog: taken back here, noted there with their own times, in one step. */
function WrongDog({ log, hand, others, moveTo, close }: MendProps) {
  const [chosen, setChosen] = useState<readonly string[]>([])
  const own = liveEvents(log).filter((event) => event.device === hand.device && event.kind !== 'consent')
  const latest = own.slice(-LATEST).reverse()
  if (latest.length === 0) return null
  const toggle = (id: string) => setChosen(chosen.includes(id) ? chosen.filter((each) => each !== id) : [...chosen, id])
  const move = (visitId: number) => {
    moveTo(
      visitId,
      own.filter(({ id }) => chosen.includes(id)),
    )
    close()
  }
  return (
    <fieldset className={styles.wrongDog}>
      <legend>On the wrong dog’s bench</legend>
      {latest.map((event) => (
        <label key={event.id}>
          <input type="checkbox" checked={chosen.includes(event.id)} onChange={() => toggle(event.id)} />{' '}
          {eventWords(event)}
        </label>
      ))}
      <div className={styles.quick}>
        {others.map(({ visitId, name }) => (
          <button key={visitId} disabled={chosen.length === 0} onClick={() => move(visitId)}>
            It was {name}
          </button>
        ))}
      </div>
    </fieldset>
  )
}
