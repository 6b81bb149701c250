import { SCHOOLS, type House, type SchoolId } from '@/core/order'
import styles from './house.module.css'

/** Where groomers disagree, each side with its reason. */
export function Schools({
  rules,
  onChoose,
}: {
  rules: House
  onChoose: (rule: Partial<Record<SchoolId, string>>) => void
}) {
  return (Object.keys(SCHOOLS) as SchoolId[]).map((id) => (
    <SchoolRow key={id} id={id} chosen={rules[id]} onChoose={(choice) => onChoose({ [id]: choice })} />
  ))
}

function SchoolRow({ id, chosen, onChoose }: { id: SchoolId; chosen: string; onChoose: (choice: string) => void }) {
  const { asks, choices } = SCHOOLS[id]
  return (
    <div className={styles.school} role="group" aria-label={asks}>
      <h2>{asks}</h2>
      <div className={styles.choices}>
        {Object.entries(choices).map(([choice, { words, says }]) => (
          <button
            key={choice}
            type="button"
            className={styles.choice}
            aria-pressed={choice === chosen}
            onClick={() => onChoose(choice)}
          >
            <b>{words}</b> <span>{says}</span>
          </button>
        ))}
      </div>
    </div>
  )
}
