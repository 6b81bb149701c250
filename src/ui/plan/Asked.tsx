import type { Request } from '@/core/request'
import type { LengthUnit } from '@/core/units'
import type { ZoneKey } from '@/core/zones'
import { showFigure, unitWord } from '../coat-map'
import { keyLabel, without } from './zoneKeys'

interface AskedProps {
  request: Request
  unit: LengthUnit
  ask: (next: Partial<Request>) => void
}

/** Wishes by zone as they stand, each with a way to take it back. */
export function Asked({ request, unit, ask }: AskedProps) {
  const lengths = Object.entries(request.lengthsMm ?? {}) as [ZoneKey, number][]
  const tools = Object.entries(request.tools ?? {}) as [ZoneKey, { blade?: string; comb?: string; lay?: string }][]
  if (lengths.length + tools.length === 0) return null
  return (
    <table className="kv-rows">
      <caption className="kv-strong" style={{ textAlign: 'left', paddingBottom: 4 }}>
        Asked by zone
      </caption>
      <tbody>
        {lengths.map(([key, mm]) => (
          <AskedRow
            key={key}
            name={keyLabel(key)}
            value={`${showFigure(mm, unit)} ${unitWord(unit)}`}
            drop={() => ask({ lengthsMm: without(request.lengthsMm, key) })}
          />
        ))}
        {tools.map(([key, { blade, comb, lay }]) => (
          <AskedRow
            key={`tool${key}`}
            name={keyLabel(key)}
            value={comb ? `comb ${comb}` : `${blade} ${lay ?? 'with'}`}
            drop={() => ask({ tools: without(request.tools, key) })}
          />
        ))}
      </tbody>
    </table>
  )
}

function AskedRow({ name, value, drop }: { name: string; value: string; drop: () => void }) {
  return (
    <tr>
      <td>{name}</td>
      <td className="kv-figure">{value}</td>
      <td style={{ width: 60, textAlign: 'right' }}>
        <button className="kv-word" aria-label={`Take back ${name}`} onClick={drop}>
          Drop
        </button>
      </td>
    </tr>
  )
}
