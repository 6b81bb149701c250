'use client'

import { DatePicker, Input } from 'antd'
import dayjs from 'dayjs'
import { useState } from 'react'
import { USUAL_HOURS, type Closed, type Opening } from '@/core/people'
import { showDay } from '@/core/units'
import { WeekHours } from './WeekHours'
import styles from './house.module.css'

/** When the house is open: the days of the week, and the dates on which nobody works. */
export function OpeningForm({ opening, onChange }: { opening: Opening; onChange: (opening: Opening) => void }) {
  const { days, closed = [] } = opening
  return (
    <section aria-label="Opening">
      <h2>Open</h2>
      {!days && <p className="kv-quiet">Any day, until you press the first one.</p>}
      <WeekHours
        of="The house"
        hours={days ?? {}}
        usual={USUAL_HOURS}
        none={days ? 'closed' : ''}
        onChange={(next) => onChange({ ...opening, days: next })}
      />
      <h2 className={styles.sub}>Closed on these dates</h2>
      {closed.map((each, at) => (
        <p key={`${each.from} ${at}`}>
          {each.from === each.to ? showDay(each.from) : `${showDay(each.from)} to ${showDay(each.to)}`}
          {each.why && `, ${each.why}`}{' '}
          <button
            type="button"
            className="kv-word"
            onClick={() => onChange({ ...opening, closed: closed.filter((other) => other !== each) })}
          >
            Open again
          </button>
        </p>
      ))}
      <AddClosed onAdd={(each) => onChange({ ...opening, closed: [...closed, each].sort(byStart) })} />
    </section>
  )
}

const byStart = (a: Closed, b: Closed) => a.from.localeCompare(b.from)

function AddClosed({ onAdd }: { onAdd: (closed: Closed) => void }) {
  const [range, setRange] = useState<[string, string] | null>(null)
  const [why, setWhy] = useState('')
  const put = () => {
    if (range === null) return
    onAdd({ from: range[0], to: range[1], why: why.trim() })
    setRange(null)
    setWhy('')
  }
  return (
    <div className={styles.own}>
      <DatePicker.RangePicker
        aria-label="Closed from and to"
        format="D MMM YYYY"
        value={range === null ? null : [dayjs(range[0]), dayjs(range[1])]}
        onChange={(days) => {
          const [from, to] = days ?? []
          setRange(from && to ? [from.format('YYYY-MM-DD'), to.format('YYYY-MM-DD')] : null)
        }}
      />
      <button type="button" className="kv-button" disabled={range === null} onClick={put}>
        Add these days
      </button>
      <Input
        aria-label="Why it is closed"
        value={why}
        maxLength={80}
        placeholder="summer holiday"
        onChange={(event) => setWhy(event.target.value)}
        onPressEnter={put}
      />
    </div>
  )
}
