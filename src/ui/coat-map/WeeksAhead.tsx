'use client'

import { memo, useId, useMemo } from 'react'
import { ahead } from '@/core/balance'
import type { Rates } from '@/core/coat'
import type { FigureDog } from '@/core/figure'
import { zoneLabel, type Side, type ZoneId } from '@/core/zones'
import type { Layer } from './useDrawn'
import styles from './weeksAhead.module.css'

interface WeeksProps {
  dog: FigureDog
  rates: Rates
  /** The coat at week 0, mm. */
  startMm: (zone: ZoneId) => number
  wishes: readonly { zone: ZoneId; wantedMm: number }[]
  /** What week 0 is called. */
  start: string
  weeks: number
  onWeeks: (weeks: number) => void
  disabled?: boolean
}

/** Nobody lets a slider go further. */
export const MOST_WEEKS = 12
const MOST_EVENTS = 3

/** A layer in every week that the slider reaches: at 0 it is itself. @param grown the length of a zone so many weeks on, mm */
export const inWeeks = (start: Layer, grown: (zone: ZoneId, mm: number, weeks: number) => number): Layer[] => [
  start,
  ...Array.from({ length: MOST_WEEKS }, (_, at) => ({
    ...start,
    lengthAt: (zone: ZoneId, side?: Side) => grown(zone, start.lengthAt(zone, side), at + 1),
  })),
]

/** Lets the coat grow by weeks, and says what comes on the way: the visor at the eye, the hem at the floor, a wish fulfilled. */
export function WeeksAhead({ dog, rates, startMm, wishes, start, weeks, onWeeks, disabled = false }: WeeksProps) {
  const id = useId()
  const inReach = useMemo(() => {
    const named = wishes.map(({ zone, wantedMm }) => ({ zone, wantedMm, name: zoneLabel(zone).toLowerCase() }))
    return ahead({ dog, rates, presentMm: startMm, wishes: named }).filter(({ week }) => week <= MOST_WEEKS)
  }, [dog, rates, startMm, wishes])
  return (
    <div className={styles.weeks} aria-hidden={disabled}>
      <label htmlFor={id}>{weeks === 0 ? start : `In ${weeks} ${weeks === 1 ? 'week' : 'weeks'}`}</label>
      <div className={styles.tape}>
        <Ticks of={inReach.map(({ week }) => week)} />
        <input
          id={id}
          type="range"
          min={0}
          max={MOST_WEEKS}
          value={weeks}
          disabled={disabled}
          onChange={(event) => onWeeks(event.target.valueAsNumber)}
          aria-valuetext={`${weeks} weeks on`}
        />
      </div>
      <p className="kv-small" role="status">
        {inReach.slice(0, MOST_EVENTS).map(({ id: event, zone, week, words }) => (
          <span key={event + zone} className={week <= weeks ? 'kv-caution' : undefined}>
            {week === 0 ? `Now ${words}. ` : `Week ${week}: ${words}. `}
          </span>
        ))}
      </p>
    </div>
  )
}

/** The weeks as a tape, a stitch at those that bring something. */
const Ticks = memo(({ of }: { of: readonly number[] }) => (
  <span className={styles.ticks} aria-hidden="true">
    {Array.from({ length: MOST_WEEKS + 1 }, (_, week) => (
      <i key={week} data-week={week % 2 === 0 ? week : ''} data-brings={of.includes(week) || undefined} />
    ))}
  </span>
))
Ticks.displayName = 'Ticks'
