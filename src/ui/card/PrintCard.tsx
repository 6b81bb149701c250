'use client'

import type { CoatId } from '@/core/coat'
import { drawView, type FigureDog } from '@/core/figure'
import { cardRows, drawingOf, type CardRow } from '@/core/card'
import { toolWords } from '@/core/lengths'
import type { Growing } from '@/core/plan'
import type { CardEntry } from '@/core/request'
import { showDay, type LengthUnit } from '@/core/units'
import { zoneLabel, type ZoneId } from '@/core/zones'
import { FittedMap, cardCallouts, showFigure, unitWord } from '../coat-map'
import styles from './print.module.css'

export interface PrintCardProps {
  dog: FigureDog & { name: string; coat: CoatId }
  facts: string
  /** Which card this is: "Version 14, cut 3 October by Wren". */
  which: string
  card: readonly CardEntry[]
  growing: readonly Growing[]
  unit: LengthUnit
  /** What to mind with this dog, most pressing first. */
  mind: readonly string[]
}

/** A card for the wall of the tub, A5: a colleague can cut from it without asking. */
export function PrintCard({ dog, facts, which, card, growing, unit, mind }: PrintCardProps) {
  const { cut, left } = cardRows(card)
  const { lengthAt, cut: cutTo } = drawingOf(card)
  return (
    <article className={styles.sheet} aria-label={`Card of ${dog.name}`}>
      <div className={styles.top}>
        <h1>{dog.name}</h1>
        <p>{facts}</p>
        <p className={styles.which}>{which}</p>
      </div>
      <FittedMap
        label={`${dog.name}, the trim`}
        view={drawView('side', dog, lengthAt, cutTo)}
        coat={dog.coat}
        lengthMm={lengthAt}
        joinOf={cutTo.joinOf}
        callouts={cardCallouts(card, growing, unit, ON_THE_SHEET)}
        width={510}
        height={284}
      />
      <table className={styles.rows}>
        <thead>
          <tr>
            <th>Zones</th>
            <th>Tool</th>
            <th className={styles.figure}>{unitWord(unit)}</th>
            <th>Shape, join</th>
          </tr>
        </thead>
        <tbody>
          {cut.map((row) => (
            <tr key={row.zones.map(({ zone, side }) => zone + (side ?? '')).join()}>
              <td>{zonesOf(row)}</td>
              <td>{toolWords(row.entry)}</td>
              <td className={styles.figure}>{showFigure(row.entry.lengthMm, unit)}</td>
              <td>{[row.entry.shape, row.entry.join].filter(Boolean).join(', ')}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {left.length > 0 && (
        <p>
          <b>Leave:</b> {left.map(({ zone }) => zoneLabel(zone).toLowerCase()).join(', ')}.
        </p>
      )}
      {growing.map(({ zone, wantedMm, readyOn }) => (
        <p key={zone}>
          <b>{zoneLabel(zone)} grows</b> to {showFigure(wantedMm, unit)} {unitWord(unit)}
          {readyOn ? `, there on ${showDay(readyOn)}` : ''}: do not cut it.
        </p>
      ))}
      {mind.length > 0 && (
        <p>
          <b>Mind:</b> {mind.join(' ')}
        </p>
      )}
    </article>
  )
}

/** Zones named on the figure of the sheet; the table has them all. */
const ON_THE_SHEET: readonly ZoneId[] = [
  'skull',
  'muzzle',
  'ear-edge',
  'chest',
  'back',
  'foreleg',
  'forefoot',
  'tail',
  'thigh',
]

const zonesOf = ({ zones }: CardRow): string =>
  zones.map(({ zone, side }) => `${zoneLabel(zone)}${side ? `, ${side}` : ''}`).join(', ')
