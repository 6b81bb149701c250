import type { Visit } from '@/core/visit'
import styles from './bench.module.css'

/** Under the map: the last note, and what the owner asked. */
export function AtHand({ asked, visit }: { asked: string; visit: Visit }) {
  const note = visit.notes.at(-1)
  return (
    <section className={styles.mind} aria-label="At hand">
      {note && (
        <p className={styles.words}>
          <b>Noted:</b> {note.words}
        </p>
      )}
      {asked && (
        <p className={styles.words}>
          <b>Asked for:</b> {asked}
        </p>
      )}
    </section>
  )
}
