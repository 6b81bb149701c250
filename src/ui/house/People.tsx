'use client'

import { Input } from 'antd'
import { useState } from 'react'
import { BLOWER_DBA, allowedMin, noiseDose } from '@/core/care'
import { ROLES, SKILLS, USUAL_HOURS, WEEKDAYS, type Hours, type Role, type Work } from '@/core/people'
import { showDay } from '@/core/units'
import { May } from '../who/WhoHere'
import type { PersonHere } from './acts'
import { PersonWays, type Ways } from './PersonWays'
import { HoursRow, WeekHours } from './WeekHours'
import styles from './house.module.css'

interface PeopleProps {
  staff: readonly PersonHere[]
  dryer: readonly { name: string; minutes: number }[]
  onAdd: (person: { name: string; role: Role; work: Work }) => void
  onChange: (person: PersonHere, change: PersonChanged) => void
  onLeave: (id: number, left: boolean) => void
  /** How people come to a PIN and a passphrase; left out while the house is set up. */
  ways?: Ways
}

interface PersonChanged {
  name?: string
  role?: Role
  work?: Work
  owner?: boolean
}

/** Who works here: what they do, when, and what the blower did to their ears today. Who left can come back. */
export function People({ staff: everybody, dryer, onAdd, onChange, onLeave, ways }: PeopleProps) {
  const [open, setOpen] = useState<number | null>(null)
  const staff = everybody.filter(({ leftOn }) => leftOn === null)
  const left = everybody.filter(({ leftOn }) => leftOn !== null)
  return (
    <section aria-label="People">
      <h2>People, and the dryer today</h2>
      {staff.map((person) => (
        <div key={person.id} className={styles.person}>
          <p>
            <b>{person.name}</b>, {person.role}
            {person.owner && ', owner of the house'}
            {ways?.locked.includes(person.id) && <b className="kv-late">, PIN locked</b>}{' '}
            <May right="people">
              <button
                className="kv-word"
                aria-expanded={open === person.id}
                onClick={() => setOpen(open === person.id ? null : person.id)}
              >
                {open === person.id ? 'Close' : 'Change'}
              </button>
            </May>
            <Noise minutes={dryer.find(({ name }) => name === person.name)?.minutes ?? 0} />
          </p>
          <p className="kv-small">{inWords(person.work)}</p>
          {open === person.id && (
            <PersonForm
              person={person}
              onChange={(change) => onChange(person, change)}
              onLeave={() => onLeave(person.id, true)}
              ways={ways}
            />
          )}
        </div>
      ))}
      {left.map(({ id, name, leftOn }) => (
        <p key={id} className="kv-quiet">
          {name} left{leftOn && ` on ${showDay(leftOn)}`}; what was done stays theirs.{' '}
          <May right="people">
            <button type="button" className="kv-word" onClick={() => onLeave(id, false)}>
              Back again
            </button>
          </May>
        </p>
      ))}
      <May right="people">
        <AddPerson onAdd={onAdd} />
      </May>
      <p className="kv-small">
        At {BLOWER_DBA} dB(A) an unprotected ear bears {Math.floor(allowedMin(BLOWER_DBA))} min a day (NIOSH 98-126).
        Measure your own blower; wear ear protection.
      </p>
    </section>
  )
}

/** `clip, scissor. Mon to Sun 08:30 to 20:00.` */
function inWords({ skills = [], hours, rest }: Work): string {
  const does = skills.length > 0 ? `${skills.join(', ')}. ` : ''
  const breaks = rest ? ` Break ${rest.from} to ${rest.to}.` : ''
  if (!hours) return `${does}Any time.${breaks}`
  const days = WEEKDAYS.flatMap((day) => (hours[day] ? [{ day, words: `${hours[day].from} to ${hours[day].to}` }] : []))
  const alike = [...new Set(days.map(({ words }) => words))]
  return `${does}${alike
    .map(
      (words) =>
        `${days
          .filter((each) => each.words === words)
          .map(({ day }) => day)
          .join(' ')} ${words}`,
    )
    .join('; ')}.${breaks}`
}

