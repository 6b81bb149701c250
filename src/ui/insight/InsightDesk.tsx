'use client'

import { useRouter } from 'next/navigation'
import { COATS } from '@/core/coat'
import { NO_PATTERN, type Average, type Insight } from '@/core/insight'
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
  /** What was asked for: how far back, of whom, of which coat or in which pattern; null: all. */
  asked: { span: string; by: number | null; coat: string | null; pattern: string | null }
  /** Minutes by pattern, the longest first; of every coat. */
  byPattern: readonly Average[]
  people: readonly { id: number; name: string }[]
  /** The day since which every groom counts, `25 November 2025`. */
  since: string
  /** Of the dogs whose growth was measured, those that differ most from their coat's table. */
  growth: { shown: readonly Growth[]; measured: number; dogs: number }
}

/** What the house's own grooms of a year say: each chart answers the question above it. */
export function InsightDesk({ view }: { view: InsightView }) {
  const { insight, since, growth, everybodys, asked } = view
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
        {/* Sums of a pattern know no coat, nor those of a coat a pattern. */}
        {asked.pattern === null && <ByCoat insight={insight} known={known} />}
        {asked.coat === null && <ByPattern view={view} />}
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
function Asking({ view: { asked, people, byPattern } }: { view: InsightView }) {
  const router = useRouter()
  const href = (change: Partial<InsightView['asked']>) => {
    const { span, by, coat, pattern } = { ...asked, ...change }
    const of = { ...(by ? { by: String(by) } : {}), ...(coat ? { coat } : {}), ...(pattern ? { pattern } : {}) }
    const query = new URLSearchParams({ span, ...of })
    return `/insight?${query.toString()}`
  }
  // What is asked for stays to be seen where no groom of this span is in it.
  const names = [...new Set([...byPattern.map(({ name }) => name), ...(asked.pattern ? [asked.pattern] : [])])].sort()
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
      <Choice
        label="By whom"
        all="everybody"
        chosen={asked.by}
        of={people.map(({ id, name }) => [id, name])}
        onChoose={(id) => router.push(href({ by: Number(id) || null }))}
      />
      <Choice
        label="Which coat"
        all="every coat"
        chosen={asked.coat}
        of={COATS.map((coat) => [coat, coat])}
        onChoose={(coat) => router.push(href({ coat: coat || null, pattern: null }))}
      />
      <Choice
        label="Which pattern"
        all="every pattern"
        chosen={asked.pattern}
        of={names.map((name) => [name, name])}
        onChoose={(pattern) => router.push(href({ pattern: pattern || null, coat: null }))}
      />
    </div>
  )
}

interface ChoiceProps {
  label: string
  /** What is said where nothing is chosen. */
  all: string
  chosen: string | number | null
  of: readonly (readonly [value: string | number, words: string])[]
  onChoose: (value: string) => void
}

const Choice = ({ label, all, chosen, of, onChoose }: ChoiceProps) => (
  <select
    className="kv-select"
    aria-label={label}
    value={chosen ?? ''}
    onChange={({ target }) => onChoose(target.value)}
  >
    <option value="">{all}</option>
    {of.map(([value, words]) => (
      <option key={value} value={value}>
        {words}
      </option>
    ))}
  </select>
)

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

function ByCoat({ insight, known }: AnswerProps) {
  return (
    <Question
      asks="Which coats take longest?"
      answer={insight.byCoat[0] ? `A ${insight.byCoat[0].name} coat, ${insight.byCoat[0].minutes} min on average.` : ''}
      known={known}
    >
      <Bars rows={insight.byCoat} bars={[['minutes', 'done']]} unit="min" />
    </Question>
  )
}

/** Patterns of fewer grooms than this are chance, and left out. */
const FEWEST_OF_PATTERN = 3
const MOST_PATTERNS = 8

function ByPattern({ view: { byPattern, insight } }: { view: InsightView }) {
  const rows = byPattern.filter(({ name, count }) => name !== NO_PATTERN && count >= FEWEST_OF_PATTERN)
  const [longest] = rows
  const all = byPattern.reduce((sum, { count }) => sum + count, 0)
  const usual = byPattern.reduce((sum, { minutes, count }) => sum + minutes * count, 0) / Math.max(1, all)
  const over = longest ? longest.minutes - Math.round(usual) : 0
  return (
    <Question
      asks="Which patterns take longest?"
      answer={
        longest
          ? `${longest.name}: ${longest.minutes} min over ${longest.count} grooms, ${over > 0 ? `${over} more than a groom takes. Book it so much longer` : 'no more than a groom takes'}.`
          : ''
      }
      known={insight.grooms > 0 && rows.length > 1}
    >
      <NamedBars rows={rows.slice(0, MOST_PATTERNS)} bar="minutes" unit="min" />
    </Question>
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
