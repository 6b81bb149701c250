'use client'

import { useMemo, useState } from 'react'
import { drawingOf } from '@/core/card'
import { grownMm, rateAt } from '@/core/coat'
import type { Case, Plan } from '@/core/plan'
import type { LengthUnit } from '@/core/units'
import type { ZoneId } from '@/core/zones'
import { MOST_WEEKS, MapDesk, inWeeks, WeeksAhead, cardCallouts, coatCallouts, namedIn } from '../coat-map'

interface PlanMapProps {
  case_: Case
  plan: Plan
  presentMm: ReadonlyMap<ZoneId, number>
  unit: LengthUnit
  picked: ReadonlySet<ZoneId>
  onPick: (zone: ZoneId) => void
}

/** The trim wanted over the coat now; with the weeks moved on, the same trim grown out over the trim as cut. */
export function PlanMap({ case_, plan, presentMm, unit, picked, onPick }: PlanMapProps) {
  const { dog } = case_
  const [weeks, setWeeks] = useState(0)
  const rates = useMemo(() => dog.growthMmPerWeek ?? {}, [dog])
  const trim = useMemo(() => ({ ...drawingOf(plan.card), words: 'as cut' }), [plan])
  const now = useMemo(() => ({ lengthAt: (zone: ZoneId) => presentMm.get(zone) ?? 0, words: 'coat now' }), [presentMm])
  const weekly = useMemo(
    () => inWeeks(trim, (zone, mm, by) => grownMm(mm, by, dog.coat, rateAt(zone, dog.coat, rates))),
    [trim, dog, rates],
  )
  const layer = weekly[weeks] ?? trim
  return (
    <>
      <MapDesk
        label={`${dog.name}, trim wanted${weeks > 0 ? `, in ${weeks} weeks` : ''}`}
        dog={dog}
        layer={layer}
        dotted={weeks === 0 ? now : trim}
        soon={weekly}
        roomFor={weekly[MOST_WEEKS] ?? trim}
        calloutsIn={(view) =>
          weeks === 0
            ? cardCallouts(plan.card, plan.growing, unit, namedIn(view))
            : coatCallouts(layer.lengthAt, unit, namedIn(view))
        }
        width={600}
        height={430}
        picked={picked}
        onPick={onPick}
      />
      <WeeksAhead
        dog={dog}
        rates={rates}
        startMm={trim.lengthAt}
        wishes={plan.growing}
        start="As cut"
        weeks={weeks}
        onWeeks={setWeeks}
      />
    </>
  )
}
