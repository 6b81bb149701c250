import styles from './field.module.css'

interface ChoiceProps<T extends string> {
  label: string
  options: readonly T[]
  chosen: T | null
  /** What is chosen is only usual for the breed. */
  usual?: boolean
  onChoose: (choice: T) => void
}

/** One of a few words. */
export const Choice = <T extends string>({ label, options, chosen, usual = false, onChoose }: ChoiceProps<T>) => (
  <div className={styles.chips} role="group" aria-label={label}>
    <span>
      {label}
      {usual && ', usual'}
    </span>
    <div>
      {options.map((each) => (
        <button
          key={each}
          type="button"
          className="kv-chip"
          aria-pressed={each === chosen}
          onClick={() => onChoose(each)}
        >
          {each}
        </button>
      ))}
    </div>
  </div>
)
