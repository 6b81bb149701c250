import Link from 'next/link'
import { zoneLabel } from '@/core/zones'
import { BookVisit } from '../booking/BookVisit'
import type { WrapUpActs, WrapUpView } from './view'
import styles from './wrapUp.module.css'

/** The next visit: booked already, or when it should be and why. */
export function NextVisit({ view, book }: { view: WrapUpView; book: WrapUpActs['book'] }) {
  return (
    <>
      <h2>Next visit</h2>
      {view.next ? (
        <>
          <p className={styles.date}>{view.next.when}</p>
          <Link className="kv-button" href={view.next.href}>
            Plan the next visit
          </Link>
        </>
      ) : (
        <Proposed view={view} book={book} />
      )}
    </>
  )
}

function Proposed({ view, book }: { view: WrapUpView; book: WrapUpActs['book'] }) {
  const { dog, plan, proposal, staff, today } = view
  const booking = { dogId: dog.id, dogName: dog.name, staff, today, main: false, book }
  return (
    <>
      <p className={styles.date}>{proposal.longDay}</p>
      <p>
        In {proposal.weeks} {proposal.weeks === 1 ? 'week' : 'weeks'}: {proposal.because} then.
      </p>
      {plan.growing.map(
        ({ zone, readyOn }) =>
          readyOn && (
            <p key={zone}>
              {zoneLabel(zone)} {readyOn <= proposal.day ? 'is then long enough.' : 'still grows then.'}
            </p>
          ),
      )}
      <BookVisit {...booking} day={proposal.day} label="Book it" />
      {proposal.tidy && (
        <>
          <p style={{ marginTop: 10 }}>Kept long, it wants a bath and tidy between: {proposal.tidy.longDay}.</p>
          <BookVisit {...booking} day={proposal.tidy.day} label="Book a bath and tidy" tidy again={false} />
        </>
      )}
    </>
  )
}
