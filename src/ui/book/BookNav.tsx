import Link from 'next/link'
import styles from './book.module.css'

const PLACES = [
  ['Weeks', '/book'],
  ['Repeats', '/book/repeats'],
  ['Waiting', '/book/waiting'],
  ['Outbox', '/book/outbox'],
  ['Calendars', '/book/calendars'],
] as const

export type BookPlace = (typeof PLACES)[number][0]

/** The rooms of the book. */
export const BookNav = ({ here }: { here: BookPlace }) => (
  <nav className={styles.nav} aria-label="The book">
    {PLACES.map(([label, href]) => (
      <Link key={href} href={href} aria-current={here === label ? 'page' : undefined}>
        {label}
      </Link>
    ))}
  </nav>
)
