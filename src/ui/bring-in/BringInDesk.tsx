'use client'

import { useId, useState } from 'react'
import { readDogToGo, type DogToGo } from '@/core/dog-to-go'
import type { Problem, Result } from '@/core/result'
import { useKeep } from '../house/useKeep'
import { Appointments } from './Appointments'
import { Columns } from './Columns'
import { Decide } from './Decide'
import { TakeOver } from './TakeOver'
import { Faults } from './Faults'
import type { BringInActs, BringInView } from './acts'
import { useList } from './useList'
import styles from './bringIn.module.css'

const MOST_FAULTS = 6

/** Owners and dogs out of somebody's own list: opened, its columns named, looked at, and then brought in as a whole. */
export function BringInDesk({ view, acts }: { view: BringInView; acts: BringInActs }) {
  const list = useList()
  const keep = useKeep()
  const [file, setFile] = useState('')
  const [said, setSaid] = useState('')
  const [calendar, setCalendar] = useState<string | null>(null)
  const [over, setOver] = useState<Result<DogToGo> | null>(null)
  const input = useId()
  const take = (chosen: File | undefined) => {
    if (!chosen) return
    setFile(chosen.name)
    setSaid('')
    setOver(null)
    setCalendar(null)
    list.stop()
    if (/\.json$/i.test(chosen.name)) void chosen.text().then((text) => setOver(readDogToGo(text)))
    else if (/\.ics$/i.test(chosen.name)) void chosen.text().then(setCalendar)
    else void list.open(chosen)
  }
  const done = (words: string) => {
    list.stop()
    setCalendar(null)
    setSaid(words)
  }
  return (
    <>
      <div className="kv-head">
        <h1>Bring a list in</h1>
        <p className="kv-quiet">
          Owners and dogs from a spreadsheet saved as CSV, contacts as vCard, appointments as iCalendar, or one dog’s
          file from another Kovit.
        </p>
        <span className={keep.isFault ? 'kv-late' : 'kv-small'} role="status">
          {keep.saying}
        </span>
      </div>
      <div
        className={styles.drop}
        onDragOver={(event) => event.preventDefault()}
        onDrop={(event) => {
          event.preventDefault()
          take(event.dataTransfer.files[0])
        }}
      >
        <label htmlFor={input} className="kv-button">
          {list.opened || calendar !== null || over !== null ? 'Another file' : 'Choose the file'}
        </label>
        <input
          id={input}
          type="file"
          accept=".csv,.tsv,.txt,.vcf,.ics,.json,text/csv,text/vcard,text/calendar,application/json"
          className={styles.file}
          onChange={({ target }) => {
            take(target.files?.[0])
            target.value = ''
          }}
        />
        <span className="kv-quiet">
          {list.opened
            ? `${file}: ${list.opened.count} rows, ${list.opened.how}`
            : calendar !== null || over !== null
              ? file
              : 'or drop it here. Nothing is kept before you say so.'}
        </span>
      </div>
      {list.fault && <p className="kv-late">{list.fault}</p>}
      {calendar !== null && (
        <Appointments key={file} text={calendar} file={file} hands={view.hands} acts={acts} keep={keep} onDone={done} />
      )}
      {over && !over.ok && <FileFault problems={over.problems} />}
      {over?.ok && <TakeOver key={over.value.id} file={over.value} acts={acts} keep={keep} />}
      {said && (
        <p className={styles.done} role="status">
          {said}
        </p>
      )}
      {list.opened && (
        <Columns
          key={file}
          opened={list.opened}
          today={view.today}
          onRead={list.readAll}
          share={list.share}
          onStop={list.stop}
        />
      )}
      {list.read && (
        <>
          <Faults faults={list.read.faults} rows={list.read.rows.length} />
          <Decide rows={list.read.rows} file={file} acts={acts} keep={keep} onDone={done} />
        </>
      )}
      <Lists view={view} acts={acts} keep={keep} onDone={setSaid} />
    </>
  )
}

const FileFault = ({ problems }: { problems: readonly Problem[] }) => (
  <div role="alert" className="kv-late">
    {problems.slice(0, MOST_FAULTS).map(({ path, sentence }) => (
      <p key={path}>
        {path}: {sentence}
      </p>
    ))}
  </div>
)

/** Lists that were brought in, each to be taken back in one press. */
function Lists({
  view,
  acts,
  keep,
  onDone,
}: {
  view: BringInView
  acts: BringInActs
  keep: ReturnType<typeof useKeep>
  onDone: (words: string) => void
}) {
  if (view.lists.length === 0) return null
  return (
    <section aria-label="Brought in" className={styles.section}>
      <h2>Brought in before</h2>
      <ul className={styles.lists}>
        {view.lists.map(({ id, file, by, when, dogs, people, bookings, takenBack }) => (
          <li key={id}>
            <span>
              <b>{file}</b>
              <br />
              <span className="kv-small">
                {when}, by {by}: {bookings > 0 ? `${bookings} appointments` : `${dogs} dogs, ${people} people`}
              </span>
            </span>
            {takenBack ? (
              <span className="kv-quiet">taken back {takenBack}</span>
            ) : (
              <button
                type="button"
                className="kv-word kv-late"
                onClick={() =>
                  keep.send(acts.takeBackList, { listId: id }, () =>
                    onDone(`What ${file} brought in is taken back; dogs that somebody has worked with since stay.`),
                  )
                }
              >
                Take back
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
