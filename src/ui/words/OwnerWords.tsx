'use client'

import { useId, useMemo } from 'react'
import { markedWords, zonesAt, type Request } from '@/core/request'
import type { Case, Plan } from '@/core/plan'
import { keysLabel } from '../plan/zoneKeys'
import type { LengthUnit } from '@/core/units'
import type { ZoneKey } from '@/core/zones'
import type { Change } from '../plan/usePlan'
import { MarkedText } from './MarkedText'
import { Questions } from './Questions'
import { Remarks, type KeepRemark } from './Remarks'
import styles from './words.module.css'

export interface OwnerWordsProps {
  case_: Case
  plan: Plan
  unit: LengthUnit
  label?: string
  /** What was said before the last visit; empty when nothing was. */
  lastWords: string
  ask: (next: Partial<Request>, stroke?: string) => void
  change: (next: Change) => string | null
  keepRemark: KeepRemark
  /** Zones that the words under the caret, or under the pointer, are about. */
  onLit: (zones: readonly ZoneKey[]) => void
}

/** The owner's words, and beside them, while they are typed, what each was taken for and what has to be asked back. */
export function OwnerWords(props: OwnerWordsProps) {
  const { case_, plan, unit, label = 'In the owner’s words', lastWords, ask, change, keepRemark, onLit } = props
  const id = useId()
  const words = case_.request.words ?? ''
  const answers = case_.request.answers ?? []
  const pieces = useMemo(() => markedWords(words, plan), [words, plan])
  const answer = (asked: string, said: string) =>
    ask({ answers: [...answers.filter((each) => each.asked !== asked), { asked, said }] })
  const askAgain = (asked: string) => ask({ answers: answers.filter((each) => each.asked !== asked) })
  const type = (next: string) =>
    // An answer to words that are no longer there says nothing.
    ask({ words: next, answers: answers.filter(({ asked }) => next.includes(asked)) }, 'words')
  return (
    <div className={styles.words}>
      <div className="kv-field">
        <label htmlFor={id}>{label}</label>
        <MarkedText
          id={id}
          words={words}
          pieces={pieces}
          rows={4}
          placeholder="half an inch all over, leave the ears, tail an inch off the floor"
          onWords={type}
          onCaret={(at) => onLit(at === null ? [] : zonesAt(pieces, at))}
        />
      </div>
      {words === '' && lastWords !== '' && (
        <p className="kv-small">
          Last time: “{lastWords}”{' '}
          <button className="kv-word" onClick={() => type(lastWords)}>
            Say it again
          </button>
        </p>
      )}
      <Questions case_={case_} plan={plan} unit={unit} onAnswer={answer} onLit={onLit} />
      <Understood plan={plan} answers={answers} onAskAgain={askAgain} onLit={onLit} />
      <Remarks case_={case_} plan={plan} change={change} keepRemark={keepRemark} />
      {plan.chatter.length > 0 && (
        <p className={styles.chatter}>
          <b>Not a wish:</b>{' '}
          {plan.chatter.map(({ words: said, from, why }, at) => (
            <span key={from}>
              {at > 0 && ', '}“{said}”{why === 'taken-back' && ', taken back'}
              {answers.some(({ asked }) => asked === said) && (
                <button className="kv-word" onClick={() => askAgain(said)}>
                  Ask again
                </button>
              )}
            </span>
          ))}
        </p>
      )}
    </div>
  )
}

interface UnderstoodProps {
  plan: Plan
  answers: NonNullable<Request['answers']>
  onAskAgain: (asked: string) => void
  onLit: (zones: readonly ZoneKey[]) => void
}

function Understood({ plan, answers, onAskAgain, onLit }: UnderstoodProps) {
  if (plan.understood.length === 0) return null
  return (
    <section aria-label="Understood">
      <h3 className={styles.heading}>Understood</h3>
      <ul className={styles.rows}>
        {plan.understood.map(({ words: said, from, zones, means }, at) => {
          const answered = answers.find(({ asked }) => asked === said)
          return (
            <li
              key={`${from} ${at}`}
              data-kind="understood"
              onPointerEnter={() => onLit(zones)}
              onPointerLeave={() => onLit([])}
            >
              <span>
                <b>{keysLabel(zones)}:</b> {means}
              </span>
              <span className="kv-small">
                “{said}”{answered && `, answered: ${answered.said}`}
                {answered && (
                  <button className="kv-word" onClick={() => onAskAgain(said)}>
                    Ask again
                  </button>
                )}
              </span>
            </li>
          )
        })}
      </ul>
    </section>
  )
}
