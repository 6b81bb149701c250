'use client'

import { useState, useTransition } from 'react'
import { isForFile, withRemark, type ForFile } from '@/core/dog'
import { findingWords } from '@/core/health'
import type { Case, Plan } from '@/core/plan'
import type { Remark } from '@/core/request'
import type { Result } from '@/core/result'
import type { Change } from '../plan/usePlan'
import { keyLabel } from '../plan/zoneKeys'
import styles from './words.module.css'

export type KeepRemark = (input: { words: string; about: ForFile }) => Promise<Result<unknown>>

interface RemarksProps {
  case_: Case
  plan: Plan
  change: (next: Change) => string | null
  keepRemark: KeepRemark
}

/** Mats that are told of and not graded yet. */
const TOLD_MATS = 2

const keptOf = ({ health = [], behaviour = {} }: Case) => ({ health, behaviour })

/** What the owner says of health and temper: no length changes by it; it is offered for the file or the look-over. */
export function Remarks({ case_, plan, change, keepRemark }: RemarksProps) {
  const [fault, setFault] = useState<string | null>(null)
  const [busy, start] = useTransition()
  if (plan.remarks.length === 0) return null
  const toFile = (words: string, about: ForFile) =>
    start(async () => {
      const answer = await keepRemark({ words, about }).catch(() => null)
      if (answer?.ok) change((now) => ({ ...now, ...withRemark(keptOf(now), about, words, now.date) }))
      setFault(answer?.ok ? null : 'It was not kept: the house does not answer now. Try again in a moment.')
    })
  return (
    <section aria-label="For the file">
      <h3 className={styles.heading}>For the file, not for the card</h3>
      <ul className={styles.rows}>
        {plan.remarks.map(({ words, from, about }) => (
          <li key={from} data-kind="remark">
            <span>
              <b>{aboutWords(about)}</b>
            </span>
            <span className="kv-small">“{words}”</span>
            <Offer about={about} case_={case_} busy={busy} change={change} toFile={(which) => toFile(words, which)} />
          </li>
        ))}
      </ul>
      {fault && (
        <p role="alert" className="kv-late">
          {fault}
        </p>
      )}
    </section>
  )
}

function aboutWords(about: Remark['about']): string {
  const place = 'zone' in about && about.zone ? `, ${keyLabel(about.zone).toLowerCase()}` : ''
  switch (about.kind) {
    case 'health':
      return findingWords(about.health) + (about.side ? `, ${about.side}` : '') + place
    case 'temper':
      return `Minds ${about.trigger}, grade ${about.grade}`
    case 'mats':
      return `Mats${place}`
    case 'care':
      return `With care${place}`
  }
}

interface OfferProps {
  about: Remark['about']
  case_: Case
  busy: boolean
  change: (next: Change) => string | null
  toFile: (about: ForFile) => void
}

function Offer({ about, case_, busy, change, toFile }: OfferProps) {
  if (isForFile(about)) {
    const kept = keptOf(case_)
    const after = withRemark(kept, about, '', case_.date)
    if (JSON.stringify(after) === JSON.stringify(kept)) return <span className="kv-small">In the file.</span>
    return (
      <button className="kv-chip" disabled={busy} onClick={() => toFile(about)}>
        {about.kind === 'health' ? 'Pin it in the file' : 'Keep the grade'}
      </button>
    )
  }
  if (about.kind === 'mats' && about.zone) {
    const { zone } = about
    if ((case_.mats?.[zone] ?? 0) > 0) return <span className="kv-small">Graded {case_.mats?.[zone]}.</span>
    return (
      <button className="kv-chip" onClick={() => change({ ...case_, mats: { ...case_.mats, [zone]: TOLD_MATS } })}>
        Note mats, grade {TOLD_MATS}
      </button>
    )
  }
  return <span className="kv-small">Shown at the bench with the owner’s words.</span>
}
