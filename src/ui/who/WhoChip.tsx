'use client'

import { useWhoHere } from './WhoHere'
import styles from './who.module.css'

/** Who is at the table: a press asks who takes it next. */
export function WhoChip() {
  const { who, ask } = useWhoHere()
  if (!who) return null
  const words = who.demo ? `as ${who.name}` : who.name
  return (
    <button type="button" className={styles.chip} onClick={ask} aria-label={`${words}, at the table. Change`}>
      {words}
    </button>
  )
}
