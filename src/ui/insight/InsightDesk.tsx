'use client'

import { useRouter } from 'next/navigation'
import { COATS } from '@/core/coat'
import type { Insight } from '@/core/insight'
import { stageLabel, type Family } from '@/core/stages'
import { Bars, Lines, NamedBars, Question, bottomNear } from './Question'
import styles from './insight.module.css'

export interface Growth {
  name: string
  coat: string
  mmPerWeek: number
  tableMm: number
}

const percent = (share: number): number => Math.round(share * 100)
/** Fewer grooms than this tell nothing yet. */
const FEWEST = 5
const MOST_STAGES = 8
const WEEKS = [0, 2, 4, 6, 8, 10, 12]

/** What Insight has counted. */
export interface InsightView {
  insight: Insight
  /** Whether the figures of everybody are here, or those of who looks alone. */
  everybodys: boolean
  /** What was asked for: how far back, of whom, of which coat; null: all. */
  asked: { span: string; by: number | null; coat: string | null }
  people: readonly { id: number; name: string }[]
  /** The day since which every groom counts, `25 November 2025`. */
  since: string
  /** Of the dogs whose growth was measured, those that differ most from their coat's table. */
  growth: { shown: readonly Growth[]; measured: number; dogs: number }
}

/** What the house's own grooms of a year say: each chart answers the question above it. */
export function InsightDesk({ view }: { view: InsightView }) {
  const { insight, since, growth, everybodys } = view
  const { grooms } = insight
  const known = grooms >= FEWEST
  return (
    <>
      <div className="kv-head">
        <h1>Insight</h1>
        <p className="kv-quiet">
          {known ? `All ${grooms} grooms since ${since}.` : 'It fills as grooms are wrapped up.'}
        </p>
      </div>
      <Asking view={view} />
      <div className={styles.questions}>
        <Minutes insight={insight} known={known} everybodys={everybodys} />
        <Promises insight={insight} known={known} />
        <Trims insight={insight} known={known} />
        <CoatGrowth growth={growth} />
      </div>
    </>
  )
}

const SPANS = [
  ['year', 'A year'],
  ['three years', 'Three years'],
  ['all', 'All years'],
] as const

