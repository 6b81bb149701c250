'use client'

import { useRouter } from 'next/navigation'
import { useCallback, useState, useTransition } from 'react'
import type { Call } from '@/core/intake'
import type { Problem } from '@/core/result'
import type { Act } from '../house/acts'
import { UndoRedo } from '../history/UndoRedo'
import { useTellKeys, type PageKey } from '../keys/pageKeys'
import { useKeyOnPage } from '../keys/useKeyDown'
import { Caller, type KnownCaller } from './Caller'
import { CalledFigure } from './CalledFigure'
import { Said } from './Said'
import { When, type Chosen } from './When'
import { useTakeIn, type TakeInView } from './useTakeIn'
import styles from './takeIn.module.css'

interface DeskProps {
  view: TakeInView
  takeIn: Act<{ dogId: number; householdId: number; booked: { bookingId: number } | null }>
  whoCalls: Act<KnownCaller[]>
}

const KEYS: readonly PageKey[] = [['Ctrl Enter', 'take the dog in']]

/** A new dog while its owner is on the telephone: what is said, the dog as it stands and is wanted, and what it takes. */
export function TakeInDesk({ view, takeIn, whoCalls }: DeskProps) {
  const router = useRouter()
  const { now, put, undo, redo, called, plan, mind, offered, keeping, forget } = useTakeIn(view)
  const [when, setWhen] = useState<Chosen>({ kind: 'offered', at: 0 })
  const [faults, setFaults] = useState<readonly Problem[]>([])
  const [busy, start] = useTransition()
  const set = useCallback((change: Partial<Call>) => put({ ...now, ...change }), [now, put])
  const missing = [...(callerMissing(now) ? ['who calls'] : []), ...called.missing]
  const chosen = when.kind === 'offered' ? (offered[when.at] ?? null) : when.kind === 'other' ? when.time : null
  const keep = () =>
    start(async () => {
      if (missing.length > 0 || !called.file) {
        setFaults([{ path: 'missing', sentence: `Ask for ${missing.join(' and ')} first.` }])
        return
      }
      const booking = chosen && {
        staffId: chosen.staffId,
        day: chosen.day,
        clock: chosen.clock,
        sameAsLast: false,
        tidy: false,
        request: called.request,
        coatNowMm: called.coatNowMm,
        mats: called.mats,
      }
      const answer = await takeIn({ callId: now.id ?? undefined, caller: callerOf(now), dog: called.file, booking })
      setFaults(answer.ok ? [] : answer.problems)
      if (!answer.ok) return
      await forget()
      const { dogId, booked } = answer.value
      router.push(booked ? `/bookings/${booked.bookingId}/plan` : `/dogs/${dogId}`)
    })
  useTellKeys(KEYS)
  useKeyOnPage((event) => {
    if (event.key !== 'Enter' || !(event.ctrlKey || event.metaKey)) return
    event.preventDefault()
    if (!busy) keep()
  })
  const faultOf = (...paths: string[]) => faults.find(({ path }) => paths.includes(path))?.sentence
  const atNoField = faults.filter(({ path }) => !FIELD_PATHS.includes(path))
  return (
    <>
      <div className="kv-head">
        <h1>A new dog on the telephone</h1>
        <p className="kv-quiet">
          {missing.length > 0 ? `Still to ask: ${missing.join(', ')}. ` : 'Enough is said to book and plan. '}
          Grey is usual for the breed.
        </p>
        <UndoRedo undo={undo} redo={redo} />
        <button className="kv-button kv-main" onClick={keep} disabled={busy}>
          {chosen ? 'Book and plan' : 'Take in'}
        </button>
      </div>
      {atNoField.length > 0 && (
        <p role="alert" className="kv-notice kv-must kv-late">
          {atNoField.map(({ sentence }) => sentence).join(' ')}
        </p>
      )}
      <div className={styles.columns}>
        <section aria-label="What is said" className={styles.said}>
          <Caller
            call={now}
            set={set}
            household={view.household}
            whoCalls={whoCalls}
            needsPlace={view.works !== 'salon'}
            faultOf={faultOf}
          />
          <Said call={now} set={set} called={called} plan={plan} faultOf={faultOf} />
        </section>
        <CalledFigure called={called} plan={plan} unit={view.unit} />
        <section aria-label="What it takes" className={styles.takes}>
          <When
            plan={plan}
            mind={mind}
            offered={offered}
            staff={view.staff}
            today={view.today}
            chosen={when}
            onChoose={setWhen}
            fault={faultOf('booking.day', 'booking.anyway', 'booking.staffId', 'booking.clock')}
          />
          <p className={styles.foot}>
            <span role="status" className={keeping === 'not kept' ? 'kv-late' : 'kv-small'}>
              {KEEPING[keeping]}
            </span>
            <span className="kv-small">Tab goes on, Ctrl-Enter books</span>
          </p>
        </section>
      </div>
    </>
  )
}

const KEEPING = {
  kept: 'Kept on this device as you type',
  keeping: 'Keeping…',
  'not kept': 'This browser keeps nothing: stay on the page until it is booked.',
}

const FIELD_PATHS = [
  'caller.phone',
  'caller.name',
  'caller.place',
  'dog.name',
  'dog.breed',
  'dog.weightKg',
  'dog.bornOn',
  'booking.day',
  'booking.anyway',
  'booking.staffId',
  'booking.clock',
  'booking.request.words',
]

const callerMissing = ({ householdId, caller, phone }: Call) =>
  householdId === null && (caller.trim() === '' || phone.trim() === '')

const callerOf = ({ householdId, caller, phone, place, agreed }: Call) =>
  householdId === null
    ? { kind: 'new', name: caller, phone: phone.trim() === '' ? null : phone, place, agreed }
    : { kind: 'known', householdId }
