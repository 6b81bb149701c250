'use client'

import { Input } from 'antd'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useMemo, useState, useTransition } from 'react'
import { changeEntries, differenceWords, differences, drawingOf, type EntryChange } from '@/core/card'
import type { FigureDog } from '@/core/figure'
import type { Kit } from '@/core/lengths'
import type { CardEntry, LastEntry } from '@/core/request'
import type { LengthUnit } from '@/core/units'
import { GROUPS, zoneLabel, zonesOf, type Side, type ZoneId } from '@/core/zones'
import { MapDesk, cardCallouts, namedIn } from '../coat-map'
import { UndoRedo } from '../history/UndoRedo'
import { useHistory } from '../history/useHistory'
import type { SaveCard, SavePattern } from './actions'
import { CardRows } from './CardRows'
import { PatternSave } from './PatternSave'
import { Versions, type VersionLine } from './Versions'
import { ZoneEditor } from './ZoneEditor'
import styles from './card.module.css'
import { May } from '../who/WhoHere'

/** A card on its desk, with what it is compared against. */
export interface CardDeskView {
  dogId: number
  dog: FigureDog & { name: string }
  unit: LengthUnit
  kit: Kit
  /** The version on the desk. */
  version: number
  card: CardEntry[]
  /** The card as last cut, and what the pattern asks. */
  lastCut: LastEntry[]
  pattern: { label: string; entries: LastEntry[] } | null
  presentMm: Partial<Record<ZoneId, number>>
  versions: VersionLine[]
}

interface CardDeskActs {
  save: SaveCard
  savePattern: SavePattern
}

/** The card on the map and as a table, both changed together; saved as the dog's next version. */
export function CardDesk({ view, acts }: { view: CardDeskView; acts: CardDeskActs }) {
  const { dog, unit, kit, version, card, presentMm } = view
  const { now, put, undo, redo } = useHistory(card)
  const [picked, setPicked] = useState<ReadonlySet<ZoneId>>(new Set())
  const [side, setSide] = useState<Side | null>(null)
  const change = (change: EntryChange) => put(changeEntries(now, { zones: [...picked], side }, change))
  const pick = (zone: ZoneId) => setPicked(toggled(picked, [zone]))
  const drawing = useMemo(() => drawingOf(now), [now])
  return (
    <>
      <div className="kv-head">
        <h1>The card of {dog.name}</h1>
        <p className="kv-quiet">
          Version {version}. What is saved here is what “same as last time” means at the next visit.
        </p>
        <UndoRedo undo={undo} redo={redo} />
        <Link className="kv-button" href={`/dogs/${view.dogId}/card/print?version=${version}`}>
          Print version {version}
        </Link>
      </div>
      <div className={styles.columns}>
        <section aria-label="The card on the map">
          <div className={styles.picks} role="group" aria-label="Pick a group">
            {GROUPS.map((group) => {
              const zones = zonesOf(group)
              const all = zones.every((zone) => picked.has(zone))
              return (
                <button
                  key={group}
                  className="kv-chip"
                  aria-pressed={all}
                  onClick={() => setPicked(toggled(picked, zones))}
                >
                  {group}
                </button>
              )
            })}
            <button className="kv-word" disabled={picked.size === 0} onClick={() => setPicked(new Set())}>
              Pick nothing
            </button>
          </div>
          <MapDesk
            label={`${dog.name}, the card`}
            dog={dog}
            layer={drawing}
            calloutsIn={(view) => [
              ...cardCallouts(now, [], unit, namedIn(view)).filter(({ zone }) => !picked.has(zone)),
              ...cardCallouts(now, [], unit, [...picked].slice(0, MOST_CALLOUTS)),
            ]}
            width={760}
            height={500}
            picked={picked}
            onPick={pick}
          />
        </section>
        <div className={styles.side}>
          <ZoneEditor
            picked={[...picked]}
            card={now}
            kit={kit}
            unit={unit}
            side={side}
            onSide={setSide}
            presentMm={presentMm}
            change={change}
          >
            <Apart words="Against the last cut" from={view.lastCut} card={now} />
            {view.pattern && (
              <Apart words={`Against ${view.pattern.label.toLowerCase()}`} from={view.pattern.entries} card={now} />
            )}
          </ZoneEditor>
          <May right="cards">
            <SaveBar view={view} acts={acts} now={now} dirty={undo !== null} />
          </May>
        </div>
      </div>
      <CardRows card={now} unit={unit} lastCut={view.lastCut} pattern={view.pattern} picked={picked} onPick={pick} />
      <Versions versions={view.versions} here={version} dogId={view.dogId} />
      <p className="kv-hidden" role="status">
        {picked.size > 0 ? `${[...picked].map(zoneLabel).join(', ')} picked` : ''}
      </p>
    </>
  )
}

