import { toolWords } from '@/core/lengths'
import type { Plan } from '@/core/plan'
import type { LengthUnit } from '@/core/units'
import { zoneLabel, type ZoneId } from '@/core/zones'
import { lengthColour, showFigure, unitWord } from '../coat-map'
import styles from './plan.module.css'

interface CardProps {
  plan: Plan
  unit: LengthUnit
  hadLast: boolean
  picked: ZoneId | null
  onPick: (zone: ZoneId) => void
}

/** The whole card, zone by zone, in step with the map. */
export function CardTable({ plan, unit, hadLast, picked, onPick }: CardProps) {
  return (
    <section>
      <h2>The card, zone by zone</h2>
      <table className={`kv-rows ${styles.card}`}>
        <thead>
          <tr>
            <th>Zone</th>
            <th>Tool</th>
            <th style={{ textAlign: 'right' }}>{unitWord(unit)}</th>
            {hadLast && <th style={{ textAlign: 'right' }}>was</th>}
            <th style={{ paddingLeft: 16 }}>Shape, join, why</th>
          </tr>
        </thead>
        <tbody>
          {plan.card.map((entry) => {
            const changed = plan.changes.find(({ zone }) => zone === entry.zone)
            return (
              <tr
                key={entry.zone}
                data-zone={entry.zone}
                data-changed={changed !== undefined}
                aria-selected={picked === entry.zone}
              >
                <td>
                  <button className={styles.zone} onClick={() => onPick(entry.zone)}>
                    {zoneLabel(entry.zone)}
                  </button>
                </td>
                <td>{toolWords(entry as Parameters<typeof toolWords>[0])}</td>
                <td className="kv-figure" data-length={entry.lengthMm}>
                  <svg width={11} height={11} aria-hidden="true" style={{ marginRight: 5 }}>
                    <rect
                      x={0.5}
                      y={0.5}
                      width={10}
                      height={10}
                      fill={lengthColour(entry.lengthMm)}
                      stroke="var(--kv-ink-2)"
                    />
                  </svg>
                  {showFigure(entry.lengthMm, unit)}
                </td>
                {hadLast && <td className="kv-figure">{changed ? showFigure(changed.fromMm, unit) : ''}</td>}
                <td className="kv-quiet" style={{ paddingLeft: 16 }}>
                  {[entry.shape, entry.method === 'leave' ? null : entry.join].filter(Boolean).join(', ')}
                  {entry.shape || entry.method !== 'leave' ? '. ' : ''}
                  {entry.why}
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
    </section>
  )
}
