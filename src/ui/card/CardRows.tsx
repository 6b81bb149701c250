import { differenceWords, differences } from '@/core/card'
import { toolWords, type Cut } from '@/core/lengths'
import type { CardEntry, LastEntry } from '@/core/request'
import type { LengthUnit } from '@/core/units'
import { zoneLabel, type ZoneId } from '@/core/zones'
import { LengthSwatch, showFigure, unitWord } from '../coat-map'
import styles from './card.module.css'
import { HeadRow } from '../frame/HeadRow'

interface CardRowsProps {
  card: readonly CardEntry[]
  unit: LengthUnit
  lastCut: readonly LastEntry[]
  pattern: { label: string; entries: readonly LastEntry[] } | null
  picked: ReadonlySet<ZoneId>
  onPick: (zone: ZoneId) => void
}

/** Every zone of the card, in step with the map, and how it differs from the last cut and from its pattern. */
export function CardRows({ card, unit, lastCut, pattern, picked, onPick }: CardRowsProps) {
  const sinceLast = new Map(differences(lastCut, card).map((each) => [each.zone, each]))
  const fromPattern = new Map(differences(pattern?.entries ?? [], card).map((each) => [each.zone, each]))
  return (
    <table className={`kv-rows kv-stack ${styles.rows}`}>
      <HeadRow
        cells={[
          'Zone',
          'Tool and lay',
          `#${unitWord(unit)}`,
          'Shape, join',
          'Against the last cut',
          ...(pattern ? [`Against ${pattern.label.toLowerCase()}`] : []),
        ]}
      />
      <tbody>
        {card.map((entry) => {
          const { zone, side } = entry
          const last = sinceLast.get(zone)
          const own = fromPattern.get(zone)
          return (
            <tr key={`${zone}${side ?? ''}`} data-zone={zone} aria-selected={picked.has(zone)}>
              <td>
                <button className={styles.zone} onClick={() => onPick(zone)} aria-pressed={picked.has(zone)}>
                  {zoneLabel(zone)}
                  {side ? `, ${side}` : ''}
                </button>
              </td>
              <td>{toolWords(entry as Cut)}</td>
              <td className="kv-figure" data-length={entry.lengthMm}>
                <LengthSwatch lengthMm={entry.lengthMm} /> {showFigure(entry.lengthMm, unit)}
              </td>
              <td className="kv-quiet">
                {[entry.shape, entry.method === 'leave' ? null : entry.join].filter(Boolean).join(', ')}
              </td>
              <td data-says="last cut:" className={last ? 'kv-strong' : 'kv-small'}>
                {last ? differenceWords(last) : 'the same'}
              </td>
              {pattern && (
                <td data-says={`${pattern.label.toLowerCase()}:`} className={own ? undefined : 'kv-small'}>
                  {own ? differenceWords(own) : 'the same'}
                </td>
              )}
            </tr>
          )
        })}
      </tbody>
    </table>
  )
}
