import Link from 'next/link'
import styles from './hands.module.css'

/** The two ways to look at a day. */
export const DayWays = ({ here, day, isToday }: { here: 'dog' | 'hands'; day: string; isToday: boolean }) => {
  const on = isToday ? '' : `day=${day}`
  return (
    <nav className={styles.ways} aria-label="Look at the day">
      <Link href={on ? `/?${on}` : '/'} aria-current={here === 'dog' ? 'page' : undefined}>
        by dog
      </Link>
      <Link
        href={`/?${['by=hands', on].filter(Boolean).join('&')}`}
        aria-current={here === 'hands' ? 'page' : undefined}
      >
        by hands
      </Link>
    </nav>
  )
}