const MOST_CALLOUTS = 8
const MOST_APART = 6

/** In a few words, how the card on the desk differs from another. */
function Apart({ words, from, card }: { words: string; from: readonly LastEntry[]; card: readonly CardEntry[] }) {
  const apart = differences(from, card)
  return (
    <div>
      <p className="kv-strong">{words}</p>
      {apart.length === 0 && <p className="kv-quiet">the same</p>}
      {apart.slice(0, MOST_APART).map((each) => (
        <p key={`${each.zone} ${each.side ?? ''}`} className="kv-quiet">
          {zoneLabel(each.zone)}
          {each.side ? `, ${each.side},` : ''} {differenceWords(each)}
        </p>
      ))}
      {apart.length > MOST_APART && (
        <p className="kv-small">and {apart.length - MOST_APART} more, in the table below</p>
      )}
    </div>
  )
}

/** Adds zones to what is picked; takes them out when all of them are in already. */
function toggled(picked: ReadonlySet<ZoneId>, zones: readonly ZoneId[]): ReadonlySet<ZoneId> {
  const all = zones.every((zone) => picked.has(zone))
  return new Set(all ? [...picked].filter((zone) => !zones.includes(zone)) : [...picked, ...zones])
}

interface SaveProps {
  view: CardDeskView
  acts: CardDeskActs
  now: readonly CardEntry[]
  dirty: boolean
}

/** Who changed it and why: then it is the next version. */
function SaveBar({ view, acts, now, dirty }: SaveProps) {
  const { dogId, card, version, versions } = view
  const router = useRouter()
  const earlier = version !== versions[0]?.version
  const [why, setWhy] = useState(earlier ? `Back to version ${version}` : '')
  const [said, setSaid] = useState<{ ok: boolean; words: string } | null>(null)
  const [busy, start] = useTransition()
  const changed = differences(card, now).length
  const keep = () =>
    start(async () => {
      const answer = await acts.save({ dogId, why, zones: now, seen: versions[0]?.version ?? 0 })
      if (!answer.ok) return setSaid({ ok: false, words: answer.problems.map(({ sentence }) => sentence).join(' ') })
      setSaid({ ok: true, words: `Kept as version ${answer.value.version}.` })
      router.push(`/dogs/${dogId}/card`)
      router.refresh()
    })
  return (
    <section aria-label="Save" className={styles.save}>
      <h2>Save as the next version</h2>
      <label className="kv-field">
        Why
        <Input
          value={why}
          maxLength={200}
          placeholder="owner asked for longer legs"
          onChange={(event) => setWhy(event.target.value)}
        />
      </label>
      <button className="kv-button kv-main" disabled={busy || !(dirty || earlier)} onClick={keep}>
        Save version
      </button>
      <p className="kv-small">
        {dirty
          ? `${changed} ${changed === 1 ? 'zone has' : 'zones have'} another length than the version you opened.`
          : earlier
            ? `Saving makes version ${version} the dog’s card again.`
            : 'Nothing changed yet.'}
      </p>
      {said && (
        <p role="status" className={said.ok ? 'kv-now' : 'kv-late'}>
          {said.words}
        </p>
      )}
      <PatternSave card={now} savePattern={acts.savePattern} />
    </section>
  )
}
