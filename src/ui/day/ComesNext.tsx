import Link from 'next/link'
import type { NextLine } from '@/core/book'
import styles from './day.module.css'

/** Below the day: the next dogs and what to lay out for them, the next day's first, and who waits for a time. */
export function ComesNext({ lines }: { lines: readonly NextLine[] }) {
  if (lines.length === 0) return null
  return (
    <section className={styles.next} aria-label="What comes next">
      <h2>What comes next</h2>
      <ul>
        {lines.map((line) =>
          line.kind === 'waiting' ? (
            <li key="waiting">
              <b>waiting</b>
              <Link className="kv-link" href="/book/waiting">
                {line.dogs.length === 1 ? 'One dog' : `${line.dogs.length} dogs`}
              </Link>
              <span>would come earlier: {line.dogs.join(', ')}</span>
            </li>
          ) : (
            <li key={line.bookingId}>
              <b>{line.when}</b>
              <Link className="kv-link" href={`/bookings/${line.bookingId}/plan`}>
                {line.dog}
              </Link>
              <span>
                {line.kind === 'next day' ? `is the first, for ${line.groomer}` : `comes to ${line.groomer}`}: lay out{' '}
                {line.layOut.join(', ')}
              </span>
            </li>
          ),
        )}
      </ul>
    </section>
  )
}
