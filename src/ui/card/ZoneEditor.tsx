'use client'

import { InputNumber, Select } from 'antd'
import { useState, type ReactNode } from 'react'
import { choicesFor, cutAt, type EntryChange } from '@/core/card'
import { byHand, toolWords, type Cut, type Kit } from '@/core/lengths'
import { EarsShape, FeetShape, JOINS, TailShape, type HandMethod } from '@/core/patterns'
import type { CardEntry } from '@/core/request'
import { mmFromInch, type LengthUnit } from '@/core/units'
import { SIDES, groupOf, isPaired, zoneLabel, type Side, type ZoneId } from '@/core/zones'
import { showFigure, showLength, unitWord } from '../coat-map'
import styles from './card.module.css'

interface ZoneEditorProps {
  picked: readonly ZoneId[]
  card: readonly CardEntry[]
  kit: Kit
  unit: LengthUnit
  side: Side | null
  onSide: (side: Side | null) => void
  presentMm: Partial<Record<ZoneId, number>>
  change: (change: EntryChange) => void
  /** Shown while nothing is picked. */
  children: ReactNode
}

const MOST_NAMES = 4
const HANDS: readonly [HandMethod | 'leave', string][] = [
  ['scissor', 'scissors'],
  ['thin', 'thinning shears'],
  ['strip', 'strip by hand'],
  ['band', 'band'],
  ['leave', 'leave'],
]

/** What is done at the zones that are picked: tool, lay, length, shape, join, on both sides or one. */
export function ZoneEditor({ picked, card, kit, unit, side, onSide, presentMm, change, children }: ZoneEditorProps) {
  const [length, setLength] = useState<number | null>(null)
  const first = entryAt(card, picked[0], side)
  if (first === undefined)
    return (
      <section className={styles.editor}>
        <h2>Pick a zone</h2>
        <p className="kv-quiet">
          On the map, in the table, or a whole group above. Several at once are changed together.
        </p>
        {children}
      </section>
    )
  const choices = choicesFor(kit, picked)
  const takeLength = () => {
    if (length === null) return
    const lengthMm = unit === 'mm' ? length : mmFromInch(length)
    const byTheHand = HANDS.find(([method]) => method === first.method && method !== 'leave')?.[0]
    change({ cut: byTheHand && byTheHand !== 'leave' ? byHand(byTheHand, lengthMm) : cutAt(kit, lengthMm) })
    setLength(null)
  }
  const names =
    picked.slice(0, MOST_NAMES).map(zoneLabel).join(', ') +
    (picked.length > MOST_NAMES ? ` and ${picked.length - MOST_NAMES} more` : '')
  const present = Math.min(...picked.map((zone) => presentMm[zone] ?? Infinity))
  return (
    <section className={styles.editor} aria-label="Change what is picked">
      <h2>{names}</h2>
      <p className="kv-quiet">
        {toolWords(first as Cut)}, {showFigure(first.lengthMm, unit)} {unitWord(unit)}
        {picked.length > 1 ? ' at the first' : ''}
      </p>
      {picked.some(isPaired) && (
        <div role="group" aria-label="Side" className={styles.picks}>
          {([null, ...SIDES] as const).map((each) => (
            <button key={each ?? 'both'} className="kv-chip" aria-pressed={side === each} onClick={() => onSide(each)}>
              {each ?? 'both sides'}
            </button>
          ))}
        </div>
      )}
      <label className="kv-field">
        Tool and lay
        <Select<string>
          showSearch
          value={toolWords(first as Cut)}
          options={[
            ...choices.map(({ words, cut }) => ({
              value: words,
              label: `${words}, ${showLength(cut.lengthMm, unit)}`,
            })),
            ...HANDS.map(([method, label]) => ({ value: `by hand ${method}`, label })),
          ]}
          onChange={(value) => takeTool(value, choices, first, change)}
        />
      </label>
      <div className={styles.pair}>
        <label className="kv-field">
          Length
          <InputNumber
            min={0}
            max={unit === 'mm' ? 300 : 11.8}
            step={unit === 'mm' ? 0.5 : 0.125}
            placeholder={showFigure(first.lengthMm, unit)}
            value={length}
            onChange={setLength}
            onPressEnter={takeLength}
            suffix={unitWord(unit)}
            style={{ width: '100%' }}
          />
        </label>
        <button className="kv-button" disabled={length === null} onClick={takeLength} style={{ alignSelf: 'end' }}>
          Set the length
        </button>
      </div>
      <label className="kv-field">
        Shape
        <Select<string>
          value={first.shape ?? 'none'}
          options={[
            { value: 'none', label: 'no shape' },
            ...shapesFor(picked, first.shape).map((shape) => ({ value: shape, label: shape })),
          ]}
          onChange={(shape) => change({ shape: shape === 'none' ? null : shape })}
        />
      </label>
      <div role="group" aria-label="Join to its neighbours" className={styles.picks}>
        {JOINS.map((join) => (
          <button key={join} className="kv-chip" aria-pressed={first.join === join} onClick={() => change({ join })}>
            {join}
          </button>
        ))}
      </div>
      {first.method !== 'leave' && first.lengthMm > present && (
        <p className="kv-notice kv-caution">
          There are {showFigure(present, unit)} {unitWord(unit)} today: it is left to grow until it is long enough.
        </p>
      )}
    </section>
  )
}

const entryAt = (card: readonly CardEntry[], zone: ZoneId | undefined, side: Side | null): CardEntry | undefined => {
  const entries = card.filter((entry) => entry.zone === zone)
  return entries.find((entry) => entry.side === side) ?? entries[0]
}

function takeTool(
  value: string,
  choices: ReturnType<typeof choicesFor>,
  first: CardEntry,
  change: (change: EntryChange) => void,
): void {
  const hand = HANDS.find(([method]) => value === `by hand ${method}`)?.[0]
  const cut = hand ? byHand(hand, first.lengthMm) : choices.find(({ words }) => words === value)?.cut
  if (cut) change({ cut })
}

const BODY_SHAPES = ['round', 'parallel', 'hem']
const LEG_SHAPES = ['column', 'flare', 'cuff']
const HEAD_SHAPES = ['round', 'dome', 'arch', 'V', 'beard', 'oval', 'tube', 'topknot']

/** Shapes that make sense at the first zone picked; one that is there already stays on offer. */
function shapesFor(picked: readonly ZoneId[], now: string | null): string[] {
  const zone = picked[0] ?? 'back'
  const group = groupOf(zone)
  const own = zone.startsWith('ear-')
    ? [...EarsShape.options, 'round']
    : group === 'tail'
      ? TailShape.options
      : group === 'feet'
        ? FeetShape.options
        : group === 'legs'
          ? LEG_SHAPES
          : group === 'body'
            ? BODY_SHAPES
            : HEAD_SHAPES
  return [...new Set([...(now === null ? [] : [now]), ...own])]
}
