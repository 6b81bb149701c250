'use client'

import { useMemo, useState } from 'react'
import { cardRows, drawingOf } from '@/core/card'
import type { FigureDog } from '@/core/figure'
import { COATS, type CoatId } from '@/core/coat'
import { toolWords, type Cut } from '@/core/lengths'
import { SEASONS, TYPICAL_DOG, patternInWords, patternLabel, type PatternId, type Season } from '@/core/patterns'
import type { LengthUnit } from '@/core/units'
import { zoneLabel } from '@/core/zones'
import { LengthSwatch, MapDesk, cardCallouts, namedIn, showFigure, unitWord } from '../coat-map'
import type { HousePatternLine } from './housePatternLine'
import { cardOnPaper } from './patternCard'
import styles from './patterns.module.css'
import { May } from '../who/WhoHere'

export type Chosen = { from: 'library'; id: PatternId } | { from: 'house'; id: number }

interface SheetProps {
  chosen: Chosen
  own: HousePatternLine | undefined
  ownDog: FigureDog
  unit: LengthUnit
  onRetire: (id: number) => void
}

/** One pattern large: the drawn dog, the coat, season and purpose it is tried on, and its card. */
export function PatternSheet({ chosen, own, ownDog, unit, onRetire }: SheetProps) {
  const typical = chosen.from === 'library' ? TYPICAL_DOG[chosen.id] : ownDog
  const [coat, setCoat] = useState<CoatId>(typical.coat)
  const [season, setSeason] = useState<Season | undefined>(undefined)
  const [show, setShow] = useState(false)
  const card = useMemo(
    () =>
      chosen.from === 'library'
        ? cardOnPaper(chosen.id, coat, { season, purpose: show ? 'show' : 'pet' })
        : (own?.card ?? []),
    [chosen, own, coat, season, show],
  )
  const drawing = useMemo(() => drawingOf(card), [card])
  const paperDog = useMemo(() => ({ ...typical, coat }), [typical, coat])
  const label = chosen.from === 'library' ? patternLabel(chosen.id) : (own?.name ?? '')
  const words = chosen.from === 'library' ? patternInWords(chosen.id) : (own?.words ?? '')
  const { cut, left } = cardRows(card)
  return (
    <div className={styles.sheet}>
      <div>
        <MapDesk
          label={label}
          dog={paperDog}
          layer={drawing}
          calloutsIn={(view) => cardCallouts(card, [], unit, namedIn(view))}
          width={660}
          height={430}
        />
      </div>
      <section aria-label={`${label}, its card`}>
        <h2 style={{ fontSize: 24 }}>{label}</h2>
        <p className="kv-quiet">{words}</p>
        {own && (
          <p className="kv-small">
            {own.made}.{' '}
            <May right="cards">
              <button className="kv-word" onClick={() => onRetire(own.id)}>
                Take it out of use
              </button>
            </May>
          </p>
        )}
        <div className={styles.chips} role="group" aria-label="On this coat">
          {COATS.map((each) => (
            <button key={each} className="kv-chip" aria-pressed={coat === each} onClick={() => setCoat(each)}>
              {each}
            </button>
          ))}
        </div>
        {chosen.from === 'library' && (
          <div className={styles.chips} role="group" aria-label="Season and purpose">
            {SEASONS.filter((each) => each === 'winter' || each === 'summer').map((each) => (
              <button
                key={each}
                className="kv-chip"
                aria-pressed={season === each}
                onClick={() => setSeason(season === each ? undefined : each)}
              >
                {each}
              </button>
            ))}
            <button className="kv-chip" aria-pressed={show} onClick={() => setShow(!show)}>
              for a show
            </button>
          </div>
        )}
        <div className={styles.rows}>
          <table className="kv-rows">
            <tbody>
              {cut.map(({ zones, entry }) => (
                <tr key={zones.map(({ zone }) => zone).join()} title={entry.why}>
                  <td style={{ padding: '4px 12px 4px 0' }}>{zones.map(({ zone }) => zoneLabel(zone)).join(', ')}</td>
                  <td className="kv-quiet" style={{ whiteSpace: 'nowrap' }}>
                    {toolWords(entry as Cut)}
                  </td>
                  <td className="kv-figure">
                    <LengthSwatch lengthMm={entry.lengthMm} /> {showFigure(entry.lengthMm, unit)} {unitWord(unit)}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          {left.length > 0 && (
            <p className="kv-small">Left: {left.map(({ zone }) => zoneLabel(zone).toLowerCase()).join(', ')}.</p>
          )}
        </div>
      </section>
    </div>
  )
}
