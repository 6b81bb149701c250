'use client'

import { InputNumber } from 'antd'
import { useMemo, useState } from 'react'
import { drawingOf } from '@/core/card'
import { makePlan, type Case, type Plan } from '@/core/plan'
import { lengthAnswer, type Question } from '@/core/request'
import { mmFromInch, type LengthUnit } from '@/core/units'
import { ZONES, type ZoneKey } from '@/core/zones'
import { DogPicture, unitWord } from '../coat-map'
import styles from './words.module.css'

interface QuestionsProps {
  case_: Case
  plan: Plan
  unit: LengthUnit
  onAnswer: (asked: string, said: string) => void
  onLit: (zones: readonly ZoneKey[]) => void
}

/** So many questions have their answers drawn; the next ones are drawn when these are answered. */
const DRAWN = 2

/** What has to be asked back, each with what may be meant as buttons, drawn as it would leave the dog. */
export function Questions({ case_, plan, unit, onAnswer, onLit }: QuestionsProps) {
  if (plan.questions.length === 0) return null
  return (
    <section aria-label="To ask back" className={styles.questions}>
      <h3 className={`${styles.heading} kv-caution`}>To ask back</h3>
      <ul className={styles.rows}>
        {plan.questions.map((question, at) => (
          <li
            key={`${question.from} ${question.question}`}
            data-kind="question"
            onPointerEnter={() => onLit(question.zones)}
            onPointerLeave={() => onLit([])}
          >
            <span>
              “{question.words}”: {question.question}
            </span>
            <div className={styles.readings}>
              {question.readings.map((reading) => (
                <Reading
                  key={reading}
                  case_={case_}
                  question={question}
                  reading={reading}
                  drawn={at < DRAWN}
                  onAnswer={onAnswer}
                />
              ))}
              <LengthField question={question} unit={unit} onAnswer={onAnswer} />
              <button className={styles.noWish} onClick={() => onAnswer(question.words, '')}>
                Not a wish
              </button>
            </div>
          </li>
        ))}
      </ul>
    </section>
  )
}

interface ReadingProps {
  case_: Case
  question: Question
  reading: string
  drawn: boolean
  onAnswer: (asked: string, said: string) => void
}

/** One thing that may be meant: the words, and the dog as it would leave it. */
function Reading({ case_, question, reading, drawn, onAnswer }: ReadingProps) {
  const coatMm = useMemo(() => {
    if (!drawn) return null
    const { request } = case_
    const answers = [...(request.answers ?? []), { asked: question.words, said: reading }]
    const { lengthAt } = drawingOf(makePlan({ ...case_, request: { ...request, answers } }).card)
    return Object.fromEntries(ZONES.map((zone) => [zone, lengthAt(zone)]))
  }, [case_, question, reading, drawn])
  return (
    <button className={styles.reading} onClick={() => onAnswer(question.words, reading)}>
      {coatMm && (
        <DogPicture
          label={`${case_.dog.name}, ${reading}`}
          dog={case_.dog}
          coatMm={coatMm}
          width={112}
          height={84}
          bare
        />
      )}
      {reading}
    </button>
  )
}

type LengthProps = Pick<ReadingProps, 'question' | 'onAnswer'> & { unit: LengthUnit }

/** Where a length is asked for, any other one. */
function LengthField({ question, unit, onAnswer }: LengthProps) {
  const [length, setLength] = useState<number | null>(null)
  const answer = lengthAnswer(question)
  if (!answer) return null
  const take = () => length !== null && onAnswer(question.words, answer(unit === 'mm' ? length : mmFromInch(length)))
  return (
    <div className={styles.length}>
      <InputNumber
        aria-label={`Length for “${question.words}”`}
        min={0.5}
        max={unit === 'mm' ? 300 : 11.8}
        value={length}
        onChange={setLength}
        onPressEnter={take}
        suffix={unitWord(unit)}
      />
      <button className={styles.noWish} disabled={length === null} onClick={take}>
        This length
      </button>
    </div>
  )
}
