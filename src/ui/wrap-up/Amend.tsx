'use client'

import { Input, Select } from 'antd'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { cutIn, type Cut, type Kit } from '@/core/lengths'
import type { Case } from '@/core/plan'
import type { LengthUnit } from '@/core/units'
import type { ZoneOutcome } from '@/core/visit'
import { isPaired, zoneLabel, type Side, type ZoneId } from '@/core/zones'
import { amend } from './amend'
import { CutPicker } from '../cut/CutPicker'
import styles from './wrapUp.module.css'

export interface AmendProps {
  visitId: number
  results: readonly ZoneOutcome[]
  known: Case
  kit: Kit
  unit: LengthUnit
  /** Who says so. */
  by: string
  amended: readonly { zone: ZoneId; side: Side | null; why: string; by: string; when: string }[]
}

/** After the close: what was really cut somewhere is put right, with why; it makes a new version of the card as cut. */
export function Amend({ visitId, results, known, kit, unit, by, amended }: AmendProps) {
  const router = useRouter()
  const [zone, setZone] = useState<ZoneId | null>(null)
  const [side, setSide] = useState<Side | null>(null)
  const [cut, setCut] = useState<Cut | null>(null)
  const [why, setWhy] = useState('')
  const [said, setSaid] = useState<string | null>(null)
  const [busy, start] = useTransition()
  const open = (next: ZoneId) => {
    const entry = results.find((each) => each.zone === next)?.cut[0]
    setZone(next)
    setSide(null)
    setCut(entry ? cutIn(entry) : null)
  }
  const keep = () =>
    start(async () => {
      if (!zone || !cut) return
      const refused = await amend(visitId, { zone, side: isPaired(zone) ? side : null, ...cut }, why, by)
      setSaid(refused ?? `Kept: the card as cut has a new version.`)
      if (refused !== null) return
      setZone(null)
      setWhy('')
      router.refresh()
    })
  return (
    <section aria-label="Put a cut right" className={styles.amend}>
      <h2>Something was cut otherwise?</h2>
      <p className="kv-small">The visit is closed. What is put right here makes a new version of the card as cut.</p>
      {amended.map((each) => (
        <p key={`${each.when} ${each.zone}`}>
          <b>
            {zoneLabel(each.zone)}
            {each.side ? `, ${each.side}` : ''}
          </b>
          : {each.why} <span className="kv-small">{`${each.by}, ${each.when}`}</span>
        </p>
      ))}
      <Select<ZoneId>
        aria-label="Zone to put right"
        value={zone}
        placeholder="Which zone?"
        showSearch={{ optionFilterProp: 'label' }}
        options={results.map((each) => ({ value: each.zone, label: zoneLabel(each.zone) }))}
        onChange={open}
      />
      {zone && cut && (
        <>
          <CutPicker {...{ zone, side, cut, kit, known, unit }} onCut={setCut} onSide={setSide} />
          <label className="kv-field">
            Why
            <Input
              value={why}
              maxLength={200}
              placeholder="read off the photo"
              onChange={(event) => setWhy(event.target.value)}
            />
          </label>
          <button className="kv-button" disabled={busy || why.trim() === ''} onClick={keep}>
            Keep as a new version
          </button>
        </>
      )}
      {said && <p role="status">{said}</p>}
    </section>
  )
}
