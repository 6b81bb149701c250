'use client'

import { Select } from 'antd'
import { useState, useTransition } from 'react'
import type { useKeep } from '../house/useKeep'
import type { Appointment, BringInActs, BringInView } from './acts'
import styles from './bringIn.module.css'

interface AppointmentsProps {
  text: string
  file: string
  hands: BringInView['hands']
  acts: BringInActs
  keep: ReturnType<typeof useKeep>
  onDone: (words: string) => void
}

interface Looked {
  staffId: number
  listId: string
  rows: readonly Appointment[]
  left: number
}

/** Appointments out of a calendar file: whose they are, which dog each is, what speaks against it; then booked as a whole. */
export function Appointments({ text, file, hands, acts, keep, onDone }: AppointmentsProps) {
  const [staffId, setStaffId] = useState<number | null>(hands.length === 1 ? (hands[0]?.id ?? null) : null)
  const [looked, setLooked] = useState<Looked | null>(null)
  const [fault, setFault] = useState<string | null>(null)
  const [busy, start] = useTransition()
  const look = () =>
    start(async () => {
      const answer = await acts.lookAppointments({ staffId, text }).catch(() => null)
      if (answer?.ok && staffId !== null) setLooked({ staffId, listId: crypto.randomUUID(), ...answer.value })
      setFault(
        answer === null
          ? 'The house does not answer. Nothing was booked; try again when it does.'
          : answer.ok
            ? null
            : answer.problems.map(({ sentence }) => sentence).join(' '),
      )
    })
  return (
    <section aria-label="Appointments" className={styles.section}>
      <fieldset className={styles.homes}>
        <legend>Who grooms them?</legend>
        {hands.map(({ id, name }) => (
          <button
            key={id}
            type="button"
            className="kv-chip"
            aria-pressed={id === staffId}
            onClick={() => {
              setStaffId(id)
              setLooked(null)
            }}
          >
            {name}
          </button>
        ))}
      </fieldset>
      {looked === null && (
        <button type="button" className="kv-button kv-main" disabled={staffId === null || busy} onClick={look}>
          {busy ? 'Reading…' : 'Read the calendar'}
        </button>
      )}
      {fault && <p className="kv-late">{fault}</p>}
      {looked && <Chosen looked={looked} file={file} acts={acts} keep={keep} onDone={onDone} />}
    </section>
  )
}

type ChosenProps = Pick<AppointmentsProps, 'file' | 'acts' | 'keep' | 'onDone'> & { looked: Looked }

function Chosen({ looked: { staffId, listId, rows, left }, file, acts, keep, onDone }: ChosenProps) {
  const [dogs, setDogs] = useState(() =>
    rows.map((row) => (row.dogs.length === 1 ? (row.dogs[0]?.dogId ?? null) : null)),
  )
  const [wanted, setWanted] = useState(() => rows.map(({ against }) => against.length === 0))
  const chosen = rows.flatMap(({ startMs, slotMin }, at) => {
    const dogId = dogs[at]
    return dogId && wanted[at] ? [{ dogId, startMs, slotMin }] : []
  })
  const put = <Value,>(list: readonly Value[], at: number, value: Value) => list.with(at, value)
  return (
    <>
      <p className="kv-quiet">
        {rows.length} to come
        {left > 0 && `; ${left} are past, free, cancelled, beyond a year or without a time, and stay behind`}. The slot
        is as long as the calendar has it; each repeats the dog’s last card.
      </p>
      <table className="kv-rows kv-stack">
        <thead>
          <tr>
            <th scope="col">Book</th>
            <th scope="col">When</th>
            <th scope="col">In the calendar</th>
            <th scope="col">Dog</th>
            <th scope="col">Against it</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row, at) => (
            <tr key={`${row.startMs} ${row.summary}`}>
              <td data-label="Book">
                <input
                  type="checkbox"
                  className={styles.tick}
                  aria-label={`Book ${row.summary}, ${row.when}`}
                  checked={Boolean(dogs[at] && wanted[at])}
                  disabled={!dogs[at]}
                  onChange={({ target }) => setWanted(put(wanted, at, target.checked))}
                />
              </td>
              <td data-label="When">{row.when}</td>
              <td data-label="In the calendar">{row.summary}</td>
              <td data-label="Dog">
                <WhichOne row={row} chosen={dogs[at] ?? null} choose={(dogId) => setDogs(put(dogs, at, dogId))} />
              </td>
              <td data-label="Against it">{againstWords(row)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p>
        <button
          type="button"
          className="kv-button kv-main"
          disabled={chosen.length === 0 || keep.busy}
          onClick={() =>
            keep.send(acts.bringAppointments, { listId, file, staffId, rows: chosen }, () =>
              onDone(`${file} is brought in: ${chosen.length} appointments.`),
            )
          }
        >
          Book {chosen.length} {chosen.length === 1 ? 'appointment' : 'appointments'}
        </button>
      </p>
    </>
  )
}

function againstWords({ against, dogs, slotMin, planMin }: Appointment): string {
  const short = planMin !== null && planMin > slotMin ? [`Its plan asks for ${planMin} min, not ${slotMin}.`] : []
  const words = [...against, ...short].join(' ')
  return words === '' && dogs.length === 1 ? 'Nothing is against it.' : words
}

interface WhichOneProps {
  row: Appointment
  chosen: number | null
  choose: (dogId: number) => void
}

function WhichOne({ row: { dogs, summary }, chosen, choose }: WhichOneProps) {
  const [one] = dogs
  if (!one) return <span className="kv-quiet">no dog of this name</span>
  if (dogs.length === 1)
    return (
      <>
        {one.name}, {one.household}
      </>
    )
  return (
    <Select
      aria-label={`Which dog: ${summary}`}
      value={chosen}
      placeholder={`which of ${dogs.length}?`}
      options={dogs.map(({ dogId, name, household }) => ({ value: dogId, label: `${name}, ${household}` }))}
      onChange={choose}
      style={{ minWidth: 180 }}
    />
  )
}