/** Which grooms the answers are of. */
function Asking({ view: { asked, people } }: { view: InsightView }) {
  const router = useRouter()
  const href = (change: Partial<InsightView['asked']>) => {
    const { span, by, coat } = { ...asked, ...change }
    const query = new URLSearchParams({ span, ...(by ? { by: String(by) } : {}), ...(coat ? { coat } : {}) })
    return `/insight?${query.toString()}`
  }
  return (
    <div className={styles.asking}>
      {SPANS.map(([span, label]) => (
        <button
          key={span}
          type="button"
          className="kv-chip"
          aria-pressed={asked.span === span}
          onClick={() => router.push(href({ span }))}
        >
          {label}
        </button>
      ))}
      <select
        className="kv-select"
        aria-label="By whom"
        value={asked.by ?? ''}
        onChange={({ target }) => router.push(href({ by: Number(target.value) || null }))}
      >
        <option value="">everybody</option>
        {people.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
      <select
        className="kv-select"
        aria-label="Which coat"
        value={asked.coat ?? ''}
        onChange={({ target }) => router.push(href({ coat: target.value || null }))}
      >
        <option value="">every coat</option>
        {COATS.map((coat) => (
          <option key={coat} value={coat}>
            {coat}
          </option>
        ))}
      </select>
    </div>
  )
}

interface AnswerProps {
  insight: Insight
  known: boolean
}

function Minutes({ insight, known, everybodys }: AnswerProps & Pick<InsightView, 'everybodys'>) {
  return (
    <>
      <Question asks="Where do the minutes go?" answer={`${longest(insight)} takes most.`} known={known}>
        <Bars
          rows={insight.byFamily.map(({ family, plannedMin, doneMin }) => ({
            name: family,
            planned: Math.round(plannedMin),
            done: Math.round(doneMin),
          }))}
          bars={[
            ['planned', 'planned'],
            ['done', 'done'],
          ]}
          unit="min"
        />
      </Question>
      <Question
        asks="Which coats take longest?"
        answer={
          insight.byCoat[0] ? `A ${insight.byCoat[0].name} coat, ${insight.byCoat[0].minutes} min on average.` : ''
        }
        known={known}
      >
        <Bars rows={insight.byCoat} bars={[['minutes', 'done']]} unit="min" />
      </Question>
      <Question
        asks={everybodys ? 'Who takes how long?' : 'How long do you take?'}
        answer={
          everybodys
            ? 'Coats and dogs differ between people: this compares days, not hands.'
            : 'Yours alone; the owner of the house sees everybody’s.'
        }
        known={known && insight.byGroomer.length > 0}
      >
        <Bars rows={insight.byGroomer} bars={[['minutes', 'done']]} unit="min" />
      </Question>
    </>
  )
}

function Promises({ insight, known }: AnswerProps) {
  const { ninety, months } = insight
  const worst = insight.bias[0]
  const slots = months.map(({ month, slotsKept }) => ({
    name: monthWord(month, months.length),
    kept: percent(slotsKept),
  }))
  return (
    <>
      <Question
        asks="Do the promises hold?"
        answer={`Of ${ninety.count} grooms ${percent(ninety.kept / Math.max(1, ninety.count))} % stayed within their “nine in ten”.`}
        known={known}
      >
        <Bars
          rows={insight.tenths.map(({ said, kept }) => ({
            name: `${percent(said)} %`,
            said: percent(said),
            held: percent(kept),
          }))}
          bars={[
            ['said', 'planned'],
            ['held', 'done'],
          ]}
          unit="%"
        />
      </Question>
      <Question
        asks="Which stages are planned too short or too long?"
        answer={
          worst
            ? `${stageLabel(worst.stage)} runs ${Math.abs(worst.percent)} % ${worst.percent > 0 ? 'over' : 'under'}.`
            : ''
        }
        known={insight.bias.length > 0}
      >
        <NamedBars
          rows={insight.bias
            .slice(0, MOST_STAGES)
            .map(({ stage, percent: over }) => ({ name: stageLabel(stage), over }))}
          bar="over"
          unit="%"
        />
      </Question>
      <Question
        asks="Are slots kept?"
        answer={slots.at(-1) ? `${slots.at(-1)?.kept} % ${lately(months)}.` : ''}
        known={known}
      >
        <Lines
          rows={slots}
          lines={['kept']}
          unit="%"
          top={100}
          bottom={bottomNear(
            100,
            slots.map(({ kept }) => kept),
          )}
        />
      </Question>
    </>
  )
}

function Trims({ insight: { months }, known }: AnswerProps) {
  const repeats = months.flatMap(({ month, repeat }) =>
    repeat === null ? [] : [{ name: monthWord(month, months.length), score: Math.round(repeat) }],
  )
  const grades = months.flatMap(({ month, worstGrade }) =>
    worstGrade === null ? [] : [{ name: monthWord(month, months.length), grade: Number(worstGrade.toFixed(1)) }],
  )
  return (
    <>
      <Question
        asks="How close do cuts come to their cards?"
        answer={repeats.at(-1) ? `${repeats.at(-1)?.score} of 100 ${lately(months)}.` : ''}
        known={known && repeats.length > 0}
      >
        <Lines
          rows={repeats}
          lines={['score']}
          unit="of 100"
          top={100}
          bottom={bottomNear(
            100,
            repeats.map(({ score }) => score),
          )}
        />
      </Question>
      <Question
        asks="Do dogs take it easier?"
        answer="The worst grade of each groom, averaged: 0 relaxed, 4 panics."
        known={grades.length > 0}
      >
        <Lines rows={grades} lines={['grade']} unit="" top={4} />
      </Question>
    </>
  )
}

function CoatGrowth({ growth: { shown, measured, dogs } }: Pick<InsightView, 'growth'>) {
  return (
    <Question
      asks="How fast does the coat grow?"
      answer={`Body coat, mm by weeks: the ${shown.length} that differ most from their coat's table, of ${measured} measured among ${dogs} dogs.`}
      known={shown.length > 0}
    >
      <Lines
        rows={WEEKS.map((week) => ({
          name: `${week} wk`,
          ...Object.fromEntries(shown.map(({ name, mmPerWeek }) => [name, Number((mmPerWeek * week).toFixed(1))])),
        }))}
        lines={shown.map(({ name }) => name)}
        unit="mm"
        named
      />
    </Question>
  )
}

const LONGEST: Record<Family, string> = {
  look: 'Looking',
  prepare: 'Preparing',
  bath: 'The bath',
  dry: 'Drying',
  clip: 'Clipping',
  scissor: 'Scissoring',
}
const longest = ({ byFamily }: Insight): string =>
  LONGEST[[...byFamily].sort((a, b) => b.doneMin - a.doneMin)[0]?.family ?? 'look']

const lately = (months: Insight['months']): string => (months.at(-1)?.month.length === 4 ? 'this year' : 'this month')

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec']
/** A year is itself; a month has its year where more than one is shown. */
function monthWord(month: string, shown: number): string {
  const word = MONTHS[Number(month.slice(5)) - 1] ?? month
  return shown > 13 && month.length > 4 ? `${word} ${month.slice(0, 4)}` : word
}
