'use client'

import { Input, Select } from 'antd'
import { useMemo, useState, useSyncExternalStore, type ReactNode } from 'react'
import { WORKS, type HouseFacts, type Works } from '@/core/house'
import { combedLengthMm } from '@/core/lengths'
import { showLength } from '@/core/units'
import styles from './house.module.css'

interface FormProps {
  facts: HouseFacts | null
  /** The word on the button that keeps it. */
  word: string
  faults?: Partial<Record<string, string>>
  onKeep: (facts: HouseFacts) => void
  /** What is asked besides, before it is kept. */
  children?: ReactNode
}

const never = () => () => {}
const EMPTY: HouseFacts = { name: '', place: '', timeZone: '', unit: 'mm', works: 'salon' }
const UNITS = { mm: 'Millimetres', inch: 'Inches' } as const

/** What the house is called, where it is, and how it measures; the time zone is the browser's until it is changed. */
export function HouseForm({ facts, word, faults = {}, onKeep, children }: FormProps) {
  const [said, setSaid] = useState(facts ?? EMPTY)
  // The server does not know where the groomer is: the browser is asked, and only once the page lives there.
  const inBrowser = useSyncExternalStore(
    never,
    () => true,
    () => false,
  )
  const zones = useMemo(() => (inBrowser ? Intl.supportedValuesOf('timeZone') : []), [inBrowser])
  const here = inBrowser ? Intl.DateTimeFormat().resolvedOptions().timeZone : ''
  const now = { ...said, timeZone: said.timeZone || here }
  const set = (change: Partial<HouseFacts>) => setSaid({ ...now, ...change })
  return (
    <form
      className={styles.form}
      onSubmit={(event) => {
        event.preventDefault()
        onKeep(now)
      }}
    >
      <Field label="Name of the house" fault={faults.name}>
        <Input
          autoFocus={facts === null}
          value={now.name}
          maxLength={200}
          placeholder="what stands on the door or the van"
          onChange={(event) => set({ name: event.target.value })}
        />
      </Field>
      <Field label="Place" fault={faults.place}>
        <Input
          value={now.place}
          maxLength={200}
          placeholder="town, street"
          onChange={(event) => set({ place: event.target.value })}
        />
      </Field>
      <Field label="Time zone" fault={faults.timeZone}>
        <Select<string>
          aria-label="Time zone"
          showSearch
          value={now.timeZone || null}
          options={zones.map((zone) => ({ value: zone, label: zone.replaceAll('_', ' ') }))}
          onChange={(timeZone) => set({ timeZone })}
        />
      </Field>
      <Chips label="Lengths in" options={UNITS} chosen={now.unit} onChoose={(unit) => set({ unit })} />
      <Chips<Works> label="It is" options={WORKS} chosen={now.works} onChoose={(works) => set({ works })} />
      <p className="kv-small">Comb 2 over a 30 leaves {showLength(combedLengthMm('2', '30'), now.unit)}.</p>
      {children}
      <button className={facts === null ? 'kv-button kv-main' : 'kv-button'} type="submit">
        {word}
      </button>
    </form>
  )
}

function Field({ label, fault, children }: { label: string; fault: string | undefined; children: ReactNode }) {
  return (
    <label className="kv-field">
      {label}
      {children}
      {fault && <span className="kv-late">{fault}</span>}
    </label>
  )
}

interface ChipsProps<T extends string> {
  label: string
  options: Record<T, string>
  chosen: T
  onChoose: (choice: T) => void
}

const Chips = <T extends string>({ label, options, chosen, onChoose }: ChipsProps<T>) => (
  <div className="kv-field" role="group" aria-label={label}>
    {label}
    <span className={styles.chips}>
      {(Object.keys(options) as T[]).map((id) => (
        <button key={id} type="button" className="kv-chip" aria-pressed={id === chosen} onClick={() => onChoose(id)}>
          {options[id]}
        </button>
      ))}
    </span>
  </div>
)
