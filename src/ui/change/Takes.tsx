import { TRIGGERS, type Trigger } from '@/core/stages'
import type { PartProps } from './part'
import styles from './change.module.css'

const GRADES = ['relaxed', 'fidgets', 'resists', 'struggles', 'panics'] as const

/** How the dog takes each thing, 0 to 4, and what helped. */
export function Takes({ file, set }: PartProps) {
  const { behaviour, more } = file
  const grade = (trigger: Trigger, value: number) => {
    const { [trigger]: _, ...others } = behaviour
    set({ behaviour: value === 0 ? others : { ...behaviour, [trigger]: value } })
  }
  const help = (trigger: Trigger, words: string) => {
    const { [trigger]: _, ...others } = more.helped
    set({ more: { ...more, helped: words === '' ? others : { ...more.helped, [trigger]: words } } })
  }
  return (
    <section aria-label="How it takes things">
      <h2>How it takes things</h2>
      <table className={`kv-rows ${styles.takes}`}>
        <thead>
          <tr>
            <th>At</th>
            <th>0 to 4</th>
            <th>What helped</th>
          </tr>
        </thead>
        <tbody>
          {TRIGGERS.map((trigger) => (
            <tr key={trigger}>
              <td>{trigger}</td>
              <td>
                <select
                  aria-label={`${trigger}, 0 to 4`}
                  className="kv-select"
                  value={behaviour[trigger] ?? 0}
                  onChange={(event) => grade(trigger, Number(event.target.value))}
                >
                  {GRADES.map((words, value) => (
                    <option key={words} value={value}>
                      {value} {words}
                    </option>
                  ))}
                </select>
              </td>
              <td>
                <input
                  aria-label={`What helped with ${trigger}`}
                  maxLength={200}
                  value={more.helped[trigger] ?? ''}
                  onChange={(event) => help(trigger, event.target.value)}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}
