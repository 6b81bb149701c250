import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { howLate } from '@/core/book'
import { clockOf, weekdayOf } from '@/core/people'
import { showDay } from '@/core/units'
import type { BookActs, BookView, GoneLine } from './view'
import styles from './book.module.css'
import { May } from '../who/WhoHere'

/** What these weeks lost: cancelled and missed, with who, how late and why; each can be put back. */
export function Gone({ view, acts }: { view: BookView; acts: BookActs }) {
  const { calledOff } = view
  if (calledOff.length === 0) return null
  const missed = calledOff.filter(({ standing }) => standing === 'missed').length
  const cancelled = calledOff.length - missed
  return (
    <section className={styles.gone} aria-label="Cancelled and missed">
      <h2>
        {[cancelled > 0 ? `${cancelled} cancelled` : '', missed > 0 ? `${missed} did not come` : '']
          .filter(Boolean)
          .join(', ')}
      </h2>
      <ul>
        {calledOff.map((line) => (
          <GoneRow key={line.bookingId} line={line} acts={acts} />
        ))}
      </ul>
    </section>
  )
}

function GoneRow({ line, acts }: { line: GoneLine; acts: BookActs }) {
  const router = useRouter()
  const [clash, setClash] = useState<string | null>(null)
  const [busy, start] = useTransition()
  const { bookingId, dog, day, from, standing, startMs, atMs, why } = line
  const putBack = () =>
    start(async () => {
      const answer = await acts.putBack({ bookingId, anyway: clash !== null })
      setClash(answer.ok ? null : answer.problems.map(({ sentence }) => sentence).join(' '))
      router.refresh()
    })
  const how = standing === 'missed' ? 'did not come' : `cancelled ${howLate(startMs, atMs)}`
  return (
    <li>
      <s>
        {weekdayOf(day)} {showDay(day)} {clockOf(from)}
      </s>{' '}
      <b>{dog}</b> {how}
      {why && `: ${why}`} <span className="kv-small">{line.by}</span>{' '}
      <May right="book">
        <button className="kv-word" disabled={busy} onClick={putBack}>
          {clash === null ? 'Put back' : 'Put back anyway'}
        </button>
      </May>
      {clash && <span className="kv-caution"> {clash}</span>}
    </li>
  )
}
