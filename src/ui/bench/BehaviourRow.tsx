import { notedAt, type StageId, type Trigger } from '@/core/stages'
import type { Visit } from '@/core/visit'
import type { Happening } from './useVisitLog'
import styles from './bench.module.css'

/** Behaviour 0 to 4 in words. Source: common practice. */
export const GRADES = ['relaxed', 'fidgets', 'resists', 'struggles', 'bites or panics'] as const

const AROUND: Partial<Record<Trigger, string>> = { people: 'people', dogs: 'other dogs' }

/** From this grade on it is worth knowing what worked. Source: from memory. */
const MINDS = 2
const WORKED = ['a break', 'hand dryer', 'second handler', 'other order', 'lying down', 'helper arm'] as const

interface RowProps {
  name: string
  stage: StageId
  visit: Visit
  last: Partial<Record<Trigger, number>>
  /** What worked before, by trigger. */
  worked: Partial<Record<Trigger, string>>
  add: (happening: Happening) => void
}

/** How the dog takes this stage, in one tap; the next plan starts from it. */
export function BehaviourRow({ name, stage, visit, last, worked, add }: RowProps) {
  const trigger = notedAt(stage)
  if (trigger === null) return null
  const today = visit.behaviour[trigger]
  const grade = today?.grade
  const before = last[trigger]
  return (
    <div role="group" aria-label={`How ${name} takes the ${trigger}`}>
      <p>
        <b>
          {name} and {AROUND[trigger] ?? `the ${trigger}`}:
        </b>{' '}
        {grade !== undefined ? GRADES[grade] : before !== undefined ? `${GRADES[before]} last time` : 'not noted yet'}
      </p>
      <div className={styles.grades}>
        {GRADES.map((words, each) => (
          <button
            key={words}
            aria-label={`${each}, ${words}`}
            aria-pressed={grade === each}
            title={words}
            onClick={() => add({ kind: 'behaviour', trigger, grade: each, worked: '' })}
          >
            {each}
          </button>
        ))}
      </div>
      {grade !== undefined && grade >= MINDS && (
        <div className={styles.worked} role="group" aria-label="What worked">
          {WORKED.map((words) => (
            <button
              key={words}
              aria-pressed={today?.worked === words}
              onClick={() => add({ kind: 'behaviour', trigger, grade, worked: words })}
            >
              {words}
            </button>
          ))}
        </div>
      )}
      {grade === undefined && worked[trigger] && <p>Worked last time: {worked[trigger]}.</p>}
    </div>
  )
}
