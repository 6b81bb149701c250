import type { Known } from './acts'
import styles from './bringIn.module.css'

interface WaysToProps {
  known: readonly Known[]
  /** The household that was chosen; null: a new one. */
  home: number | null
  choose: (home: number | null) => void
}

/** Into a household that is there already, with what it is known by, or into a new one. */
export function WaysTo({ known, home, choose }: WaysToProps) {
  if (known.length === 0) return null
  const own = known.some(({ householdId }) => householdId === home) ? home : null
  return (
    <fieldset className={styles.homes}>
      <legend>Into which household?</legend>
      {known.map(({ householdId, household, owner, dogs, by }) => (
        <button
          key={householdId}
          type="button"
          className="kv-chip"
          aria-pressed={own === householdId}
          onClick={() => choose(householdId)}
        >
          {household}: {[owner, ...dogs.map(({ name }) => name)].filter((name) => name !== '').join(', ')}, by its{' '}
          {by === 'number' ? 'number' : 'names'}
        </button>
      ))}
      <button type="button" className="kv-chip" aria-pressed={own === null} onClick={() => choose(null)}>
        A new one
      </button>
    </fieldset>
  )
}