/** Where somebody has a break and nobody said when. Source: common practice. */
const USUAL_REST: Hours = { from: '12:30', to: '13:00' }

function withRest({ rest: _, ...work }: Work, rest: Hours | undefined): Work {
  return rest ? { ...work, rest } : work
}

interface PersonFormProps {
  person: PersonHere
  onChange: (change: PersonChanged) => void
  onLeave: () => void
  ways: PeopleProps['ways']
}

function PersonForm({ person, onChange, onLeave, ways }: PersonFormProps) {
  const { skills = [], hours = {} } = person.work
  const toggled = (skill: (typeof SKILLS)[number]) =>
    skills.includes(skill) ? skills.filter((each) => each !== skill) : [...skills, skill]
  return (
    <div className={styles.work}>
      <label className="kv-field">
        Name
        <Input
          defaultValue={person.name}
          maxLength={60}
          onBlur={(event) => event.target.value !== person.name && onChange({ name: event.target.value })}
          onPressEnter={(event) => event.currentTarget.blur()}
        />
      </label>
      <RoleChips name={person.name} role={person.role} onChoose={(role) => onChange({ role })} />
      <div role="group" aria-label={`What ${person.name} does`}>
        {SKILLS.map((skill) => (
          <button
            key={skill}
            type="button"
            className="kv-chip"
            aria-pressed={skills.includes(skill)}
            onClick={() => onChange({ work: { ...person.work, skills: toggled(skill) } })}
          >
            {skill}
          </button>
        ))}
      </div>
      <WeekHours
        of={person.name}
        hours={hours}
        usual={USUAL_HOURS}
        none="free"
        onChange={(next) => onChange({ work: { ...person.work, hours: next } })}
      />
      <HoursRow
        of={person.name}
        label="Break"
        on={person.work.rest}
        usual={USUAL_REST}
        none="none at a set time"
        onChange={(rest) => onChange({ work: withRest(person.work, rest) })}
      />
      {ways && <PersonWays person={person} ways={ways} onOwner={(owner) => onChange({ owner })} />}
      <button type="button" className="kv-word kv-late" onClick={onLeave}>
        {person.name} works here no more
      </button>
    </div>
  )
}

const RoleChips = ({ name, role, onChoose }: { name: string; role: string; onChoose: (role: Role) => void }) => (
  <div role="group" aria-label={`What ${name} is`}>
    {ROLES.map((each) => (
      <button key={each} type="button" className="kv-chip" aria-pressed={each === role} onClick={() => onChoose(each)}>
        {each}
      </button>
    ))}
  </div>
)

function AddPerson({ onAdd }: Pick<PeopleProps, 'onAdd'>) {
  const [name, setName] = useState('')
  const [role, setRole] = useState<Role>('groomer')
  const put = () => {
    if (name.trim() === '') return
    onAdd({ name, role, work: {} })
    setName('')
  }
  return (
    <div className={styles.add}>
      <Input
        aria-label="Name of who is new"
        value={name}
        maxLength={60}
        placeholder="who is new here"
        onChange={(event) => setName(event.target.value)}
        onPressEnter={put}
      />
      <RoleChips name="the new one" role={role} onChoose={setRole} />
      <button type="button" className="kv-button" onClick={put} disabled={name.trim() === ''}>
        Add person
      </button>
    </div>
  )
}

function Noise({ minutes }: { minutes: number }) {
  const dose = noiseDose(minutes)
  return (
    <span className={`${styles.noise} ${dose > 1 ? 'kv-late' : dose > 0.5 ? 'kv-caution' : ''}`}>
      {Math.round(minutes)} min{minutes > 0 ? `, ${Math.round(dose * 100)} % of the day’s noise` : ' at the blower'}
    </span>
  )
}
