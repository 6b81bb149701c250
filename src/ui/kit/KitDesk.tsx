'use client'

import { InputNumber, Select } from 'antd'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { BLADES, COMBS, SKIP_BLADES, cutOf, toolWords, waysNear, type Kit, type NearWay } from '@/core/lengths'
import type { Result } from '@/core/result'
import { figureMm, mmFromInch, type LengthUnit } from '@/core/units'
import { unitWord } from '../coat-map'
import { Ladder } from './Ladder'
import { rungsOf } from './ladder'
import { Mixing } from './Mixing'
import { ToolTable, type ToolChange, type ToolLine } from './ToolTable'
import styles from './kit.module.css'
import { May } from '../who/WhoHere'

export type KitAction = (input: unknown) => Promise<Result<unknown>>

interface KitDeskProps {
  unit: LengthUnit
  kit: Kit
  tools: ToolLine[]
  retired: { id: number; words: string }[]
  add: KitAction
  change: KitAction
}

const OFFERED = 3

/** What the house cuts with: the ladder of lengths, "what leaves 10 mm?", the tools with their hours, mixing. */
export function KitDesk({ unit, kit, tools, retired, add, change }: KitDeskProps) {
  const router = useRouter()
  const [wanted, setWanted] = useState<number | null>(null)
  const [fault, setFault] = useState<string | null>(null)
  const [kept, setKept] = useState(false)
  const [busy, start] = useTransition()
  const wantedMm = wanted === null ? null : unit === 'mm' ? wanted : mmFromInch(wanted)
  const near = wantedMm === null ? [] : waysNear(kit, wantedMm, OFFERED)
  const send = (action: KitAction, input: object) =>
    start(async () => {
      setKept(false)
      const answer = await action(input)
      setKept(answer.ok)
      setFault(answer.ok ? null : answer.problems.map(({ sentence }) => sentence).join(' '))
      router.refresh()
    })
  const changeTool = (toolId: number, asked: ToolChange) => send(change, { toolId, ...asked })
  return (
    <>
      <div className={styles.head}>
        <h1>Kit</h1>
        <label className={styles.ask}>
          What have I that leaves
          <InputNumber
            min={0.2}
            max={unit === 'mm' ? 60 : 2.4}
            step={unit === 'mm' ? 0.5 : 0.125}
            value={wanted}
            onChange={setWanted}
            suffix={unitWord(unit)}
            style={{ width: 110 }}
            aria-label="Length that is asked about"
          />
          ?
        </label>
        <p role="status" className={styles.answer}>
          {near.map((each) => nearWords(each)).join('; ')}
          {near.length > 0 && '.'}
        </p>
      </div>
      <Ladder rungs={rungsOf(kit)} unit={unit} wantedMm={wantedMm} nearest={near[0]} />
      <p className="kv-small">
        Filled: with the coat. Open: against it. A comb leaves the same both ways; over a 10 or 15 it leaves that much
        more.
      </p>
      {fault && (
        <p role="alert" className="kv-late">
          {fault}
        </p>
      )}
      <div className={styles.columns}>
        <section aria-label="Tools in use">
          <h2>
            In use{' '}
            <span className="kv-small" role="status">
              {busy ? 'keeping…' : kept ? 'all kept' : ''}
            </span>
          </h2>
          <ToolTable tools={tools} unit={unit} onChange={changeTool} />
          <May right="kit">
            <AddTool busy={busy} add={(asked) => send(add, asked)} />
          </May>
          {retired.length > 0 && (
            <p className="kv-quiet" style={{ marginTop: 12 }}>
              Retired:{' '}
              {retired.map(({ id, words }) => (
                <span key={id}>
                  {words}{' '}
                  <May right="kit">
                    <button
                      className="kv-word"
                      onClick={() => changeTool(id, { retired: false })}
                      aria-label={`Bring ${words} back`}
                    >
                      bring back
                    </button>
                  </May>{' '}
                </span>
              ))}
            </p>
          )}
        </section>
        <Mixing />
      </div>
    </>
  )
}

function nearWords({ way, offMm }: NearWay): string {
  const off = Math.abs(offMm) < 0.05 ? 'exactly' : `${figureMm(Math.abs(offMm))} ${offMm > 0 ? 'more' : 'less'}`
  return `${toolWords(cutOf(way))} leaves ${figureMm(way.lengthMm)}, ${off}`
}

const OPTIONS = [
  { label: 'Blades, finish teeth', options: BLADES.map((name) => ({ value: `blade ${name}`, label: name })) },
  {
    label: 'Blades, skip tooth',
    options: SKIP_BLADES.map((name) => ({ value: `blade ${name}`, label: `${name} skip` })),
  },
  { label: 'Guard combs', options: COMBS.map((name) => ({ value: `comb ${name}`, label: `comb ${name}` })) },
]

function AddTool({ busy, add }: { busy: boolean; add: (asked: object) => void }) {
  const [tool, setTool] = useState<string | null>(null)
  const put = () => {
    if (tool === null) return
    const [kind, name] = tool.split(' ')
    add({ kind, name })
    setTool(null)
  }
  return (
    <div className={styles.add}>
      <Select<string | null>
        showSearch
        value={tool}
        placeholder="Another blade or comb"
        options={OPTIONS}
        onChange={setTool}
        style={{ width: 220 }}
        aria-label="Tool to add"
      />
      <button className="kv-button" disabled={busy || tool === null} onClick={put}>
        Add to the kit
      </button>
    </div>
  )
}
