'use client'

import { Slider } from 'antd'
import { useMemo, useState } from 'react'
import { ahead } from '@/core/balance'
import type { BuildId } from '@/core/build'
import { grownMm, rateAt, type CoatId, type Rates } from '@/core/coat'
import { drawView, type ViewId } from '@/core/figure'
import type { LengthUnit } from '@/core/units'
import { zoneLabel, type ZoneId } from '@/core/zones'
import { CoatMap, ViewTabs, coatCallouts, namedIn } from '../coat-map'
import type { WishGrowing } from './GrowingWishes'
import styles from './dog.module.css'

interface LayersProps {
  dog: { name: string; coat: CoatId; build: BuildId; heightCm: number | null; lengthCm: number | null }
  nowMm: Partial<Record<ZoneId, number>>
  leftMm: Partial<Record<ZoneId, number>>
  rates: Rates
  wishes: readonly WishGrowing[]
  unit: LengthUnit
}

const MOST_WEEKS = 12
const MOST_EVENTS = 3

/** The coat now, as it was left last time, or some weeks from now, from any side; another layer stays as a dotted line. */
export function CoatLayers({ dog, nowMm, leftMm, rates, wishes, unit }: LayersProps) {
  const [left, setLeft] = useState(false)
  const [weeks, setWeeks] = useState(0)
  const [view, setView] = useState<ViewId>('side')
  const known = Object.keys(leftMm).length > 0
  const drawn = useMemo(() => {
    const now = (zone: ZoneId) => nowMm[zone] ?? 0
    const then = (zone: ZoneId) => leftMm[zone] ?? now(zone)
    const later = (zone: ZoneId) => grownMm(now(zone), weeks, dog.coat, rateAt(zone, dog.coat, rates))
    const shown = left ? then : weeks > 0 ? later : now
    const dotted = left || weeks > 0 ? now : then
    return { lengthMm: shown, view: drawView(view, dog, shown), dotted: drawView(view, dog, dotted) }
  }, [dog, nowMm, leftMm, rates, weeks, left, view])
  const events = useMemo(
    () => ahead({ dog, rates, presentMm: (zone) => nowMm[zone] ?? 0, wishes: wishes.map(({ zone, wantedMm }) => ({ zone, wantedMm, name: zoneLabel(zone).toLowerCase() })) }),
    [dog, rates, nowMm, wishes],
  )
  const inReach = events.filter(({ week }) => week <= MOST_WEEKS)
  return (
    <section>
      <CoatMap
        label={`${dog.name}, ${left ? 'left last time' : weeks > 0 ? `in ${weeks} weeks` : 'now'}`}
        view={drawn.view}
        coat={dog.coat}
        lengthMm={drawn.lengthMm}
        callouts={coatCallouts(drawn.lengthMm, unit, namedIn(view))}
        width={560}
        height={366}
        {...(known || weeks > 0 ? { dotted: drawn.dotted } : {})}
      />
      <div className={styles.layers}>
        <ViewTabs view={view} onView={setView} />
        {known && (
          <button className="kv-chip" aria-pressed={left} onClick={() => setLeft(!left)}>
            Left last time
          </button>
        )}
        <span className="kv-small">{known ? `dotted: ${left || weeks > 0 ? 'coat now' : 'left last time'}` : ''}</span>
      </div>
      <div className={styles.weeks} aria-hidden={left}>
        <label id="weeks-ahead">{weeks === 0 ? 'Coat now' : `In ${weeks} ${weeks === 1 ? 'week' : 'weeks'}`}</label>
        <Slider
          min={0}
          max={MOST_WEEKS}
          value={weeks}
          disabled={left}
          onChange={setWeeks}
          marks={Object.fromEntries(inReach.map(({ week }) => [week, ' ']))}
          tooltip={{ open: false }}
          ariaLabelledByForHandle="weeks-ahead"
          ariaValueTextFormatterForHandle={(value) => `${value ?? 0} weeks from now`}
        />
        <p className="kv-small" role="status">
          {inReach.slice(0, MOST_EVENTS).map(({ id, zone, week, words }) => (
            <span key={id + zone} className={week <= weeks ? 'kv-caution' : undefined}>
              {week === 0 ? `Now ${words}. ` : `Week ${week}: ${words}. `}
            </span>
          ))}
        </p>
      </div>
    </section>
  )
} // prettier-ignore
