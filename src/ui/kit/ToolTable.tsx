'use client'

import { Input } from 'antd'
import { useState } from 'react'
import { SHARPEN_HOURS, clippedLengthMm, combedLengthMm, type BladeId, type CombId } from '@/core/lengths'
import type { LengthUnit } from '@/core/units'
import { showFigure, unitWord } from '../coat-map'
import { HeadRow } from '../frame/HeadRow'
import { May } from '../who/WhoHere'

/** A tool of the house, with what its use says. */
export type ToolLine = { id: number; label: string } & (
  { kind: 'blade'; name: BladeId; hours: number; sharpened: string | null } | { kind: 'comb'; name: CombId }
)

export type ToolChange = { label: string } | { retired: boolean } | { sharpened: true }

interface ToolTableProps {
  tools: readonly ToolLine[]
  unit: LengthUnit
  onChange: (toolId: number, change: ToolChange) => void
}

/** Blades and combs in use: what each leaves, how long it has worked, and what can be done with it. */
export function ToolTable({ tools, unit, onChange }: ToolTableProps) {
  return (
    <table className="kv-rows kv-stack">
      <HeadRow
        cells={['Tool', 'Its name here', `#with, ${unitWord(unit)}`, '#against', '#hours since sharpened', 'Mend']}
      />
      <tbody>
        {tools.map((tool) => (
          <ToolRow key={tool.id} tool={tool} unit={unit} onChange={(change) => onChange(tool.id, change)} />
        ))}
      </tbody>
    </table>
  )
}

interface ToolRowProps {
  tool: ToolLine
  unit: LengthUnit
  onChange: (change: ToolChange) => void
}

function ToolRow({ tool, unit, onChange }: ToolRowProps) {
  const [label, setLabel] = useState(tool.label)
  const leaves = (lay: 'with' | 'against') =>
    tool.kind === 'blade' ? clippedLengthMm(tool.name, lay) : combedLengthMm(tool.name, '30')
  const say = tool.kind === 'comb' ? `comb ${tool.name}` : tool.name
  return (
    <tr>
      <td className="kv-strong">{say}</td>
      <td style={{ width: 190 }}>
        <Input
          variant="underlined"
          aria-label={`Name of ${say}`}
          value={label}
          maxLength={60}
          placeholder="add a name"
          onChange={(event) => setLabel(event.target.value)}
          onBlur={() => label !== tool.label && onChange({ label })}
          onPressEnter={(event) => event.currentTarget.blur()}
        />
      </td>
      <td className="kv-figure" data-says="with">
        {showFigure(leaves('with'), unit)}
      </td>
      <td className="kv-figure" data-says="against">
        {showFigure(leaves('against'), unit)}
      </td>
      {tool.kind === 'blade' ? (
        <td className="kv-figure" data-says="hours">
          <Hours tool={tool} />
        </td>
      ) : (
        <td />
      )}
      <td style={{ textAlign: 'right', whiteSpace: 'nowrap' }}>
        {tool.kind === 'blade' && (
          <May right="kit">
            <button
              className="kv-word"
              style={{ marginRight: 14 }}
              onClick={() => onChange({ sharpened: true })}
              aria-label={`${say} was sharpened today`}
            >
              Sharpened
            </button>
          </May>
        )}
        <May right="kit">
          <button className="kv-word" onClick={() => onChange({ retired: true })} aria-label={`Retire ${say}`}>
            Retire
          </button>
        </May>
      </td>
    </tr>
  )
}

function Hours({ tool }: { tool: Extract<ToolLine, { kind: 'blade' }> }) {
  const { hours, sharpened } = tool
  const tone = hours >= SHARPEN_HOURS.late ? 'kv-late' : hours >= SHARPEN_HOURS.soon ? 'kv-caution' : undefined
  const word = hours >= SHARPEN_HOURS.late ? 'sharpen now' : hours >= SHARPEN_HOURS.soon ? 'sharpen soon' : null
  return (
    <span className={tone} title={sharpened ? `Sharpened on ${sharpened}` : 'Never marked as sharpened'}>
      {word && <span className="kv-small">{word} </span>}
      {hours.toFixed(1)}
    </span>
  )
}
