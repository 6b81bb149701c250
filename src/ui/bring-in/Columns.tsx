'use client'

import { Select } from 'antd'
import { useState } from 'react'
import { FIELDS, FIELD_IDS, JOINED, type DateOrder, type Field, type Reading } from '@/core/bring-in'
import { COATS, type CoatId } from '@/core/coat'
import { usePhone } from '../screen/usePhone'
import type { Opened } from './listWorker'
import styles from './bringIn.module.css'

interface ColumnsProps {
  opened: Opened
  today: string
  /** How far the reading is; null while nothing is read. */
  share: number | null
  onRead: (reading: Omit<Reading, 'heads'>) => void
  onStop: () => void
}

const NOT_TAKEN = 'none'
const ASKED = 'asked'

/** What each column is, shown on the first rows; how days and weights are written. */
export function Columns({ opened, today, share, onRead, onStop }: ColumnsProps) {
  const { heads, first } = opened
  const isPhone = usePhone()
  const [fields, setFields] = useState(opened.fields)
  const [order, setOrder] = useState<DateOrder | null>(opened.order)
  const [isPounds, setPounds] = useState(() => opened.heads.some((head) => /\blbs?\b/i.test(head)))
  const [coat, setCoat] = useState<CoatId | null>(null)
  const [noteFaults, setNoteFaults] = useState(true)
  const put = (at: number, field: Field | null) =>
    setFields(
      fields.map((each, column) =>
        column === at ? field : each === field && field !== null && !JOINED.includes(field) ? null : each,
      ),
    )
  const choice = (at: number) => (
    <Select<Field | typeof NOT_TAKEN>
      aria-label={`What ${heads[at] || `column ${at + 1}`} is`}
      value={fields[at] ?? NOT_TAKEN}
      options={[
        { value: NOT_TAKEN, label: 'is not taken' },
        ...FIELD_IDS.map((id) => ({ value: id, label: FIELDS[id] })),
      ]}
      popupMatchSelectWidth={false}
      onChange={(next) => put(at, next === NOT_TAKEN ? null : next)}
    />
  )
  return (
    <section aria-label="Columns" className={styles.section}>
      <h2>What the columns are</h2>
      {isPhone ? (
        <ul className={styles.lists}>
          {heads.map((head, at) => (
            <li key={at}>
              <span>
                <b>{head || `column ${at + 1}`}</b>
                <br />
                <span className="kv-small">
                  {first
                    .flatMap((row) => row[at] || [])
                    .slice(0, 3)
                    .join(', ')}
                </span>
              </span>
              {choice(at)}
            </li>
          ))}
        </ul>
      ) : (
        <div className={styles.wide}>
          <table className={`kv-stack ${styles.columns}`}>
            <thead>
              <tr>
                {heads.map((head, at) => (
                  <th key={at} scope="col">
                    <span className="kv-small">{head || `column ${at + 1}`}</span>
                    {choice(at)}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {first.map((row, line) => (
                <tr key={line}>
                  {heads.map((head, at) => (
                    <td key={at} data-label={head} className={fields[at] ? undefined : styles.not}>
                      {row[at] ?? ''}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      <div className={styles.ways}>
        <label className="kv-field">
          Days are written
          <Select<DateOrder | typeof ASKED>
            value={order ?? ASKED}
            options={[
              { value: 'dmy', label: 'day, month, year' },
              { value: 'mdy', label: 'month, day, year' },
              { value: ASKED, label: 'so that nobody can tell' },
            ]}
            onChange={(next) => setOrder(next === ASKED ? null : next)}
          />
        </label>
        <label className="kv-field">
          Weights without a unit
          <Select
            value={isPounds ? 'lb' : 'kg'}
            options={[
              { value: 'kg', label: 'kilograms' },
              { value: 'lb', label: 'pounds' },
            ]}
            onChange={(next) => setPounds(next === 'lb')}
          />
        </label>
        <label className="kv-field">
          Where nothing tells the coat
          <Select<CoatId | typeof ASKED>
            value={coat ?? ASKED}
            options={[
              { value: ASKED, label: 'leave the row out' },
              ...COATS.map((id) => ({ value: id, label: `take it for ${id}` })),
            ]}
            onChange={(next) => setCoat(next === ASKED ? null : next)}
          />
        </label>
        <label className="kv-field">
          What cannot be read
          <Select
            value={noteFaults ? 'note' : 'leave'}
            options={[
              { value: 'note', label: 'goes along as a note' },
              { value: 'leave', label: 'stays behind' },
            ]}
            onChange={(next) => setNoteFaults(next === 'note')}
          />
        </label>
      </div>
      {share === null ? (
        <button
          type="button"
          className="kv-button kv-main"
          onClick={() => onRead({ fields, order, isPounds, coat, noteFaults, today })}
        >
          Read all {opened.count} rows
        </button>
      ) : (
        <p role="status">
          Read {Math.round(share * 100)} %.{' '}
          <button type="button" className="kv-word" onClick={onStop}>
            Stop
          </button>
        </p>
      )}
    </section>
  )
}
