'use client'

import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import type { Result } from '@/core/result'
import type { Verdict, Verdicts } from '@/core/repeat'
import { zoneLabel, type ZoneId } from '@/core/zones'
import styles from './wrapUp.module.css'
import { May, useWhoHere } from '../who/WhoHere'

interface SaidProps {
  visitId: number
  /** Zones that were cut. */
  zones: readonly ZoneId[]
  verdicts: Verdicts
  say: (input: unknown) => Promise<Result<null>>
}

const ANSWERS: readonly Verdict[] = ['too short', 'too long']

/** The owner's word on a zone, which bends the next card there. */
export function OwnerSaid({ visitId, zones, verdicts, say }: SaidProps) {
  const router = useRouter()
  const [zone, setZone] = useState<ZoneId>(zones.includes('ear-edge') ? 'ear-edge' : (zones[0] ?? 'back'))
  const [fault, setFault] = useState<string | null>(null)
  const [busy, start] = useTransition()
  const mayAsk = useWhoHere().may('cards')
  const put = (at: ZoneId, verdict: Verdict | null) =>
    start(async () => {
      const answer = await say({ visitId, zone: at, verdict })
      setFault(answer.ok ? null : answer.problems.map(({ sentence }) => sentence).join(' '))
      if (answer.ok) router.refresh()
    })
  const given = Object.entries(verdicts) as [ZoneId, Verdict][]
  return (
    <section aria-label="What the owner said" style={{ marginTop: 12 }}>
      <h2>What the owner said</h2>
      {given.map(([at, verdict]) => (
        <p key={at}>
          {zoneLabel(at)} {verdict}: the next card bends there.{' '}
          <May right="cards">
            <button className="kv-word" onClick={() => put(at, null)}>
              Take it back
            </button>
          </May>
        </p>
      ))}
      {mayAsk && (
        <p style={{ display: 'flex', gap: 8, alignItems: 'center', flexWrap: 'wrap' }}>
          <select
            aria-label="Zone"
            value={zone}
            onChange={(event) => setZone(event.target.value as ZoneId)}
            className={styles.zone}
          >
            {zones.map((each) => (
              <option key={each} value={each}>
                {zoneLabel(each)}
              </option>
            ))}
          </select>
          {ANSWERS.map((verdict) => (
            <button
              key={verdict}
              className="kv-chip"
              disabled={busy}
              aria-pressed={verdicts[zone] === verdict}
              onClick={() => put(zone, verdict)}
            >
              {verdict}
            </button>
          ))}
        </p>
      )}
      {fault && (
        <p role="alert" className="kv-late">
          {fault}
        </p>
      )}
    </section>
  )
}
