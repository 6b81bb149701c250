'use client'

import { useCallback, useDeferredValue, useMemo, useState } from 'react'
import { grownMm, rateAt, type Rates } from '@/core/coat'
import type { FigureDog } from '@/core/figure'
import type { LengthUnit } from '@/core/units'
import type { ZoneId } from '@/core/zones'
import { MOST_WEEKS, MapDesk, WeeksAhead, coatCallouts, namedIn } from '../coat-map'
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
  const [asked, setWeeks] = useState(0)
  /** The slider answers at once; the drawing follows, and skips weeks that are passed in a hurry. */
  const weeks = useDeferredValue(asked)
  const known = Object.keys(leftMm).length > 0
  const now = useCallback((zone: ZoneId) => nowMm[zone] ?? 0, [nowMm])
  const then = useCallback((zone: ZoneId) => leftMm[zone] ?? now(zone), [leftMm, now])
  const later = useCallback((zone: ZoneId, by: number) => grownMm(now(zone), by, dog.coat, rateAt(zone, dog.coat, rates)), [now, dog, rates])
  const layer = useMemo(
    () => ({ lengthAt: left ? then : weeks > 0 ? (zone: ZoneId) => later(zone, weeks) : now }),
    [now, then, later, weeks, left],
  )
  const longest = useCallback((zone: ZoneId) => later(zone, MOST_WEEKS), [later])
  const moved = left || weeks > 0
  const dotted = useMemo(() => (moved ? { lengthAt: now, words: 'coat now' } : { lengthAt: then, words: 'left last time' }), [moved, now, then]) // prettier-ignore
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
        {...(weeks > 0 && !left ? { roomFor: longest } : {})}
        {...(known || weeks > 0 ? { dotted } : {})}
      >
        {known && (
          <button className="kv-chip" aria-pressed={left} onClick={() => setLeft(!left)}>
            Left last time
          </button>
        )}
      </MapDesk>
      <WeeksAhead dog={dog} rates={rates} startMm={now} wishes={wishes} start="Coat now" weeks={asked} onWeeks={setWeeks} disabled={left} />
    </section>
  )
} // prettier-ignore
