'use client'

import { useState } from 'react'
import { BLOWER_DBA, allowedMin, noiseDose } from '@/core/care'
import { SKILLS, WEEKDAYS, type Work } from '@/core/people'
import styles from './house.module.css'

export interface PersonHere {
  id: number
  name: string
  role: string
  work: Work
  version: number
}

interface PeopleProps {
  staff: readonly PersonHere[]
  dryer: readonly { name: string; minutes: number }[]
  onWork: (person: PersonHere, work: Work) => void
}

const USUAL = { from: '09:00', to: '17:00' }

/** Who works here: what they do, when, and what the blower did to their ears today. */
export function People({ staff, dryer, onWork }: PeopleProps) {
  const [open, setOpen] = useState<number | null>(null)
  return (
    <section aria-label="People">
      <h2>People, and the dryer today</h2>
      {staff.map((person) => (
        <div key={person.id} className={styles.person}>
          <p>
            <b>{person.name}</b>, {person.role}{' '}
            <button
              className="kv-word"
              aria-expanded={open === person.id}
              onClick={() => setOpen(open === person.id ? null : person.id)}
            >
              {open === person.id ? 'Close' : 'Change'}
            </button>
            <Noise minutes={dryer.find(({ name }) => name === person.name)?.minutes ?? 0} />
          </p>
          <p className="kv-small">{inWords(person.work)}</p>
          {open === person.id && <WorkOf person={person} onWork={(work) => onWork(person, work)} />}
        </div>
      ))}
      <p className="kv-small">
        At {BLOWER_DBA} dB(A) an unprotected ear bears {Math.floor(allowedMin(BLOWER_DBA))} min a day (NIOSH 98-126).
        Measure your own blower; wear ear protection.
      </p>
    </section>
  )
}

/** `clip, scissor. Mon to Sun 08:30 to 20:00.` */
function inWords({ skills = [], hours }: Work): string {
  const does = skills.length > 0 ? `${skills.join(', ')}. ` : ''
  if (!hours) return `${does}Any time.`
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
    .join('; ')}.`
}

function WorkOf({ person, onWork }: { person: PersonHere; onWork: (work: Work) => void }) {
  const { skills = [], hours = {} } = person.work
  const toggled = (skill: (typeof SKILLS)[number]) =>
    skills.includes(skill) ? skills.filter((each) => each !== skill) : [...skills, skill]
  return (
    <div className={styles.work}>
      <div role="group" aria-label={`What ${person.name} does`}>
        {SKILLS.map((skill) => (
          <button
            key={skill}
            className="kv-chip"
            aria-pressed={skills.includes(skill)}
            onClick={() => onWork({ ...person.work, skills: toggled(skill) })}
          >
            {skill}
          </button>
        ))}
      </div>
      {WEEKDAYS.map((day) => {
        const on = hours[day]
        const { [day]: _, ...others } = hours
        const set = (change: Partial<typeof USUAL>) =>
          onWork({ ...person.work, hours: { ...hours, [day]: { ...(on ?? USUAL), ...change } } })
        return (
          <div key={day} className={styles.hours}>
            <button
              className="kv-chip"
              aria-pressed={on !== undefined}
              onClick={() => (on ? onWork({ ...person.work, hours: others }) : set({}))}
            >
              {day}
            </button>
            {on ? (
              <>
                <input
                  key={on.from}
                  type="time"
                  aria-label={`${person.name}, ${day} from`}
                  defaultValue={on.from}
                  onBlur={(event) => event.target.value !== on.from && set({ from: event.target.value })}
                />
                to
                <input
                  key={on.to}
                  type="time"
                  aria-label={`${person.name}, ${day} to`}
                  defaultValue={on.to}
                  onBlur={(event) => event.target.value !== on.to && set({ to: event.target.value })}
                />
              </>
            ) : (
              <span className="kv-quiet">free</span>
            )}
          </div>
        )
      })}
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
