'use client'

import { InputNumber, Select } from 'antd'
import { useState } from 'react'
import { MAT_WORDS } from '@/core/coat'
import type { Case } from '@/core/plan'
import { mmFromInch, type LengthUnit } from '@/core/units'
import { isPaired, type ZoneId, type ZoneKey } from '@/core/zones'
import { showFigure, unitWord } from '../coat-map'
import { KEY_OPTIONS, isOneZone, keyLabel, without } from './zoneKeys'
import styles from './plan.module.css'

interface LookOverProps {
  case_: Case
  unit: LengthUnit
  presentMm: ReadonlyMap<ZoneId, number>
  change: (next: Case) => string | null
}

/** What the hand finds today: coat by zone, left and right apart where they differ, and mats. */
export function LookOver({ case_, unit, presentMm, change }: LookOverProps) {
  const [key, setKey] = useState<ZoneKey>('back')
  const [left, setLeft] = useState<number | null>(null)
  const [right, setRight] = useState<number | null>(null)
  const [fault, setFault] = useState<string | null>(null)
  const paired = isOneZone(key) && isPaired(key)
  const toMm = (figure: number) => (unit === 'mm' ? figure : mmFromInch(figure))
  const keep = () => {
    if (left === null) return
    const other = paired ? right : null
    const sides =
      other === null || other === left
        ? without(case_.coatSidesMm, key)
        : { ...case_.coatSidesMm, [key]: { left: toMm(left), right: toMm(other) } }
    const coatNowMm = { ...case_.coatNowMm, [key]: toMm(Math.min(left, other ?? left)) }
    setFault(change({ ...case_, coatNowMm, coatSidesMm: sides as Case['coatSidesMm'] }))
    setLeft(null)
    setRight(null)
  }
  const grade = case_.mats?.[key] ?? 0
  const matted = (next: number) =>
    setFault(change({ ...case_, mats: next === 0 ? without(case_.mats, key) : { ...case_.mats, [key]: next } }))
  const measure = (value: number | null, put: (next: number | null) => void, label: string) => (
    <label className="kv-field">
      {label}
      <InputNumber
        min={0}
        max={unit === 'mm' ? 300 : 11.8}
        value={value}
        onChange={put}
        onPressEnter={keep}
        suffix={unitWord(unit)}
        style={{ width: '100%' }}
      />
    </label>
  )
  return (
    <section aria-label="Coat today">
      <h2>Coat today</h2>
      <div className={styles.lookOver}>
        <label className="kv-field">
          Measured at
          <Select<ZoneKey> showSearch optionFilterProp="label" value={key} options={KEY_OPTIONS} onChange={setKey} />
        </label>
        {measure(left, setLeft, paired ? 'Left' : 'Coat')}
        {paired && measure(right, setRight, 'Right')}
        <label className="kv-field">
          Mats
          <Select<number>
            value={grade}
            options={MAT_WORDS.map((words, value) => ({
              value,
              label: value === 0 ? 'no mats' : `${value}, ${words}`,
            }))}
            onChange={matted}
          />
        </label>
        <button className="kv-button" onClick={keep} disabled={left === null}>
          Keep the measure
        </button>
      </div>
      {isOneZone(key) && (
        <p className="kv-small">
          Reckoned at the {keyLabel(key).toLowerCase()}: {showFigure(presentMm.get(key) ?? 0, unit)} {unitWord(unit)}.
        </p>
      )}
      <Found case_={case_} unit={unit} />
      {fault && (
        <p role="alert" className="kv-late">
          {fault}
        </p>
      )}
    </section>
  )
}

/** What was measured and graded so far, in one line. */
function Found({ case_, unit }: Pick<LookOverProps, 'case_' | 'unit'>) {
  const coat = (Object.entries(case_.coatNowMm) as [ZoneKey, number][]).map(([key, mm]) => {
    const sides = isOneZone(key) ? case_.coatSidesMm?.[key] : undefined
    return `${keyLabel(key)} ${sides ? `left ${showFigure(sides.left, unit)}, right ${showFigure(sides.right, unit)}` : showFigure(mm, unit)}`
  })
  const mats = (Object.entries(case_.mats ?? {}) as [ZoneKey, number][]).map(
    ([key, grade]) => `${keyLabel(key)} mats ${grade}`,
  )
  const all = [...coat, ...mats]
  return (
    <p className="kv-quiet">
      {all.length === 0 ? 'Nothing measured yet: the coat is reckoned from the last card.' : `${all.join('; ')}.`}
    </p>
  )
}
