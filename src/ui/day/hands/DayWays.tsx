import Link from 'next/link'
import styles from './hands.module.css'

export type DayWay = 'dog' | 'hands' | 'road' | 'rehearse'

const WAYS = {
  dog: 'by dog',
  hands: 'by hands',
  road: 'the van’s road',
  rehearse: 'rehearse it',
} as const satisfies Record<DayWay, string>

interface DayWaysProps {
  here: DayWay
  /** What there is to look at. */
  ways: readonly DayWay[]
  day: string
  isToday: boolean
}

/** The ways to look at a day. */
export const DayWays = ({ here, ways, day, isToday }: DayWaysProps) => {
  return (
    <nav className={styles.ways} aria-label="Look at the day">
      {ways.map((way) => {
        const asked = [...(way === 'dog' ? [] : [`by=${way}`]), ...(isToday ? [] : [`day=${day}`])]
        return (
          <Link
            key={way}
            href={asked.length > 0 ? `/?${asked.join('&')}` : '/'}
            aria-current={here === way ? 'page' : undefined}
          >
            {WAYS[way]}
          </Link>
        )
      })}
    </nav>
  )
}
