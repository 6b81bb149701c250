'use client'

import { useMemo, useState } from 'react'
import { grownMm, rateAt, type CoatId, type Rates } from '@/core/coat'
import { sideView } from '@/core/figure'
import type { BuildId } from '@/core/build'
import type { LengthUnit } from '@/core/units'
import type { ZoneId } from '@/core/zones'
import { CoatMap, coatCallouts } from '../coat-map'
import styles from './dog.module.css'

interface LayersProps {
  dog: { name: string; coat: CoatId; build: BuildId; heightCm: number | null; lengthCm: number | null }
  nowMm: Partial<Record<ZoneId, number>>
  leftMm: Partial<Record<ZoneId, number>>
  rates: Rates
  unit: LengthUnit
}

const WEEKS = 3

/** The coat now, as it was left last time, or some weeks from now; the layer not shown stays as a dotted line. */
export function CoatLayers({ dog, nowMm, leftMm, rates, unit }: LayersProps) {
  const [layer, setLayer] = useState<'now' | 'left' | 'later'>('now')
  const known = Object.keys(leftMm).length > 0
  const views = useMemo(() => {
    const lengthOf = {
      now: (zone: ZoneId) => nowMm[zone] ?? 0,
      left: (zone: ZoneId) => leftMm[zone] ?? nowMm[zone] ?? 0,
      later: (zone: ZoneId) => grownMm(nowMm[zone] ?? 0, WEEKS, dog.coat, rateAt(zone, dog.coat, rates)),
    }
    return {
      lengthOf,
      now: sideView(dog, lengthOf.now),
      left: sideView(dog, lengthOf.left),
      later: sideView(dog, lengthOf.later),
    }
  }, [dog, nowMm, leftMm, rates])
  const lengthMm = views.lengthOf[layer]
  const tabs = [['now', 'Coat now'], ...(known ? [['left', 'Left last time']] : []), ['later', `In ${WEEKS} weeks`]] as ['now' | 'left' | 'later', string][] // prettier-ignore
  return (
    <section>
      <CoatMap
        label={`${dog.name}, ${layer}`}
        view={views[layer]}
        coat={dog.coat}
        lengthMm={lengthMm}
        callouts={coatCallouts(lengthMm, unit)}
        width={560}
        height={366}
        {...(layer === 'now' && known ? { dotted: views.left } : layer === 'now' ? {} : { dotted: views.now })}
      />
      <div className={styles.layers} role="group" aria-label="Layer">
        {tabs.map(([id, label]) => (
          <button key={id} aria-pressed={layer === id} onClick={() => setLayer(id)}>
            {label}
          </button>
        ))}
        <span className="kv-small">{known ? `dotted: ${layer === 'now' ? 'left last time' : 'coat now'}` : ''}</span>
      </div>
    </section>
  )
}
