'use client'

import { useRouter } from 'next/navigation'
import { useMemo, useState, useTransition } from 'react'
import { slotPromise, whyMinutes, type Case } from '@/core/plan'
import type { Result } from '@/core/result'
import { plannedSegments } from '@/core/strip'
import type { LengthUnit } from '@/core/units'
import { zoneLabel, zonesOf, type ZoneId, type ZoneKey } from '@/core/zones'
import Link from 'next/link'
import { AsWide } from '../screen/AsWide'
import { FamilyKey, Tape } from '../tape'
import { offBooked } from '@/core/book'
import { houseClock } from '@/core/clock'
import { UndoRedo } from '../history/UndoRedo'
import { BalanceAdvice } from './BalanceAdvice'
import { CardTable } from './CardTable'
import { LookOver } from './LookOver'
import { PlanMap } from './PlanMap'
import { PlanSide } from './PlanSide'
import { StageOrder } from './StageOrder'
import { usePlan, type KeepWishes } from './usePlan'
import { WishDesk, type OwnPattern } from './WishDesk'
import styles from './plan.module.css'
import { May } from '../who/WhoHere'

/** The plan of a booking as it can be changed. */
export interface PlanView {
  bookingId: number
  dogId: number
  /** The version of the booking that this screen has seen. */
  version: number
  start: Case
  unit: LengthUnit
  facts: string
  startMs: number
  timeZone: string
  ownPatterns: readonly OwnPattern[]
  houseKey: string
  /** What the owner said before the last visit; empty when nothing was. */
  lastWords: string
}

interface PlanActs {
  keep: KeepWishes
  begin: (bookingId: unknown) => Promise<Result<{ visitId: number }>>
  remark: (input: unknown) => Promise<Result<unknown>>
}

/** On a desk, and ferrule and pin of it, px. */
const FIRST_PX = 1224
const EDGES_PX = 30

function noNetwork(error: unknown): null {
  if (error instanceof TypeError) return null
  throw error
}

/** Wishes on the left, the trim in the middle, what to mind on the right, the slot as a tape below. */
export function PlanDesk({ view, acts }: { view: PlanView; acts: PlanActs }) {
  const { bookingId, unit, facts, startMs, timeZone, ownPatterns } = view
  const router = useRouter()
  const { now, plan, presentMm, keeping, change, undo, redo, flush, stray } = usePlan(view, acts.keep)
  const [picked, setPicked] = useState<ZoneId | null>(null)
  const [lit, setLit] = useState<readonly ZoneKey[]>([])
  const shown = useMemo(
    () =>
      new Set([
        ...(picked === null ? [] : [picked]),
        ...lit.filter((key) => key !== 'all').flatMap((key) => zonesOf(key)),
      ]),
    [picked, lit],
  )
  const [fault, setFault] = useState<string | null>(null)
  const [busy, startTransition] = useTransition()
  const time = houseClock(timeZone)
  const { fit } = plan
  const longest = Math.max(fit.slotMin, fit.p90)
  const unexplained = plan.breaks.some(({ strength }) => strength === 'must') && !now.orderWhy?.trim()
  const toBench = () =>
    startTransition(async () => {
      if (unexplained) return setFault('This order breaks a must. Put it right, or say below why it is done anyway.')
      const flushed = await flush()
      if (flushed.state === 'refused') return setFault(flushed.why)
      // Off its time the bench asks first whose slot this is; nothing has begun until the first tap there.
      if (offBooked(startMs, Date.now()) !== null) return router.push(`/bookings/${bookingId}/bench`)
      const answer = await acts.begin(bookingId).catch(noNetwork)
      // The bench of the booking is on this device, and begins with the first tap.
      if (answer === null) router.push(`/bookings/${bookingId}/bench`)
      else if (answer.ok) router.push(`/visits/${answer.value.visitId}/bench`)
      else setFault(answer.problems.map(({ sentence }) => sentence).join(' '))
    })
  return (
    <>
      <div className="kv-head">
        <h1>Plan for {now.dog.name}</h1>
        <p className="kv-quiet">{facts}</p>
        <span className="kv-small" role="status">
          {keeping.state === 'kept' ? 'All kept' : keeping.state === 'keeping' ? 'Keeping…' : keeping.why}
        </span>
        <UndoRedo undo={undo} redo={redo} />
        <Link className="kv-button" href={`/bookings/${bookingId}/card`}>
          Print the card
        </Link>
        <May right="bench">
          <button className="kv-button kv-main" onClick={toBench} disabled={busy}>
            Start on the bench
          </button>
        </May>
      </div>
      {stray && (
        <section className="kv-notice" aria-label="Typed here and not kept">
          <p>
            <b className="kv-caution">Changes of this device were not kept</b>, and another screen has changed this plan
            since{stray.words && `. Here it said: “${stray.words}”`}.
          </p>
          <button className="kv-button" onClick={stray.take}>
            Take what was typed here
          </button>{' '}
          <button className="kv-button" onClick={stray.letGo}>
            Let it go
          </button>
        </section>
      )}
      {fault && (
        <p role="alert" className="kv-late">
          {fault}
        </p>
      )}
      <div className={styles.columns}>
        <WishDesk
          case_={now}
          plan={plan}
          unit={unit}
          ownPatterns={ownPatterns}
          picked={picked}
          onPick={setPicked}
          change={change}
          lastWords={view.lastWords}
          keepRemark={(said) => acts.remark({ dogId: view.dogId, ...said })}
          onLit={setLit}
        />
        <section aria-label="The trim">
          <PlanMap case_={now} plan={plan} presentMm={presentMm} unit={unit} picked={shown} onPick={setPicked} />
          <div className={styles.under}>
            <LookOver case_={now} unit={unit} presentMm={presentMm} change={change} />
            <BalanceAdvice
              case_={now}
              plan={plan}
              presentMm={presentMm}
              unit={unit}
              onTake={(advice) =>
                setFault(
                  change({
                    ...now,
                    request: { ...now.request, lengthsMm: { ...now.request.lengthsMm, ...lengthsOf(advice) } },
                  }),
                )
              }
            />
          </div>
        </section>
        <PlanSide
          plan={plan}
          promised={slotPromise(now).chance}
          why={whyMinutes(now, plan)}
          endClock={time.clock(startMs + fit.slotMin * 60_000)}
        />
      </div>
      <section aria-label="The slot" className={styles.slot}>
        <AsWide first={FIRST_PX}>
          {(widthPx) => (
            <Tape
              label={`${now.dog.name}, planned`}
              slotMin={fit.slotMin}
              segments={plannedSegments(plan.stages)}
              pxPerMin={(widthPx - EDGES_PX) / longest}
              height={74}
              extentMin={longest}
              forecast={{ p50: fit.p50, p90: fit.p90 }}
              figure={(min) => time.clock(startMs + min * 60_000)}
              offsetMin={time.minuteOfHour(startMs)}
            />
          )}
        </AsWide>
        <FamilyKey />
      </section>
      <div className={styles.tables}>
        <CardTable plan={plan} unit={unit} hadLast={now.last !== undefined} picked={picked} onPick={setPicked} />
        <StageOrder
          case_={now}
          plan={plan}
          change={(next) => {
            const refused = change(next)
            setFault(refused)
            return refused
          }}
        />
      </div>
      <p className="kv-hidden" role="status">
        {picked ? `${zoneLabel(picked)} picked` : ''}
      </p>
    </>
  )
}

const lengthsOf = (advice: readonly { zone: ZoneId; toMm: number }[]) =>
  Object.fromEntries(advice.map(({ zone, toMm }) => [zone, toMm]))
