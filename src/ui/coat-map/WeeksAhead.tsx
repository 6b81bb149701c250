'use client'

import { Slider } from 'antd'
import { useId, useMemo } from 'react'
import { ahead } from '@/core/balance'
import type { Rates } from '@/core/coat'
import type { FigureDog } from '@/core/figure'
import { zoneLabel, type ZoneId } from '@/core/zones'
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

/** Lets the coat grow by weeks, and says what comes on the way: the visor at the eye, the hem at the floor, a wish fulfilled. */
export function WeeksAhead({ dog, rates, startMm, wishes, start, weeks, onWeeks, disabled = false }: WeeksProps) {
  const id = useId()
  const inReach = useMemo(() => {
    const named = wishes.map(({ zone, wantedMm }) => ({ zone, wantedMm, name: zoneLabel(zone).toLowerCase() }))
    return ahead({ dog, rates, presentMm: startMm, wishes: named }).filter(({ week }) => week <= MOST_WEEKS)
  }, [dog, rates, startMm, wishes])
  return (
    <div className={styles.weeks} aria-hidden={disabled}>
      <label id={id}>{weeks === 0 ? start : `In ${weeks} ${weeks === 1 ? 'week' : 'weeks'}`}</label>
      <Slider
        min={0}
        max={MOST_WEEKS}
        value={weeks}
        disabled={disabled}
        onChange={onWeeks}
        marks={Object.fromEntries(inReach.map(({ week }) => [week, ' ']))}
        tooltip={{ open: false }}
        style={{ marginBlock: 12 }}
        ariaLabelledByForHandle={id}
        ariaValueTextFormatterForHandle={(value) => `${value ?? 0} weeks on`}
      />
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
