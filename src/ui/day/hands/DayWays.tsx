import Link from 'next/link'
import styles from './hands.module.css'

export type DayWay = 'dog' | 'hands' | 'rehearse'

const WAYS = { dog: 'by dog', hands: 'by hands', rehearse: 'rehearse it' } as const satisfies Record<DayWay, string>

interface DayWaysProps {
  here: DayWay
  day: string
  isToday: boolean
  /** A day that is over is not rehearsed. */
  isPast: boolean
}

/** The ways to look at a day. */
export const DayWays = ({ here, day, isToday, isPast }: DayWaysProps) => {
  const ways = (Object.keys(WAYS) as DayWay[]).filter((way) => way !== 'rehearse' || !isPast)
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
