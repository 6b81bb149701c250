'use client'

import { Input, Select } from 'antd'
import { useState } from 'react'
import { STATION_KINDS, type StationKind } from '@/core/people'
import { Listed } from './Listed'
import styles from './house.module.css'

export interface StationHere {
  id: number
  name: string
  kind: StationKind
}

interface StationsProps {
  stations: readonly StationHere[]
  onAdd: (station: { name: string; kind: StationKind }) => void
  onRetire: (id: number, retired: boolean) => void
}

/** Where dogs are worked on: how many tables, tubs, dryers and cabinets there are. */
export function Stations({ stations, onAdd, onRetire }: StationsProps) {
  const [name, setName] = useState('')
  const [kind, setKind] = useState<StationKind>('table')
  const put = () => {
    onAdd({ name, kind })
    setName('')
  }
  return (
    <Listed
      right="house"
      title="Stations"
      empty="None yet. Name each table, tub, dryer and cabinet."
      items={stations}
      wordsOf={(each) => (
        <>
          <b>{each.name}</b>, {each.kind}
        </>
      )}
      onRetire={onRetire}
    >
      <div className={styles.own}>
        <Select<StationKind>
          aria-label="Kind of station"
          value={kind}
          options={STATION_KINDS.map((each) => ({ value: each, label: each }))}
          onChange={setKind}
        />
        <button className="kv-button" onClick={put} disabled={name.trim() === ''}>
          Add station
        </button>
        <Input
          aria-label="Name of the station"
          value={name}
          maxLength={60}
          placeholder="window table"
          onChange={(event) => setName(event.target.value)}
          onPressEnter={put}
        />
      </div>
    </Listed>
  )
}
