import Link from 'next/link'
import { AGREEMENTS, numberToCall, type Agreed, type AgreementId } from '@/core/household'
import { TextField } from '../field/TextField'
import { May } from '../who/WhoHere'
import fields from '../field/field.module.css'
import styles from './household.module.css'

export interface PersonLine {
  id?: number
  name: string
  phone: string | null
  email: string | null
  agreed: Agreed
}

interface PeopleProps {
  householdId: number
  people: readonly PersonLine[]
  faultOf: (path: string) => string | undefined
  onChange: (people: PersonLine[]) => void
}

const NEW: PersonLine = { name: '', phone: null, email: null, agreed: {} }

/** The people of a household, who is called first at the top; a number is tapped to call. */
export function People({ householdId, people, faultOf, onChange }: PeopleProps) {
  const change = (at: number, changed: Partial<PersonLine>) =>
    onChange(people.map((each, index) => (index === at ? { ...each, ...changed } : each)))
  const first = (at: number) => onChange([...people.slice(at, at + 1), ...people.filter((_, index) => index !== at)])
  return (
    <>
      <h2>Who is called</h2>
      {people.map((person, at) => (
        <div key={person.id ?? `new ${at}`} className={styles.person}>
          <div className={fields.pair}>
            <TextField
              label={at === 0 ? 'Called first' : 'Name'}
              value={person.name}
              fault={faultOf(`people[${at}].name`)}
              onChange={(name) => change(at, { name })}
            />
            <TextField
              label="Number"
              type="tel"
              value={person.phone ?? ''}
              fault={faultOf(`people[${at}].phone`)}
              onChange={(phone) => change(at, { phone: phone || null })}
            />
          </div>
          <TextField
            label="Mail"
            value={person.email ?? ''}
            fault={faultOf(`people[${at}].email`)}
            onChange={(email) => change(at, { email: email || null })}
          />
          <div className={styles.acts}>
            {person.phone && (
              <a className="kv-link" href={`tel:${numberToCall(person.phone)}`}>
                Call {person.name || 'this number'}
              </a>
            )}
            {at > 0 && (
              <button type="button" className="kv-word" onClick={() => first(at)}>
                Call first
              </button>
            )}
            {person.id !== undefined && (
              <May right="kept">
                <Link className="kv-word" href={`/households/${householdId}/kept/${person.id}`}>
                  What is kept
                </Link>
              </May>
            )}
            {people.length > 1 && (
              <button
                type="button"
                className="kv-word"
                onClick={() => onChange(people.filter((_, index) => index !== at))}
              >
                Take out
              </button>
            )}
            <Agreements name={person.name} agreed={person.agreed} onChange={(agreed) => change(at, { agreed })} />
          </div>
        </div>
      ))}
      <button type="button" className="kv-button" onClick={() => onChange([...people, NEW])}>
        Another person
      </button>
    </>
  )
}

interface AgreementsProps {
  name: string
  agreed: Agreed
  onChange: (agreed: Agreed) => void
}

/** What a person agreed to; not asked yet is neither yes nor no. */
const Agreements = ({ name, agreed, onChange }: AgreementsProps) => (
  <span role="group" aria-label={`What ${name || 'this person'} agreed to`} className={styles.chips}>
    {(Object.keys(AGREEMENTS) as AgreementId[]).map((id) => (
      <button
        key={id}
        type="button"
        className="kv-chip"
        aria-pressed={agreed[id] === true}
        onClick={() => onChange({ ...agreed, [id]: agreed[id] !== true })}
      >
        {AGREEMENTS[id]}: {agreed[id] === undefined ? 'not asked' : agreed[id] ? 'yes' : 'no'}
      </button>
    ))}
  </span>
)
