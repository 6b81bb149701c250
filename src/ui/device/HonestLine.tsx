'use client'

import { houseClock } from '@/core/clock'
import { honestWords, type Kept } from './honest'
import { useLink } from './link'
import styles from './device.module.css'

/** What of what was noted is where, in one line. */
export function HonestLine({ kept, timeZone }: { kept: Kept; timeZone: string }) {
  const link = useLink()
  const words = honestWords(kept, link, houseClock(timeZone).clock)
  const calm = link.state === 'up' && kept.aside === 0 && kept.loose === 0
  return (
    <p role="status" className={styles.line} data-calm={calm}>
      {words.join(' · ')}
    </p>
  )
}
