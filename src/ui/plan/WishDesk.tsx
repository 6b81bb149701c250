'use client'

import { Input, InputNumber, Select } from 'antd'
import { useState } from 'react'
import { BLADES, COMBS } from '@/core/lengths'
import { PATTERNS, patternInWords, patternLabel, type PatternId } from '@/core/patterns'
import type { Case, Plan } from '@/core/plan'
import type { Request } from '@/core/request'
import { mmFromInch, showDay, type LengthUnit } from '@/core/units'
import { ZONE_KEYS, zoneLabel, type ZoneId, type ZoneKey } from '@/core/zones'
import { showFigure, unitWord } from '../coat-map'
import styles from './plan.module.css'

interface WishProps {
  case_: Case
  plan: Plan
  unit: LengthUnit
  picked: ZoneId | null
  onPick: (zone: ZoneId | null) => void
  change: (next: Case) => string | null
}

const GROUP_LABELS: Partial<Record<ZoneKey, string>> = {
  all: 'All over',
  face: 'Face',
  head: 'Head',
  body: 'Body',
  legs: 'Legs',
  feet: 'Feet',
}
const keyLabel = (key: ZoneKey): string => GROUP_LABELS[key] ?? zoneLabel(key as ZoneId)

/** What the owner wants: a pattern, the last trim again, and wishes by zone; then what was taken from it. */
export function WishDesk({ case_, plan, unit, picked, onPick, change }: WishProps) {
  const { request } = case_
  const [fault, setFault] = useState<string | null>(null)
  const ask = (next: Partial<Request>) => setFault(change({ ...case_, request: { ...request, ...next } }))
  return (
    <section aria-label="What the owner wants" className={styles.wishes}>
      <h2>What the owner wants</h2>
      <div className={styles.chips}>
        {case_.last && (
          <button
            className="kv-chip"
            aria-pressed={request.sameAsLast === true}
            onClick={() => ask({ sameAsLast: !request.sameAsLast })}
          >
            Same as last time
          </button>
        )}
        <button
          className="kv-chip"
          aria-pressed={request.keep?.includes('ear-edge') === true}
          onClick={() => ask({ keep: toggle(request.keep ?? [], ['ear-out', 'ear-edge']) })}
        >
          Ears as they are
        </button>
        <button
          className="kv-chip"
          aria-pressed={request.keep?.includes('lashes') === true}
          onClick={() => ask({ keep: toggle(request.keep ?? [], ['lashes']) })}
        >
          Keep the lashes
        </button>
      </div>
      <label className={styles.field}>
        Pattern
        <Select<PatternId | undefined>
          value={request.pattern}
          allowClear
          placeholder="None: only what is asked"
          options={PATTERNS.map((id) => ({ value: id, label: patternLabel(id) }))}
          onChange={(pattern) => ask({ pattern })}
        />
      </label>
      {request.pattern && <p className="kv-small">{patternInWords(request.pattern)}</p>}
      <ZoneWish key={picked ?? 'none'} case_={case_} unit={unit} picked={picked} onPick={onPick} ask={ask} />
      {fault && (
        <p role="alert" className="kv-late">
          {fault}
        </p>
      )}
      <Asked request={request} unit={unit} ask={ask} />
      <label className={styles.field}>
        In the owner’s words
        <Input.TextArea
          maxLength={4000}
          autoSize={{ minRows: 2, maxRows: 4 }}
          defaultValue={request.words ?? ''}
          onBlur={(event) => event.target.value !== (request.words ?? '') && ask({ words: event.target.value })}
        />
      </label>
      {plan.unclear.length > 0 && (
        <div className="kv-notice">
          <p className="kv-strong kv-caution">Not taken into the card yet</p>
          <p>{plan.unclear.join('; ')}. Set these by zone above.</p>
        </div>
      )}
      {plan.growing.map(({ zone, wantedMm, presentMm, readyOn }) => (
        <div key={zone} className="kv-notice">
          <p className="kv-strong kv-caution">{zoneLabel(zone)}: not today</p>
          <p>
            It has {showFigure(presentMm, unit)} of the {showFigure(wantedMm, unit)} {unitWord(unit)} wanted.{' '}
            {readyOn ? `It will be long enough on ${showDay(readyOn)}.` : 'This coat never grows so long.'}
          </p>
        </div>
      ))}
    </section>
  )
}

