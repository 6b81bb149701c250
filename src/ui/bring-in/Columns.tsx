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

const COAT_WAYS = {
  [ASKED]: 'leave the row out',
  ...(Object.fromEntries(COATS.map((id) => [id, `take it for ${id}`])) as Record<CoatId, string>),
}

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
        <Way
          label="Days are written"
          value={order ?? ASKED}
          options={{ dmy: 'day, month, year', mdy: 'month, day, year', [ASKED]: 'so that nobody can tell' }}
          onChange={(next) => setOrder(next === ASKED ? null : next)}
        />
        <Way
          label="Weights without a unit"
          value={isPounds ? 'lb' : 'kg'}
          options={{ kg: 'kilograms', lb: 'pounds' }}
          onChange={(next) => setPounds(next === 'lb')}
        />
        <Way
          label="Where nothing tells the coat"
          value={coat ?? ASKED}
          options={COAT_WAYS}
          onChange={(next) => setCoat(next === ASKED ? null : next)}
        />
        <Way
          label="What cannot be read"
          value={noteFaults ? 'note' : 'leave'}
          options={{ note: 'goes along as a note', leave: 'stays behind' }}
          onChange={(next) => setNoteFaults(next === 'note')}
        />
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

interface WayProps<Id extends string> {
  label: string
  value: Id
  options: Record<Id, string>
  onChange: (next: Id) => void
}

/** How something is written in the list, or what becomes of it. */
const Way = <Id extends string>({ label, value, options, onChange }: WayProps<Id>) => (
  <label className="kv-field">
    {label}
    <Select<Id>
      value={value}
      options={(Object.keys(options) as Id[]).map((id) => ({ value: id, label: options[id] }))}
      onChange={onChange}
    />
  </label>
)
