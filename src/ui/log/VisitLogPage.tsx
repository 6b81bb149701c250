import Link from 'next/link'
import { houseClock } from '@/core/clock'
import type { VisitEvent } from '@/core/visit'
import { PrintButton } from '../frame/PrintButton'
import { eventWords } from './eventWords'
import styles from './log.module.css'

interface Line {
  no: number
  receivedMs: number
  event: VisitEvent | null
  state: 'counts' | 'taken back' | 'unread'
  countsMs: number | null
  why: string | null
  stored: string | null
}

export interface LogView {
  visitId: number
  dogName: string
  timeZone: string
  startedMs: number
  lines: readonly Line[]
}

/** What was noted on a bench, line by line, as the books took it in: the one truth that everything else is read from. */
export function VisitLogPage({ view }: { view: LogView }) {
  const { visitId, dogName, timeZone, startedMs, lines } = view
  const time = houseClock(timeZone)
  return (
    <section className={styles.log}>
      <h1>
        The log of {dogName}, {time.longDay(startedMs)}
      </h1>
      <p className="kv-screen-only">
        Nothing in it is ever changed or deleted; what was put right or taken back is a line of its own.{' '}
        <Link href={`/visits/${visitId}/bench`}>To the bench</Link> <PrintButton />
      </p>
      {lines.length === 0 ? (
        <p>Nothing was noted yet.</p>
      ) : (
        <table className="kv-stack">
          <thead>
            <tr>
              <th scope="col">No.</th>
              <th scope="col">When</th>
              <th scope="col">What</th>
              <th scope="col">By</th>
              <th scope="col">Device</th>
              <th scope="col">In the books</th>
            </tr>
          </thead>
          <tbody>
            {lines.map((line) => (
              <tr key={line.no} data-state={line.state}>
                <td>{line.no}</td>
                <td>{line.event ? time.clock(line.event.atMs) : '?'}</td>
                <td>
                  <What line={line} clock={time.clock} />
                </td>
                <td>{line.event?.by ?? '?'}</td>
                <td>
                  <abbr title={line.event?.device}>{line.event?.device?.slice(0, 4) ?? ''}</abbr>
                </td>
                <td data-says="in the books">{time.clock(line.receivedMs)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  )
}

function What({ line: { event, state, countsMs, why, stored }, clock }: { line: Line; clock: (ms: number) => string }) {
  if (event === null)
    return (
      <>
        <b>Set aside.</b> {why} <code>{stored}</code>
      </>
    )
  return (
    <>
      {state === 'taken back' ? <del>{eventWords(event)}</del> : eventWords(event)}
      {state === 'taken back' && ', taken back'}
      {countsMs !== null && `, counts from ${clock(countsMs)}`}
      {event.stampedMs !== undefined && `; its device said ${new Date(event.stampedMs).toISOString().slice(0, 16)}`}
      {event.fromVisit !== undefined && `, noted on the bench of visit ${event.fromVisit} by mistake`}
    </>
  )
}
