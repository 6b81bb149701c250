import { toolWords } from '@/core/lengths'
import type { Plan } from '@/core/plan'
import type { LengthUnit } from '@/core/units'
import { zoneLabel, type ZoneId } from '@/core/zones'
import { LengthSwatch, showFigure, unitWord } from '../coat-map'
import styles from './plan.module.css'
import { HeadRow } from '../frame/HeadRow'

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
      <table className={`kv-rows kv-stack ${styles.card}`}>
        <HeadRow cells={['Zone', 'Tool', `#${unitWord(unit)}`, ...(hadLast ? ['#was'] : []), 'Shape, join, why']} />
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
                <td>{toolWords(entry)}</td>
                <td className="kv-figure" data-length={entry.lengthMm}>
                  <LengthSwatch lengthMm={entry.lengthMm} />
                  {showFigure(entry.lengthMm, unit)}
                </td>
                {hadLast && (
                  <td className="kv-figure" {...(changed ? { 'data-says': 'was' } : {})}>
                    {changed ? showFigure(changed.fromMm, unit) : ''}
                  </td>
                )}
                <td className="kv-quiet">
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