const toggle = (keep: readonly ZoneKey[], zones: readonly ZoneKey[]): ZoneKey[] =>
  zones.every((zone) => keep.includes(zone))
    ? keep.filter((zone) => !zones.includes(zone))
    : [...new Set([...keep, ...zones])]

interface ZoneWishProps extends Pick<WishProps, 'case_' | 'unit' | 'picked' | 'onPick'> {
  ask: (next: Partial<Request>) => void
}

/** A wish for one zone or group: a length, or an exact tool. */
function ZoneWish({ case_, unit, picked, onPick, ask }: ZoneWishProps) {
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
  const tools = [
    ...COMBS.filter((comb) => kit?.combs.includes(comb) ?? true).map((comb) => ({
      value: `comb ${comb}`,
      label: `comb ${comb} on 30`,
    })),
    ...BLADES.filter((blade) => kit?.blades.includes(blade) ?? true).flatMap((blade) => [
      { value: `${blade} with`, label: `${blade} with` },
      { value: `${blade} against`, label: `${blade} against` },
    ]),
  ]
  const takeTool = (choice: string) => {
    const [first = '', second = ''] = choice.split(' ')
    const tool = first === 'comb' ? { comb: second, blade: '30' } : { blade: first, lay: second }
    ask({ tools: { ...request.tools, [key]: tool } as Request['tools'], lengthsMm: without(request.lengthsMm, key) })
  }
  return (
    <div className={styles.zoneWish}>
      <label className={styles.field}>
        Zone
        <Select<ZoneKey>
          showSearch
          optionFilterProp="label"
          value={key}
          options={ZONE_KEYS.map((each) => ({ value: each, label: keyLabel(each) }))}
          onChange={(next) => {
            setKey(next)
            onPick(GROUP_LABELS[next] ? null : (next as ZoneId))
          }}
        />
      </label>
      <label className={styles.field}>
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
      <label className={styles.field} style={{ gridColumn: '1 / 4' }}>
        or an exact tool
        <Select<string>
          value={null as unknown as string}
          placeholder="Choose a blade or comb"
          options={tools}
          onChange={takeTool}
        />
      </label>
    </div>
  )
}

function without<T>(
  byKey: Partial<Record<ZoneKey, T>> | undefined,
  key: ZoneKey,
): Partial<Record<ZoneKey, T>> | undefined {
  if (!byKey) return undefined
  return Object.fromEntries(Object.entries(byKey).filter(([each]) => each !== key)) as Partial<Record<ZoneKey, T>>
}

/** Wishes by zone as they stand, each with a way to take it back. */
function Asked({ request, unit, ask }: { request: Request; unit: LengthUnit; ask: (next: Partial<Request>) => void }) {
  const lengths = Object.entries(request.lengthsMm ?? {}) as [ZoneKey, number][]
  const tools = Object.entries(request.tools ?? {}) as [ZoneKey, { blade?: string; comb?: string; lay?: string }][]
  if (lengths.length + tools.length === 0) return null
  return (
    <table className="kv-rows">
      <caption className="kv-strong" style={{ textAlign: 'left', paddingBottom: 4 }}>
        Understood
      </caption>
      <tbody>
        {lengths.map(([key, mm]) => (
          <tr key={key}>
            <td>{keyLabel(key)}</td>
            <td className="kv-figure">
              {showFigure(mm, unit)} {unitWord(unit)}
            </td>
            <td style={{ width: 60, textAlign: 'right' }}>
              <button
                className="kv-word"
                aria-label={`Take back ${keyLabel(key)}`}
                onClick={() => ask({ lengthsMm: without(request.lengthsMm, key) })}
              >
                Drop
              </button>
            </td>
          </tr>
        ))}
        {tools.map(([key, { blade, comb, lay }]) => (
          <tr key={`tool${key}`}>
            <td>{keyLabel(key)}</td>
            <td className="kv-figure">{comb ? `comb ${comb}` : `${blade} ${lay ?? 'with'}`}</td>
            <td style={{ width: 60, textAlign: 'right' }}>
              <button
                className="kv-word"
                aria-label={`Take back the tool for ${keyLabel(key)}`}
                onClick={() => ask({ tools: without(request.tools, key) })}
              >
                Drop
              </button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
