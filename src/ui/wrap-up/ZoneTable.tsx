import type { LengthUnit } from '@/core/units'
import type { ZoneOutcome } from '@/core/visit'
import { isPaired, zoneLabel, type ZoneId } from '@/core/zones'
import { showFigure, unitWord } from '../coat-map'
import { HeadRow } from '../frame/HeadRow'

const TELLING: readonly ZoneId[] = ['back', 'foreleg', 'thigh', 'forefoot', 'hindfoot', 'cheek', 'ear-edge']

/** Zones that differ first, then the telling ones; left and right apart where there are two. */
export function ZoneTable({ results, unit }: { results: ZoneOutcome[]; unit: LengthUnit }) {
  const rows = [
    ...results.filter(({ how }) => how !== 'as planned'),
    ...results.filter(({ how, zone }) => how === 'as planned' && TELLING.includes(zone)),
  ]
  const at = (result: ZoneOutcome, side: 'left' | 'right') =>
    result.cut.find((each) => each.side === side) ?? result.cut[0]
  return (
    <section>
      <h2>Left against right</h2>
      <table className="kv-rows">
        <HeadRow cells={['Zone', '#Planned', '#Left', '#Right', '#Apart']} />
        <tbody>
          {rows.slice(0, 12).map((result) => {
            const { zone, planned } = result
            const left = at(result, 'left')?.lengthMm ?? 0
            const right = at(result, 'right')?.lengthMm ?? 0
            const apart = Math.abs(left - right)
            return (
              <tr key={zone} data-cut={zone}>
                <td>{zoneLabel(zone)}</td>
                <td className="kv-figure" style={{ fontWeight: 400 }}>
                  {planned.map(({ lengthMm }) => showFigure(lengthMm, unit)).join(' / ')}
                </td>
                <td className="kv-figure">{showFigure(left, unit)}</td>
                <td className="kv-figure">{isPaired(zone) ? showFigure(right, unit) : ''}</td>
                <td className={`kv-figure ${apart >= 1 ? 'kv-caution' : ''}`}>
                  {isPaired(zone) ? `${showFigure(apart, unit)} ${unitWord(unit)}` : ''}
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
      {rows.some(
        (result) => Math.abs((at(result, 'left')?.lengthMm ?? 0) - (at(result, 'right')?.lengthMm ?? 0)) >= 1,
      ) && (
        <p style={{ marginTop: 8 }}>
          Each side is kept as it was cut and repeated so next time. Trim the longer one now, or let it stand.
        </p>
      )}
    </section>
  )
}
