'use client'

import { useMemo, useState } from 'react'
import { drawingOf } from '@/core/card'
import { drawView, type FigureDog, type ViewId } from '@/core/figure'
import type { CardEntry } from '@/core/request'
import type { LengthUnit } from '@/core/units'
import { cutCard, type ZoneOutcome } from '@/core/visit'
import { zoneLabel } from '@/core/zones'
import { FittedMap, ViewTabs, cardCallouts, namedIn, showFigure, unitWord, type Callout } from '../coat-map'
import styles from './wrapUp.module.css'

interface CutAgainstPlanProps {
  dog: FigureDog & { name: string }
  card: readonly CardEntry[]
  results: readonly ZoneOutcome[]
  unit: LengthUnit
}

const MOST_CALLOUTS = 10
const MAP = { width: 596, height: 340 }

/** The trim as planned beside the trim as cut, from any side; what differs stays tinted, the plan as a dotted line. */
export function CutAgainstPlan({ dog, card, results, unit }: CutAgainstPlanProps) {
  const [from, setFrom] = useState<ViewId>('side')
  const { planned, cut } = useMemo(() => {
    const drawn = (entries: readonly CardEntry[]) => {
      const drawing = drawingOf(entries)
      return { ...drawing, view: drawView(from, dog, drawing.lengthAt, drawing.cut) }
    }
    return { planned: drawn(card), cut: drawn(cutCard(results)) }
  }, [dog, card, results, from])
  const differing = results.filter(({ how }) => how !== 'as planned')
  const lit = new Set(differing.map(({ zone }) => zone))
  const asCut =
    lit.size > 0
      ? differing.slice(0, MOST_CALLOUTS).map((each) => differs(each, unit))
      : cardCallouts(card, [], unit, namedIn(from))
  return (
    <section aria-label="Planned and cut" className={styles.pair}>
      <div>
        <h2>As planned</h2>
        <FittedMap
          label={`${dog.name}, planned`}
          view={planned.view}
          coat={dog.coat}
          lengthMm={planned.lengthAt}
          joinOf={planned.cut.joinOf}
          callouts={cardCallouts(card, [], unit, namedIn(from))}
          {...MAP}
        />
        <ViewTabs view={from} onView={setFrom} />
      </div>
      <div>
        <h2>As cut</h2>
        <FittedMap
          label={`${dog.name}, as cut`}
          view={cut.view}
          dotted={planned.view}
          coat={dog.coat}
          lengthMm={cut.lengthAt}
          joinOf={cut.cut.joinOf}
          {...(lit.size > 0 ? { lit } : {})}
          callouts={asCut}
          {...MAP}
        />
        <p className="kv-small">
          {differing.length === 0
            ? `All ${results.length} zones were cut as planned.`
            : `Tinted: ${differing.length} of ${results.length} zones differ from the card. Dotted: as planned.`}
        </p>
      </div>
    </section>
  )
}

function differs({ zone, planned, cut, how }: ZoneOutcome, unit: LengthUnit): Callout {
  const shortest = cut.reduce((a, b) => (a.lengthMm <= b.lengthMm ? a : b))
  const side = shortest.side ? `, ${shortest.side}` : ''
  const plannedMm = (planned.find((entry) => entry.side === shortest.side) ?? planned[0] ?? shortest).lengthMm
  const below = how === 'not reached' ? 'not reached' : `planned ${showFigure(plannedMm, unit)}`
  return {
    zone,
    name: `${zoneLabel(zone)}${side}`,
    figure: showFigure(shortest.lengthMm, unit),
    unit: unitWord(unit),
    lengthMm: shortest.lengthMm,
    below,
    caution: side !== '' || how === 'not reached',
  }
}
