'use client'

import { useState } from 'react'
import { consentTitle } from '@/core/care'
import type { Proposal } from '@/core/book'
import { weekdayOf, type Work } from '@/core/people'
import type { Plan } from '@/core/plan'
import { stageLabel } from '@/core/stages'
import { byFamily, plannedSegments } from '@/core/strip'
import { addDays, showDay } from '@/core/units'
import { AsWide } from '../screen/AsWide'
import { Tape } from '../tape'
import styles from './takeIn.module.css'

export type Chosen =
  | { kind: 'offered'; at: number }
  | { kind: 'other'; time: Pick<Proposal, 'day' | 'clock' | 'staffId'> }
  | { kind: 'later' }

interface WhenProps {
  plan: Plan | null
  /** What this dog asks to be minded besides what every dog does. */
  mind: Plan['cautions']
  offered: readonly Proposal[]
  staff: readonly { id: number; name: string; role: string; work: Work }[]
  today: string
  chosen: Chosen
  onChoose: (chosen: Chosen) => void
  fault: string | undefined
}

/** What it takes as tape, the times that fit, and what to mind before they come. */
export function When({ plan, mind, offered, staff, today, chosen, onChoose, fault }: WhenProps) {
  const nameOf = (id: number) => staff.find((each) => each.id === id)?.name ?? ''
  if (!plan)
    return (
      <>
        <h2>It takes</h2>
        <p className="kv-quiet">A coat and a weight give the minutes.</p>
      </>
    )
  return (
    <>
      <h2>It takes</h2>
      <Takes plan={plan} />
      <h2>When</h2>
      {staff.length === 0 && <p className="kv-caution">Nobody works here yet: add yourself on House, then book.</p>}
      {staff.length > 0 && offered.length === 0 && (
        <p className="kv-quiet">No time in the next six weeks holds it. Choose another one, or book later.</p>
      )}
      <div role="radiogroup" aria-label="When" className={styles.times}>
        {offered.map(({ day, clock, staffId, why }, at) => (
          <Time
            key={`${day} ${clock} ${staffId}`}
            on={chosen.kind === 'offered' && chosen.at === at}
            onPress={() => onChoose({ kind: 'offered', at })}
            head={`${weekdayOf(day)} ${showDay(day)} ${clock}`}
            side={nameOf(staffId)}
            words={why}
          />
        ))}
        <Time
          on={chosen.kind === 'other'}
          onPress={() =>
            onChoose({
              kind: 'other',
              time: { day: offered[0]?.day ?? addDays(today, 7), clock: '09:00', staffId: groomerOf(staff) },
            })
          }
          head="Another time"
          side=""
          words="a day and an hour that they name"
        />
        <Time
          on={chosen.kind === 'later'}
          onPress={() => onChoose({ kind: 'later' })}
          head="Not yet"
          side=""
          words="take in the dog, book later"
        />
      </div>
      {chosen.kind === 'other' && <Other chosen={chosen} staff={staff} onChoose={onChoose} />}
      {fault && (
        <p role="alert" className="kv-late">
          {fault}
        </p>
      )}
      <Mind plan={plan} mind={mind} />
    </>
  )
}

const groomerOf = (staff: WhenProps['staff']) => (staff.find(({ role }) => role !== 'bather') ?? staff[0])?.id ?? 0

/** On a desk, and ferrule and pin of it, px. */
const FIRST_PX = 330
const EDGES_PX = 30

function Takes({ plan: { fit, stages } }: { plan: Plan }) {
  const slotMin = fit.shortestSlotMin
  const extentMin = Math.max(slotMin, fit.p90) + 4
  return (
    <>
      <AsWide first={FIRST_PX}>
        {(widthPx) => (
          <Tape
            label="What it takes"
            slotMin={slotMin}
            segments={byFamily(plannedSegments(stages))}
            pxPerMin={(widthPx - EDGES_PX) / extentMin}
            height={46}
            extentMin={extentMin}
            forecast={{ p50: fit.p50, p90: fit.p90 }}
            terse
          />
        )}
      </AsWide>
      <p>
        <b>{slotMin} min</b> hold it. A first visit is wide: {Math.round(fit.p50)} to {Math.round(fit.p90)} min.
      </p>
    </>
  )
}

interface TimeProps {
  on: boolean
  onPress: () => void
  head: string
  side: string
  words: string
}

const Time = ({ on, onPress, head, side, words }: TimeProps) => (
  <button type="button" role="radio" aria-checked={on} className={styles.time} onClick={onPress}>
    <b>{head}</b>
    <span className="kv-small">{side}</span>
    <span>{words}</span>
  </button>
)

function Other({
  chosen,
  staff,
  onChoose,
}: Pick<WhenProps, 'staff' | 'onChoose'> & { chosen: Extract<Chosen, { kind: 'other' }> }) {
  const [time, setTime] = useState(chosen.time)
  const set = (change: Partial<typeof time>) => {
    const next = { ...time, ...change }
    setTime(next)
    onChoose({ kind: 'other', time: next })
  }
  return (
    <div className={styles.other}>
      <input type="date" aria-label="Day" value={time.day} onChange={(event) => set({ day: event.target.value })} />
      <input
        type="time"
        aria-label="Time"
        value={time.clock}
        onChange={(event) => set({ clock: event.target.value })}
      />
      <select
        aria-label="Groomer"
        value={time.staffId}
        onChange={(event) => set({ staffId: Number(event.target.value) })}
      >
        {staff
          .filter(({ role }) => role !== 'bather')
          .map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
      </select>
    </div>
  )
}

const MOST_SAID = 4

function Mind({ plan, mind }: { plan: Plan; mind: Plan['cautions'] }) {
  const said = [...new Map(mind.map((each) => [each.id, each])).values()].slice(0, MOST_SAID)
  if (said.length + plan.refer.length + plan.consents.length === 0) return null
  return (
    <div className="kv-notice">
      <p className="kv-strong kv-caution">Mind before they come</p>
      {plan.refer.map(({ kind, why }) => (
        <p key={kind} className="kv-late">
          {why}
        </p>
      ))}
      {plan.consents.map((id) => (
        <p key={id}>To sign before the groom: {consentTitle(id).toLowerCase()}.</p>
      ))}
      {said.map(({ id, stage, why }) => (
        <p key={id}>
          {stageLabel(stage)}: {why}
        </p>
      ))}
    </div>
  )
}
