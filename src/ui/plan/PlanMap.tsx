'use client'

import { useCallback, useDeferredValue, useMemo, useState } from 'react'
import { drawingOf } from '@/core/card'
import { grownMm, rateAt } from '@/core/coat'
import type { Case, Plan } from '@/core/plan'
import type { LengthUnit } from '@/core/units'
import type { Side, ZoneId } from '@/core/zones'
import { MOST_WEEKS, MapDesk, WeeksAhead, cardCallouts, coatCallouts, namedIn } from '../coat-map'

interface PlanMapProps {
  case_: Case
  plan: Plan
  presentMm: ReadonlyMap<ZoneId, number>
  unit: LengthUnit
  picked: ZoneId | null
  onPick: (zone: ZoneId) => void
}

/** The trim wanted over the coat now; with the weeks moved on, the same trim grown out over the trim as cut. */
export function PlanMap({ case_, plan, presentMm, unit, picked, onPick }: PlanMapProps) {
  const { dog } = case_
  const [asked, setWeeks] = useState(0)
  /** The slider answers at once; the drawing follows. */
  const weeks = useDeferredValue(asked)
  const rates = useMemo(() => dog.growthMmPerWeek ?? {}, [dog])
  const trim = useMemo(() => drawingOf(plan.card), [plan])
  const later = useCallback((zone: ZoneId, side: Side | undefined, by: number) => grownMm(trim.lengthAt(zone, side), by, dog.coat, rateAt(zone, dog.coat, rates)), [trim, dog, rates])
  const layer = useMemo(
    () => (weeks === 0 ? trim : { ...trim, lengthAt: (zone: ZoneId, side?: Side) => later(zone, side, weeks) }),
    [trim, later, weeks],
  )
  const longest = useCallback((zone: ZoneId, side?: Side) => later(zone, side, MOST_WEEKS), [later])
  const dotted = useMemo(
    () => (weeks === 0 ? { lengthAt: (zone: ZoneId) => presentMm.get(zone) ?? 0, words: 'coat now' } : { ...trim, words: 'as cut' }),
    [weeks, presentMm, trim],
  )
  return (
    <>
      <MapDesk
        label={`${dog.name}, trim wanted${weeks > 0 ? `, in ${weeks} weeks` : ''}`}
        dog={dog}
        layer={layer}
        dotted={dotted}
        {...(weeks > 0 ? { roomFor: longest } : {})}
        calloutsIn={(view) => (weeks === 0 ? cardCallouts(plan.card, plan.growing, unit, namedIn(view)) : coatCallouts(layer.lengthAt, unit, namedIn(view)))}
        width={600}
        height={430}
        picked={new Set(picked === null ? [] : [picked])}
        onPick={onPick}
      />
      <WeeksAhead dog={dog} rates={rates} startMm={trim.lengthAt} wishes={plan.growing} start="As cut" weeks={asked} onWeeks={setWeeks} />
    </>
  )
} // prettier-ignore
