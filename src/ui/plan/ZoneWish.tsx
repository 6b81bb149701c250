'use client'

import { InputNumber, Select } from 'antd'
import { useState } from 'react'
import { choicesFor } from '@/core/card'
import { FULL_KIT } from '@/core/lengths'
import type { Case } from '@/core/plan'
import type { Request } from '@/core/request'
import { mmFromInch, type LengthUnit } from '@/core/units'
import { zonesOf, type ZoneId, type ZoneKey } from '@/core/zones'
import { showLength, unitWord } from '../coat-map'
import { KEY_OPTIONS, isOneZone, without } from './zoneKeys'
import styles from './plan.module.css'

interface ZoneWishProps {
  case_: Case
  unit: LengthUnit
  picked: ZoneId | null
  onPick: (zone: ZoneId | null) => void
  ask: (next: Partial<Request>) => void
}

/** A wish for one zone or group: a length, or an exact tool. */
export function ZoneWish({ case_, unit, picked, onPick, ask }: ZoneWishProps) {
  const [key, setKey] = useState<ZoneKey>(picked ?? 'all')
  const [length, setLength] = useState<number | null>(null)
  const { request, kit } = case_
  const wish = () => {
    if (length === null) return
    const lengthMm = unit === 'mm' ? length : mmFromInch(length)
    ask({
      lengthsMm: { ...request.lengthsMm, [key]: lengthMm },
      tools: without(request.tools, key),
      keep: request.keep?.filter((each) => each !== key),
    })
    setLength(null)
  }
  const choices = choicesFor(kit ?? FULL_KIT, zonesOf(key)).filter(
    ({ cut }) => cut.method === 'clip' || cut.lay === 'with',
  )
  const takeTool = (words: string) => {
    const cut = choices.find((each) => each.words === words)?.cut
    if (!cut || cut.blade === null) return
    const tool = cut.method === 'comb' ? { comb: cut.comb, blade: cut.blade } : { blade: cut.blade, lay: cut.lay }
    ask({ tools: { ...request.tools, [key]: tool }, lengthsMm: without(request.lengthsMm, key) })
  }
  return (
    <div className={styles.zoneWish}>
      <label className="kv-field">
        Zone
        <Select<ZoneKey>
          showSearch
          optionFilterProp="label"
          value={key}
          options={KEY_OPTIONS}
          onChange={(next) => {
            setKey(next)
            onPick(isOneZone(next) ? next : null)
          }}
        />
      </label>
      <label className="kv-field">
        Length
        <InputNumber
          min={0}
          max={unit === 'mm' ? 300 : 11.8}
          step={unit === 'mm' ? 1 : 0.125}
          value={length}
          onChange={setLength}
          onPressEnter={wish}
          suffix={unitWord(unit)}
          style={{ width: '100%' }}
        />
      </label>
      <button className="kv-button" onClick={wish} disabled={length === null}>
        Wish it
      </button>
      <label className="kv-field" style={{ gridColumn: '1 / 4' }}>
        or an exact tool
        <Select<string | null>
          showSearch
          value={null}
          placeholder="Choose a blade or comb"
          options={choices.map(({ words, cut }) => ({
            value: words,
            label: `${words}, ${showLength(cut.lengthMm, unit)}`,
          }))}
          onChange={(words) => words !== null && takeTool(words)}
        />
      </label>
    </div>
  )
}
