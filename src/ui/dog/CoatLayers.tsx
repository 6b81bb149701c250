'use client'

import { useMemo, useState } from 'react'
import { grownMm, rateAt, type Rates } from '@/core/coat'
import type { FigureDog } from '@/core/figure'
import type { LengthUnit } from '@/core/units'
import type { ZoneId } from '@/core/zones'
import { MOST_WEEKS, MapDesk, inWeeks, WeeksAhead, coatCallouts, namedIn } from '../coat-map'
import type { WishGrowing } from './GrowingWishes'

interface LayersProps {
  dog: FigureDog & { name: string }
  nowMm: Partial<Record<ZoneId, number>>
  leftMm: Partial<Record<ZoneId, number>>
  rates: Rates
  wishes: readonly WishGrowing[]
  unit: LengthUnit
}

/** The coat now, as it was left last time, or some weeks from now, from any side; another layer stays as a dotted line. */
export function CoatLayers({ dog, nowMm, leftMm, rates, wishes, unit }: LayersProps) {
  const [left, setLeft] = useState(false)
  const [weeks, setWeeks] = useState(0)
  const known = Object.keys(leftMm).length > 0
  const now = useMemo(() => ({ lengthAt: (zone: ZoneId) => nowMm[zone] ?? 0, words: 'coat now' }), [nowMm])
  const then = useMemo(
    () => ({ lengthAt: (zone: ZoneId) => leftMm[zone] ?? nowMm[zone] ?? 0, words: 'left last time' }),
    [leftMm, nowMm],
  )
  const weekly = useMemo(
    () => inWeeks(now, (zone, mm, by) => grownMm(mm, by, dog.coat, rateAt(zone, dog.coat, rates))),
    [now, dog, rates],
  )
  const layer = left ? then : (weekly[weeks] ?? now)
  const moved = left || weeks > 0
  return (
    <section>
      <MapDesk
        label={`${dog.name}, ${left ? 'left last time' : weeks > 0 ? `in ${weeks} weeks` : 'now'}`}
        dog={dog}
        layer={layer}
        uncut
        calloutsIn={(view) => coatCallouts(layer.lengthAt, unit, namedIn(view))}
        width={560}
        height={366}
        soon={weekly}
        roomFor={weekly[MOST_WEEKS] ?? now}
        {...(known || weeks > 0 ? { dotted: moved ? now : then } : {})}
      >
        {known && (
          <button className="kv-chip" aria-pressed={left} onClick={() => setLeft(!left)}>
            Left last time
          </button>
        )}
      </MapDesk>
      <WeeksAhead
        dog={dog}
        rates={rates}
        startMm={now.lengthAt}
        wishes={wishes}
        start="Coat now"
        weeks={weeks}
        onWeeks={setWeeks}
        disabled={left}
      />
    </section>
  )
}
