'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import type { Problem } from '@/core/result'
import { DogPicture } from '../coat-map'
import { TextField } from '../field/TextField'
import { People, type PersonLine } from './People'
import { Together } from './Together'
import type { HouseholdActs, HouseholdView } from './view'
import styles from './household.module.css'
import { May, useWhoHere } from '../who/WhoHere'

type Shown = Pick<HouseholdView, 'name' | 'place' | 'notes'> & { spot: string; people: PersonLine[] }

const shownOf = ({ name, place, notes, spot, owners }: HouseholdView): Shown => ({
  name,
  place,
  notes,
  spot: spot ?? '',
  people: owners.map(({ call: _, ...person }) => person),
})

/** A household: who is called first, where it lives, its dogs and when they come. */
export function HouseholdDesk({ view, acts }: { view: HouseholdView; acts: HouseholdActs }) {
  const router = useRouter()
  // Only what is changed here is held: where somebody else kept something meanwhile, it lies over that.
  const [edits, setEdits] = useState<Partial<Shown>>({})
  const now = { ...shownOf(view), ...edits }
  const [faults, setFaults] = useState<readonly Problem[]>([])
  const [busy, start] = useTransition()
  const { may } = useWhoHere()
  const changed = Object.keys(edits).length > 0
  const set = (change: Partial<Shown>) => setEdits({ ...edits, ...change })
  const keep = () =>
    start(async () => {
      const people = now.people.map(({ id, name, phone, email, agreed }) => ({
        ...(id === undefined ? {} : { id }),
        name,
        phone: phone?.trim() || null,
        email: email?.trim() || null,
        agreed,
      }))
      const answer = await acts.saveHousehold({
        householdId: view.id,
        version: view.version,
        ...now,
        spot: now.spot.trim() || null,
        people,
      })
      setFaults(answer.ok ? [] : answer.problems)
      if (answer.ok) setEdits({})
      if (answer.ok || answer.problems.some(({ path }) => path === 'version')) router.refresh()
    })
  const faultOf = (path: string) => faults.find((each) => each.path === path)?.sentence
  const others = faults.filter(({ path }) => !/^(name|place|notes|spot|people\[\d+\]\.(name|phone|email))$/.test(path))
  return (
    <>
      <div className="kv-head">
        <h1>Household {view.name}</h1>
        <p className={changed ? 'kv-caution' : 'kv-quiet'} role="status">
          {changed ? 'Changed, not kept yet.' : view.place}
        </p>
        <May right="files">
          <button className="kv-button kv-main" onClick={keep} disabled={busy || !changed}>
            Keep
          </button>
        </May>
      </div>
      {others.length > 0 && (
        <p role="alert" className="kv-notice kv-must kv-late">
          {others.map(({ sentence }) => sentence).join(' ')}
        </p>
      )}
      <div className={styles.columns}>
        <fieldset aria-label="People and address" className={styles.side} disabled={!may('files')}>
          <People householdId={view.id} people={now.people} faultOf={faultOf} onChange={(people) => set({ people })} />
          <h2>The household</h2>
          <TextField label="Its name" value={now.name} fault={faultOf('name')} onChange={(name) => set({ name })} />
          <TextField
            label="Address, where the van goes"
            value={now.place}
            fault={faultOf('place')}
            onChange={(place) => set({ place })}
          />
          <TextField
            label="Where its door is on a map: latitude, longitude"
            value={now.spot}
            fault={faultOf('spot')}
            onChange={(spot) => set({ spot })}
          />
          <div className="kv-field">
            <label htmlFor="notes">Notes</label>
            <textarea
              id="notes"
              rows={3}
              maxLength={2000}
              value={now.notes}
              className={styles.notes}
              onChange={(event) => set({ notes: event.target.value })}
            />
          </div>
        </fieldset>
        <section aria-label="Dogs">
          <Dogs view={view} />
          <May right="files">
            <Together view={view} acts={acts} />
          </May>
          <Changes changes={view.changes} />
        </section>
      </div>
    </>
  )
}

function Dogs({ view: { id, dogs } }: { view: HouseholdView }) {
  return (
    <>
      <h2>Its dogs</h2>
      <ul className={styles.dogs}>
        {dogs.map(({ id: dogId, name, figure, coatMm, facts, visits, last, next, standing }) => (
          <li key={dogId}>
            <DogPicture label={`${name}, coat today`} dog={figure} coatMm={coatMm} width={190} height={130} />
            <div>
              <p>
                <Link className="kv-link" href={`/dogs/${dogId}`}>
                  <b>{name}</b>
                </Link>
                {standing && <span className="kv-quiet"> {standing}</span>}
              </p>
              <p className="kv-quiet">{facts}</p>
              <p className="kv-small">
                {visits === 0 ? 'not groomed here yet' : `${visits} visits, last ${last ?? ''}`}
              </p>
              {next && (
                <p>
                  <Link className="kv-link" href={`/bookings/${next.bookingId}/plan`}>
                    {next.words}
                  </Link>
                </p>
              )}
            </div>
          </li>
        ))}
      </ul>
      <May right="files">
        <Link className="kv-button" href={`/dogs/new?household=${id}`}>
          Another dog of theirs
        </Link>
      </May>
    </>
  )
}

const Changes = ({ changes }: Pick<HouseholdView, 'changes'>) =>
  changes.length === 0 ? null : (
    <details className={styles.changes}>
      <summary>What was changed</summary>
      <table className="kv-rows">
        <tbody>
          {changes.map(({ when, by, words }, at) => (
            <tr key={at}>
              <td>{when}</td>
              <td>{by}</td>
              <td>{words}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  )
