import Link from 'next/link'
import type { ReactNode } from 'react'
import { DeviceLine } from '../device/DeviceLine'
import { FindAnything } from '../find/FindAnything'
import { WhoChip } from '../who/WhoChip'
import { Clock } from './Clock'
import { Places, type Place } from './Places'
import styles from './frame.module.css'

interface FrameProps {
  here: Place | null
  house: { key: string; name: string; timeZone: string; nowMs: number; demo: boolean }
  children: ReactNode
}

/** What stands on every desk page: where one is, the house, the clock, and the ruler's edge. */
export function Frame({ here, house, children }: FrameProps) {
  return (
    <>
      <header className={`kv-screen-only ${styles.header}`}>
        <div className={styles.bar}>
          <Link href="/" className={styles.brand} aria-label="Kovit, today">
            <Mark />
            <span>Kovit</span>
          </Link>
          <Places here={here} />
          <FindAnything />
          {house.demo && <b className="kv-caution">Demo</b>}
          <span className={styles.house}>{house.name}</span>
          <WhoChip />
          <Clock timeZone={house.timeZone} startMs={house.nowMs} />
        </div>
        <div className={styles.ruler} aria-hidden="true" />
        <DeviceLine houseKey={house.key} timeZone={house.timeZone} drawnMs={house.nowMs} />
      </header>
      <main className="kv-page">{children}</main>
    </>
  )
}

/** A pin in a short tape. */
function Mark() {
  return (
    <svg width={24} height={22} aria-hidden="true">
      <path
        d="M4 6v14M4 19.5h18M9 19v-4M13 19v-6M17 19v-4M21 19v-6"
        stroke="var(--kv-ink)"
        strokeWidth={1.8}
        fill="none"
      />
      <circle cx={4} cy={5} r={3.6} fill="var(--kv-now)" />
    </svg>
  )
}
