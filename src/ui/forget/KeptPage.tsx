'use client'

import Link from 'next/link'
import { useState } from 'react'
import type { Act } from '../house/acts'
import { useKeep } from '../house/useKeep'
import styles from './kept.module.css'

export interface KeptView {
  house: string
  asOf: string
  person: { id: number; name: string; phone: string | null; email: string | null; calledFirst: boolean }
  agreed: readonly { to: string; answer: string }[]
  household: { id: number; name: string; address: string; notes: string; door: string | null }
  others: readonly string[]
  dogs: readonly {
    name: string
    breed: string
    weightKg: number
    bornOn: string | null
    vet: string
    medicine: string
    notes: string
  }[]
  bookings: readonly { dog: string; when: string; service: string; at: string }[]
  messages: readonly { when: string; way: string; words: string }[]
  signed: readonly { what: string; when: string; name: string; words: string }[]
  changes: readonly { when: string; by: string; what: string }[]
}

interface Forgotten {
  struck: number
  photos: number
  messages: number
  isLast: boolean
}

export interface ForgetActs {
  lookForget: Act<Forgotten>
  forgetPerson: Act<Forgotten>
}

/** All that is kept about a person, to read, to print, to hand over as a file, and to be struck out. */
export function KeptPage({ view, acts }: { view: KeptView; acts: ForgetActs }) {
  const { person, household, agreed, others, dogs, bookings, messages, signed, changes } = view
  return (
    <>
      <div className="kv-head">
        <h1>What is kept about {person.name}</h1>
        <p className="kv-quiet">
          {view.house}, as of {view.asOf}
        </p>
        <a className="kv-button kv-main" href={`/households/${household.id}/kept/${person.id}/file`} download>
          As a file
        </a>
        <button type="button" className="kv-button" onClick={() => print()}>
          Print
        </button>
        <Link className="kv-word" href={`/households/${household.id}`}>
          The household
        </Link>
      </div>
      <dl className={styles.facts}>
        <Fact name="Number">{person.phone}</Fact>
        <Fact name="Mail">{person.email}</Fact>
        {agreed.map(({ to, answer }) => (
          <Fact key={to} name={`Agreed to ${to}`}>
            {answer}
          </Fact>
        ))}
        <Fact name="Household">{[household.name, ...others].join(', ')}</Fact>
        <Fact name="Address">{[household.address, household.door].filter(Boolean).join('; ')}</Fact>
        <Fact name="Notes">{household.notes}</Fact>
      </dl>
      <Table
        name="Dogs"
        heads={['Dog', 'Breed', 'kg', 'Born', 'Notes']}
        rows={dogs.map((dog) => [
          dog.name,
          dog.breed,
          String(dog.weightKg),
          dog.bornOn ?? '',
          [dog.vet, dog.medicine, dog.notes].filter(Boolean).join('; '),
        ])}
      />
      <Table
        name="Signed"
        heads={['What', 'When', 'Name', 'Words']}
        rows={signed.map(({ what, when, name, words }) => [what, when, name, words])}
      />
      <Table
        name="Messages"
        heads={['When', 'By', 'Words']}
        rows={messages.map(({ when, way, words }) => [when, way, words])}
      />
      <Table
        name="Bookings"
        heads={['When', 'Dog', 'Service', 'At']}
        rows={bookings.map(({ when, dog, service, at }) => [when, dog, service, at])}
      />
      <Table
        name="Changes of the household"
        heads={['When', 'By', 'What']}
        rows={changes.map(({ when, by, what }) => [when, by, what])}
      />
      <p className="kv-small">
        Cards, minutes and what happened at the bench are kept about the dogs. Nothing of it is sent anywhere by Kovit.
      </p>
      <Forget view={view} acts={acts} />
    </>
  )
}

const Fact = ({ name, children }: { name: string; children: string | null }) => (
  <>
    <dt>{name}</dt>
    <dd>{children || <span className="kv-quiet">nothing</span>}</dd>
  </>
)

function Table({
  name,
  heads,
  rows,
}: {
  name: string
  heads: readonly string[]
  rows: readonly (readonly string[])[]
}) {
  return (
    <section aria-label={name} className={styles.section}>
      <h2>{name}</h2>
      {rows.length === 0 ? (
        <p className="kv-quiet">Nothing.</p>
      ) : (
        <table className="kv-stack">
          <thead>
            <tr>
              {heads.map((head) => (
                <th key={head} scope="col">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row, at) => (
              <tr key={at}>
                {row.map((cell, column) => (
                  <td key={column} data-label={heads[column]}>
                    {cell}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  )
}

/** Striking somebody out: first what would go, then one press. */
function Forget({ view, acts }: { view: KeptView; acts: ForgetActs }) {
  const { person, household } = view
  const [found, setFound] = useState<Forgotten | null>(null)
  const [isGone, setGone] = useState(false)
  const keep = useKeep()
  const asked = { householdId: household.id, ownerId: person.id }
  const look = async () => {
    const looked = await acts.lookForget(asked)
    if (looked.ok) setFound(looked.value)
  }
  if (isGone)
    return (
      <p className={styles.gone} role="status">
        {person.name} is struck out.
      </p>
    )
  return (
    <section aria-label="Strike out" className={styles.forget}>
      <h2>Strike {person.name} out</h2>
      {!found && (
        <button type="button" className="kv-button" onClick={() => void look()}>
          See what would go
        </button>
      )}
      {found && (
        <>
          <p>
            The name, the number and the mail go, and the name is struck out of {found.struck} rows: wishes, notes, what
            was signed (what and when stay), the trail.{' '}
            {found.isLast
              ? `Nobody else is in this household: its name, address and notes go, ${found.messages} messages and ${found.photos} pictures as well.`
              : 'The address, pictures and messages are the others’ too, and stay.'}{' '}
            Cards and minutes stay, about the dogs. It cannot be taken back. Backups that were made before still hold
            it, until the last of them is let go of; from the next one on it is in none.
          </p>
          <button
            type="button"
            className="kv-button kv-late"
            disabled={keep.busy}
            onClick={() => keep.send(acts.forgetPerson, asked, () => setGone(true))}
          >
            Strike {person.name} out for good
          </button>
        </>
      )}
      {keep.isFault && <p className="kv-late">{keep.saying}</p>}
    </section>
  )
}
