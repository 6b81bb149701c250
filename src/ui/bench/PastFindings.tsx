import Link from 'next/link'
import {
  FINDING_STATES,
  findingKey,
  findingWords,
  placeWords,
  stopWords,
  type Finding,
  type FindingState,
} from '@/core/health'
import type { Visit } from '@/core/visit'
import { houseClock } from '@/core/clock'
import type { Happening } from './useVisitLog'
import styles from './bench.module.css'

export interface PastFinding extends Finding {
  atMs: number
}

interface PastProps {
  past: readonly PastFinding[]
  visit: Visit
  timeZone: string
  add: (happening: Happening) => void
  /** Opens the panel to measure again. */
  onChanged: (finding: Finding) => void
}

const ANSWERS: readonly FindingState[] = FINDING_STATES.filter((each) => each !== 'new')

/** What was there before comes back as a question: same, changed, gone? */
export function PastFindings({ past, visit, timeZone, add, onChanged }: PastProps) {
  const answered = new Set(visit.findings.map(findingKey))
  const asked = past.filter((each) => !answered.has(findingKey(each)))
  const time = houseClock(timeZone)
  return asked.map(({ atMs, photo: _, ...finding }) => {
    const { kind, sizeMm } = finding
    const answer = (status: FindingState) =>
      status === 'changed'
        ? onChanged({ ...finding, status })
        : add({ kind: 'finding', finding: { ...finding, status, words: '' } })
    return (
      <div
        key={findingKey(finding)}
        className={styles.caution}
        data-level="should"
        role="group"
        aria-label={`${findingWords(kind)}, ${placeWords(finding)}`}
      >
        <p>
          <b>
            {findingWords(kind)} on the {placeWords(finding)}
          </b>
          {sizeMm === null ? '' : `, ${sizeMm} mm`} on {time.shortDay(atMs)}: same?
        </p>
        <div className={styles.grades}>
          {ANSWERS.map((status) => (
            <button key={status} onClick={() => answer(status)}>
              {status}
            </button>
          ))}
        </div>
      </div>
    )
  })
}

/** A finding that stops the hand: what to do now, and a note for the vet. */
export function StopNotice({
  visitId,
  findings,
  sending,
}: {
  /** Null while the server has not begun it. */
  visitId: number | null
  findings: readonly Finding[]
  sending: boolean
}) {
  const latest = [...new Map(findings.map((each) => [findingKey(each), each])).values()]
  const stopping = latest.flatMap((finding) => {
    const words = stopWords(finding)
    return words === null ? [] : [{ finding, words }]
  })
  if (stopping.length === 0) return null
  return (
    <div className={styles.missed} role="alert">
      {stopping.map(({ finding, words }) => (
        <p key={findingKey(finding)}>
          <b>
            {findingWords(finding.kind)}, {placeWords(finding)}
            {finding.sizeMm === null ? '' : `, ${finding.sizeMm} mm`}.
          </b>{' '}
          {words}
        </p>
      ))}
      {sending ? (
        <p>The note for the vet opens when this has reached the house’s books.</p>
      ) : (
        <Link href={`/visits/${visitId}/vet-note`}>Note for the vet</Link>
      )}
    </div>
  )
}
