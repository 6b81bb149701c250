'use client'

import { Select } from 'antd'
import { useState } from 'react'
import { PATTERNS, SEASONS, patternInWords, patternLabel, type PatternId, type Season } from '@/core/patterns'
import type { Case, Plan } from '@/core/plan'
import type { CardEntry, Request } from '@/core/request'
import type { LengthUnit } from '@/core/units'
import type { ZoneId, ZoneKey } from '@/core/zones'
import { OwnerWords } from '../words/OwnerWords'
import type { KeepRemark } from '../words/Remarks'
import { Asked } from './Asked'
import { NotToday } from './NotToday'
import type { Change } from './usePlan'
import { ZoneWish } from './ZoneWish'
import styles from './plan.module.css'

/** A pattern of the house's own, as the plan offers it. */
export interface OwnPattern {
  name: string
  words: string
  card: CardEntry[]
}

interface WishProps {
  case_: Case
  plan: Plan
  unit: LengthUnit
  ownPatterns: readonly OwnPattern[]
  picked: ZoneId | null
  onPick: (zone: ZoneId | null) => void
  change: (next: Change, stroke?: string) => string | null
  lastWords: string
  keepRemark: KeepRemark
  /** Zones that the words under the caret are about. */
  onLit: (zones: readonly ZoneKey[]) => void
}

/** What the owner wants: a pattern, the last trim again, words, and wishes by zone; then what was taken from it. */
export function WishDesk(props: WishProps) {
  const { case_, plan, unit, ownPatterns, picked, onPick, change, lastWords, keepRemark, onLit } = props
  const { request } = case_
  const [fault, setFault] = useState<string | null>(null)
  const ask = (next: Partial<Request>, stroke?: string) =>
    setFault(change({ ...case_, request: { ...request, ...next } }, stroke))
  const keeps = (zones: readonly ZoneKey[]) => zones.every((zone) => request.keep?.includes(zone))
  const chip = (label: string, pressed: boolean, next: Partial<Request>) => (
    <button className="kv-chip" aria-pressed={pressed} onClick={() => ask(next)}>
      {label}
    </button>
  )
  return (
    <section aria-label="What the owner wants" className={styles.wishes}>
      <h2>What the owner wants</h2>
      <div className={styles.chips}>
        {(case_.last ?? case_.saved) &&
          chip('Same as last time', request.sameAsLast === true, { sameAsLast: !request.sameAsLast })}{' '}
        {chip('Ears as they are', keeps(EARS), { keep: toggle(request.keep ?? [], EARS) })}
        {chip('Keep the lashes', keeps(['lashes']), { keep: toggle(request.keep ?? [], ['lashes']) })}
        {chip('For a show', request.purpose === 'show', { purpose: request.purpose === 'show' ? 'pet' : 'show' })}
      </div>
      <OwnerWords
        case_={case_}
        plan={plan}
        unit={unit}
        lastWords={lastWords}
        ask={ask}
        change={change}
        keepRemark={keepRemark}
        onLit={onLit}
      />
      <NotToday
        growing={plan.growing}
        unit={unit}
        onLetGo={(zone) => ask({ letGo: [...(request.letGo ?? []), zone], lengthsMm: lengthsBut(request, zone) })}
      />
      <PatternChoice request={request} ownPatterns={ownPatterns} ask={ask} />
      <ZoneWish key={picked ?? 'none'} case_={case_} unit={unit} picked={picked} onPick={onPick} ask={ask} />
      {fault && (
        <p role="alert" className="kv-late">
          {fault}
        </p>
      )}
      <Asked request={request} unit={unit} ask={ask} />
    </section>
  )
}

const EARS: readonly ZoneKey[] = ['ear-out', 'ear-edge']

const toggle = (keep: readonly ZoneKey[], zones: readonly ZoneKey[]): ZoneKey[] =>
  zones.every((zone) => keep.includes(zone))
    ? keep.filter((zone) => !zones.includes(zone))
    : [...new Set([...keep, ...zones])]

const lengthsBut = ({ lengthsMm }: Request, zone: ZoneId): Request['lengthsMm'] =>
  Object.fromEntries(Object.entries(lengthsMm ?? {}).filter(([key]) => key !== zone))

const OWN = 'own:'

/** The library's patterns and the house's own, and the season. */
function PatternChoice({
  request,
  ownPatterns,
  ask,
}: {
  request: Request
  ownPatterns: readonly OwnPattern[]
  ask: (next: Partial<Request>) => void
}) {
  const own = request.ownPattern
  const choose = (value: string | undefined) => {
    const chosen = ownPatterns.find(({ name }) => value === OWN + name)
    if (chosen) return ask({ ownPattern: { name: chosen.name, card: chosen.card } })
    ask({ pattern: value as PatternId | undefined, ownPattern: undefined })
  }
  const ownOptions = [...new Set([...(own ? [own.name] : []), ...ownPatterns.map(({ name }) => name)])].map((name) => ({
    value: OWN + name,
    label: name,
  }))
  const words = own
    ? ownPatterns.find(({ name }) => name === own.name)?.words
    : request.pattern && patternInWords(request.pattern)
  return (
    <>
      <div className={styles.patternChoice}>
        <label className="kv-field">
          Pattern
          <Select<string | undefined>
            showSearch
            optionFilterProp="label"
            value={own ? OWN + own.name : request.pattern}
            allowClear
            placeholder="None: only what is asked"
            options={[
              ...(ownOptions.length > 0 ? [{ label: 'Of this house', options: ownOptions }] : []),
              { label: 'Library', options: PATTERNS.map((id) => ({ value: id as string, label: patternLabel(id) })) },
            ]}
            onChange={choose}
          />
        </label>
        <label className="kv-field">
          Season
          <Select<Season | undefined>
            value={request.season}
            allowClear
            placeholder="any"
            options={SEASONS.map((season) => ({ value: season, label: season }))}
            onChange={(season) => ask({ season })}
          />
        </label>
      </div>
      {words && <p className="kv-small">{words}</p>}
    </>
  )
}
