import Link from 'next/link'
import { stageLabel, type StageId } from '@/core/stages'
import type { PlannedStage } from '@/core/stages'
import type { Happening } from './useVisitLog'
import styles from './bench.module.css'

/** What can be done on a dog that stands in the tub with conditioner on. Source: common practice. */
const IN_THE_TUB: readonly StageId[] = ['ears', 'nails']

interface FreeProps {
  /** The stage that waits. */
  waits: StageId
  leftMin: number
  toCome: readonly PlannedStage[]
  /** What the day's plan has for them. */
  says: string | null
  add: (happening: Happening) => void
  onNote: () => void
}

/** While a wait runs hands are free: what of this dog fits into it, a note, another dog. */
export function FreeHands({ waits, leftMin, toCome, says, add, onNote }: FreeProps) {
  const fitting = waits === 'condition' ? toCome.filter(({ id, p50 }) => IN_THE_TUB.includes(id) && p50 <= leftMin) : []
  return (
    <div className={styles.free} role="group" aria-label="Hands are free">
      <p>
        <b>Hands are free.</b> {fitting.length > 0 ? 'It fits:' : 'Nothing of this dog fits into it.'} {says}
      </p>
      <div className={styles.ways}>
        {fitting.map(({ id, p50 }) => (
          <button key={id} onClick={() => add({ kind: 'stage-started', stage: id })}>
            {stageLabel(id)}, {Math.round(p50)} min
          </button>
        ))}
        <button onClick={onNote}>Write a note</button>
        <Link href="/">See to another dog</Link>
      </div>
    </div>
  )
}
