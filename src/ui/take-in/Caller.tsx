'use client'

import Link from 'next/link'
import { useEffect, useState } from 'react'
import type { Call } from '@/core/intake'
import { plain } from '@/core/find'
import type { Act } from '../house/acts'
import { TextField } from '../field/TextField'
import fields from '../field/field.module.css'
import styles from './takeIn.module.css'

export interface KnownCaller {
  householdId: number
  household: string
  place: string
  owner: string
  dogs: { id: number; name: string; facts: string; last: string | null }[]
  by: 'number' | 'name'
}

interface CallerProps {
  call: Call
  set: (change: Partial<Call>) => void
  /** The household of a second dog. */
  household: { household: string; place: string; owner: string } | null
  whoCalls: Act<KnownCaller[]>
  needsPlace: boolean
  faultOf: (...paths: string[]) => string | undefined
}

/** Who calls. A number or a dog that is known says so where it was typed. */
export function Caller({ call, set, household, whoCalls, needsPlace, faultOf }: CallerProps) {
  const [refused, setRefused] = useState<readonly number[]>([])
  const known = useKnown(call, whoCalls).filter(({ householdId }) => !refused.includes(householdId))
  const [taken, setTaken] = useState<KnownCaller | null>(null)
  const chosen = household ?? (call.householdId === null ? null : taken)
  if (chosen)
    return (
      <div className="kv-notice kv-teal">
        <p>
          <b className="kv-now">Household {chosen.household}</b>
          {chosen.place && `, ${chosen.place}`}. {chosen.owner} is called.
        </p>
        {!household && (
          <button type="button" className="kv-word" onClick={() => set({ householdId: null })}>
            Somebody else
          </button>
        )}
      </div>
    )
  return (
    <div className={styles.block}>
      <h2>Who calls</h2>
      <div className={fields.pair}>
        <TextField
          label="Number"
          type="tel"
          autoFocus
          value={call.phone}
          fault={faultOf('caller.phone')}
          onChange={(phone) => set({ phone })}
        />
        <TextField
          label="Name"
          value={call.caller}
          fault={faultOf('caller.name')}
          onChange={(caller) => set({ caller })}
        />
      </div>
      {known.map((each) => (
        <Known
          key={each.householdId}
          known={each}
          dog={call.dog}
          onSame={() => {
            setTaken(each)
            set({ householdId: each.householdId })
          }}
          onNo={() => setRefused([...refused, each.householdId])}
        />
      ))}
      {needsPlace && (
        <TextField
          label="Address, for the van"
          value={call.place}
          fault={faultOf('caller.place')}
          onChange={(place) => set({ place })}
        />
      )}
    </div>
  )
}

interface KnownProps {
  known: KnownCaller
  /** The dog's name as it is typed. */
  dog: string
  onSame: () => void
  onNo: () => void
}

function Known({ known: { household, place, dogs, by }, dog, onSame, onNo }: KnownProps) {
  const same = dogs.find(({ name }) => plain(name) === plain(dog))
  return (
    <div className="kv-notice kv-teal" role="status">
      <p>
        <b className="kv-now">
          {by === 'number' ? 'This number is known' : 'That may be known'}: household {household}
          {place && `, ${place}`}
        </b>
      </p>
      <p>
        {dogs.length === 0
          ? 'No dog lives there yet.'
          : dogs.map(({ name, facts, last }) => `${name}, ${facts}${last ? `, here on ${last}` : ''}`).join('; ')}
      </p>
      <p className={styles.ways}>
        {same && (
          <Link className="kv-word" href={`/dogs/${same.id}`}>
            That is {same.name}: open the file
          </Link>
        )}
        <button type="button" className="kv-word" onClick={onSame}>
          Same household
        </button>
        <button type="button" className="kv-word" onClick={onNo}>
          No
        </button>
      </p>
    </div>
  )
}

/** The hand rests this long before the house is asked, ms. */
const REST_MS = 250

/** Who that may be, asked as number and names are typed. */
function useKnown({ phone, caller, dog }: Call, whoCalls: Act<KnownCaller[]>): KnownCaller[] {
  const [known, setKnown] = useState<KnownCaller[]>([])
  useEffect(() => {
    let isLate = false
    const timer = setTimeout(() => {
      // Without an answer the call goes on: the dog is then taken in as a new one, and can be moved later.
      whoCalls({ phone, caller, dog }).then(
        (answer) => !isLate && setKnown(answer.ok ? answer.value : []),
        () => !isLate && setKnown([]),
      )
    }, REST_MS)
    return () => {
      isLate = true
      clearTimeout(timer)
    }
  }, [phone, caller, dog, whoCalls])
  return known
}
