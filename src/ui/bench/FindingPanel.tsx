'use client'

import { useState } from 'react'
import { FINDING_KINDS, Finding, findingWords } from '@/core/health'
import { ZONES, isPaired, zoneLabel, type ZoneId } from '@/core/zones'
import { PhotoPick } from './PhotoPick'
import type { Happening } from './useVisitLog'
import type { BenchKey } from '../device/store'
import styles from './bench.module.css'

interface PanelProps {
  bench: BenchKey
  /** What is measured again, or the zone that was tapped. */
  from: Finding | null
  add: (happening: Happening) => void
  close: () => void
}

/** A finding to be filled in, at the zone that was tapped. */
export const freshAt = (zone: ZoneId): Finding => ({
  kind: 'lump',
  zone,
  side: isPaired(zone) ? 'left' : null,
  sizeMm: null,
  status: 'new',
  words: '',
})
const STEP_MM = 1

const withPhoto = ({ photo: _, ...finding }: Finding, photo: string | undefined): Finding =>
  photo ? { ...finding, photo } : finding

/** What hands or eyes found: kind, place, side and size. Facts, no diagnosis. */
export function FindingPanel({ bench, from, add, close }: PanelProps) {
  const [finding, setFinding] = useState<Finding>(from ?? freshAt('side'))
  const { kind, zone, side, sizeMm, words } = finding
  const set = (change: Partial<Finding>) => setFinding({ ...finding, ...change })
  const size = (by: number) => set({ sizeMm: Math.max(0.5, (sizeMm ?? 0) + by) })
  const save = () => {
    add({ kind: 'finding', finding })
    close()
  }
  return (
    <div className={styles.panel} role="dialog" aria-label="Finding">
      <div className={styles.quick} role="group" aria-label="What">
        {FINDING_KINDS.map((each) => (
          <button key={each} aria-pressed={kind === each} onClick={() => set({ kind: each })}>
            {findingWords(each)}
          </button>
        ))}
      </div>
      <div className={styles.quick}>
        <label>
          Where{' '}
          <select
            value={zone}
            onChange={(event) =>
              set({
                zone: event.target.value as ZoneId,
                side: isPaired(event.target.value as ZoneId) ? (side ?? 'left') : null,
              })
            }
          >
            {ZONES.map((each) => (
              <option key={each} value={each}>
                {zoneLabel(each)}
              </option>
            ))}
          </select>
        </label>
        {isPaired(zone) &&
          (['left', 'right'] as const).map((each) => (
            <button key={each} aria-pressed={side === each} onClick={() => set({ side: each })}>
              {each}
            </button>
          ))}
        <button aria-label="Smaller" onClick={() => size(-STEP_MM)} disabled={sizeMm === null}>
          −
        </button>
        <output className={styles.length}>{sizeMm === null ? 'no size' : `${sizeMm} mm`}</output>
        <button aria-label="Larger" onClick={() => size(STEP_MM)}>
          +
        </button>
      </div>
      <div className={styles.quick}>
        <PhotoPick bench={bench} photo={finding.photo} onPhoto={(photo) => setFinding(withPhoto(finding, photo))} />
      </div>
      <textarea
        aria-label="In words"
        placeholder="what you see and feel"
        value={words}
        maxLength={400}
        onChange={(event) => set({ words: event.target.value })}
      />
      <div className={styles.quick}>
        <button onClick={close}>Not now</button>
        <button className={styles.keep} onClick={save}>
          Keep the finding
        </button>
      </div>
    </div>
  )
}
